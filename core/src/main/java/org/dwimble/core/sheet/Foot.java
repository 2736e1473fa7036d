package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/** What stands small at the foot of every sheet: what it is and whose the pictures are, and a line to check the print with a ruler. */
public final class Foot {
    /** The room it takes above the margin. */
    public static final Length ROOM = Length.mm(8);
    private static final Length TYPE = Length.points(7.5);
    private static final Length RULER = Length.mm(50);
    private static final Length TICK = Length.mm(1.2);

    /** A photo beside the name, so that a student who does not read knows the sheet for his own. */
    private static final Length PHOTO = Length.mm(15);
    private static final Length BESIDE = Length.mm(2);

    private Foot() {
    }

    /** The room it takes above the margin with a photo or without. */
    public static Length room(@Nullable String photo) {
        return photo == null ? ROOM : PHOTO.plus(BESIDE);
    }

    public static List<Mark> of(String text, Length width, Length height, Length margin, Type type) {
        return of(null, text, width, height, margin, type);
    }

    /** @param photo beside the text; null for none @param text cut short if it is longer than there is room @param margin of the paper */
    public static List<Mark> of(@Nullable String photo, String text, Length width, Length height, Length margin, Type type) {
        List<Mark> marks = new ArrayList<>();
        Length baseline = height.minus(margin);
        Length right = width.minus(margin);
        boolean ruled = right.minus(margin).compareTo(RULER.times(2)) >= 0;
        Length room = right.minus(margin);
        if (ruled) {
            Length from = right.minus(RULER);
            marks.add(new Mark.Line(from, baseline, right, baseline, false));
            marks.add(new Mark.Line(from, baseline.minus(TICK), from, baseline.plus(TICK), false));
            marks.add(new Mark.Line(right, baseline.minus(TICK), right, baseline.plus(TICK), false));
            String ruler = type.said(Told.of("paper-ruler"));
            marks.add(new Mark.Writing(right.minus(type.width(ruler, TYPE)), baseline.minus(Length.mm(1.6)), TYPE, ruler, false, true, false));
            room = from.minus(margin).minus(Length.mm(4));
        }
        Length start = margin;
        if (photo != null) {
            marks.add(new Mark.Picture(new Rect(margin, baseline.minus(PHOTO), PHOTO, PHOTO), photo));
            start = margin.plus(PHOTO).plus(BESIDE);
            room = room.minus(PHOTO).minus(BESIDE);
        }
        marks.add(new Mark.Writing(start, baseline, TYPE, cut(text, room, TYPE, type), false, true, false));
        return marks;
    }

    /** A line cut short with an ellipsis if it is longer than there is room; without what cannot be drawn. */
    static String cut(String text, Length room, Length size, Type type) {
        String drawn = drawable(text, type);
        while (Text.length(drawn) > 1 && type.width(drawn, size).compareTo(room) > 0) {
            drawn = Text.cut(drawn, Text.length(drawn) - 2).trim() + "…";
        }
        return drawn;
    }

    private static String drawable(String text, Type type) {
        StringBuilder drawn = new StringBuilder();
        text.codePoints().filter(c -> type.has(Character.toString(c))).forEach(drawn::appendCodePoint);
        return drawn.toString();
    }
}
