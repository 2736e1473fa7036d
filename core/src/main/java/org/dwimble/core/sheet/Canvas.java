package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/** Marks gathered for one side of a sheet, with the letters they are set in and what is worth knowing about them. */
public final class Canvas {
    private static final Colour NOT = Colour.of("#8b1e3f");

    /** Where writing stands in its room, up and down. */
    public enum Stand {
        TOP, MIDDLE, BOTTOM
    }

    private final Type type;
    private final List<Mark> marks = new ArrayList<>();
    private final List<Told> notes = new ArrayList<>();

    public Canvas(Type type) {
        Effort.sheet();
        this.type = type;
    }

    public Type type() {
        return type;
    }

    public List<Mark> marks() {
        return marks;
    }

    public List<Told> notes() {
        return notes;
    }

    public void card(Rect rect, Length radius, @Nullable Colour fill) {
        marks.add(new Mark.Card(rect, radius, fill, null, Length.ZERO));
    }

    public void line(Length x1, Length y1, Length x2, Length y2, boolean dashed) {
        marks.add(new Mark.Line(x1, y1, x2, y2, dashed));
    }

    /** The outline of a rectangle, to cut along. */
    public void cut(Rect rect) {
        line(rect.x(), rect.y(), rect.right(), rect.y(), true);
        line(rect.x(), rect.bottom(), rect.right(), rect.bottom(), true);
        line(rect.x(), rect.y(), rect.x(), rect.bottom(), true);
        line(rect.right(), rect.y(), rect.right(), rect.bottom(), true);
    }

    public void circle(Length x, Length y, Length radius, @Nullable Colour fill) {
        marks.add(new Mark.Card(new Rect(x.minus(radius), y.minus(radius), radius.times(2), radius.times(2)), radius, fill, null, Length.ZERO));
    }

    /** Two strokes across a square in the middle of a room: not this. */
    public void not(Rect room) {
        Length side = Length.smaller(room.width(), room.height()).times(0.92);
        Length left = room.x().plus(room.width().minus(side).times(0.5));
        Length top = room.y().plus(room.height().minus(side).times(0.5));
        Length right = left.plus(side);
        Length bottom = top.plus(side);
        Length width = side.times(0.06);
        marks.add(new Mark.Stroke(List.of(new Mark.Point(left, top), new Mark.Point(right, bottom)), NOT, width, false));
        marks.add(new Mark.Stroke(List.of(new Mark.Point(right, top), new Mark.Point(left, bottom)), NOT, width, false));
    }

    /** Pictures side by side, each in an equal share of a room. @param told what they show; null if words beside them say so */
    public void pictures(Rect room, List<String> pictures, @Nullable String told) {
        if (pictures.isEmpty() || room.width().micrometres() == 0 || room.height().micrometres() == 0) {
            return;
        }
        boolean across = room.width().compareTo(room.height()) >= 0 || pictures.size() == 1;
        Length gap = pictures.size() == 1 ? Length.ZERO : Length.smaller(room.width(), room.height()).times(0.04);
        Length side = (across ? room.width() : room.height()).minus(gap.times(pictures.size() - 1)).part(pictures.size());
        for (int i = 0; i < pictures.size(); i++) {
            Length along = side.plus(gap).times(i);
            marks.add(new Mark.Picture(across ? new Rect(room.x().plus(along), room.y(), side, room.height())
                : new Rect(room.x(), room.y().plus(along), room.width(), side), pictures.get(i), i == 0 ? told : null));
        }
    }

    /** How large a label can be in a room, at most {@code largest}. */
    public Length fits(String label, Rect room, Length largest) {
        return FittedLabel.fit(printable(label), room.width(), room.height(), largest, type).size();
    }

    /**
     * Writes a label in the middle of a room, on one line or two.
     *
     * @param largest it never grows beyond that
     */
    public void write(String label, Rect room, Length largest, Stand stand, boolean onDark) {
        write(label, room, largest, stand, onDark, true);
    }

    /** As above. @param centred false to begin at the start of the room */
    public void write(String label, Rect room, Length largest, Stand stand, boolean onDark, boolean centred) {
        FittedLabel fitted = FittedLabel.fit(printable(label), room.width(), room.height(), largest, type);
        if (!fitted.whole()) {
            note(Told.of("cut-short-on-paper", "label", Text.cut(label, 30)));
        }
        Length high = fitted.size().times(FittedLabel.LINE * fitted.lines().size());
        Length top = switch (stand) {
            case TOP -> room.y();
            case MIDDLE -> room.y().plus(room.height().minus(high).times(0.5));
            case BOTTOM -> room.bottom().minus(high);
        };
        for (int i = 0; i < fitted.lines().size(); i++) {
            marks.add(new Mark.Writing(centred ? room.x().plus(room.width().times(0.5)) : room.x(), top.plus(fitted.size().times(FittedLabel.LINE * i + 0.95)),
                fitted.size(), fitted.lines().get(i), centred, false, onDark));
        }
    }

    /** One line that begins at a point; {@code y} is its baseline. */
    public void line(String text, Length x, Length y, Length size, boolean faint) {
        marks.add(new Mark.Writing(x, y, size, printable(text), false, faint, false));
    }

    public void note(Told note) {
        if (!notes.contains(note)) {
            notes.add(note);
        }
    }

    /** Without the characters no typeface of ours has, which is told. */
    private String printable(String label) {
        if (type.has(label)) {
            return label;
        }
        StringBuilder drawn = new StringBuilder();
        label.codePoints().filter(c -> type.has(Character.toString(c))).forEach(drawn::appendCodePoint);
        note(Told.of("left-out-on-paper", "label", Text.cut(label, 30)));
        return Text.tidy(drawn.toString());
    }
}
