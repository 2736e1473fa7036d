package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.text.Text;
import org.dwimble.core.board.Whole;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.Look;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.measure.Tracks;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;

/**
 * One board on one sheet of paper: either with cells exactly as large as on the student's screen, to point at,
 * or as large as the page allows. Labels are set as large as they fit.
 */
public final class BoardSheet {
    /** Most printers cannot print nearer to the edge. */
    static final Length EDGE = Length.mm(9);

    /** How large the board is printed. */
    public enum Size { SCREEN, PAGE }

    /** @param cutLines dashed lines to cut along, half way between the cells and round the outside */
    public record Setup(Paper paper, boolean lyingDown, Size size, boolean cutLines, Screen screen) {
    }

    private final Board board;
    private final Setup setup;
    private final Type type;
    private final List<Mark> marks = new ArrayList<>();
    private final List<Told> notes = new ArrayList<>();

    private final Look around;
    private final Map<Kind, Colour> papers;
    private Tracks columns = new Tracks(Length.ZERO, Length.ZERO, List.of(1));
    private Tracks rows = columns;
    private @Nullable Length equal;

    private BoardSheet(Board board, Whole whole, Setup setup, Type type) {
        this.board = board;
        this.around = board.look().over(whole.look()).over(Look.USUAL);
        this.papers = whole.papers();
        this.setup = setup;
        this.type = type;
    }

    /** @param of the vocabulary's whole, whose look the board has; @param shown true of what the student sees, the others leave their cells empty; @param footer who and what it is of, printed small at the foot before the size */
    public static Page lay(Board board, Whole of, Predicate<Button> shown, Setup setup, String footer, Type type) {
        return new BoardSheet(board.withButtons(board.buttons().stream().filter(shown).toList()), of, setup, type).lay(footer);
    }

    private Page lay(String footer) {
        Length width = setup.paper.width(setup.lyingDown);
        Length height = setup.paper.height(setup.lyingDown);
        Length roomWidth = width.minus(EDGE.times(2));
        Length roomHeight = height.minus(EDGE.times(2)).minus(Foot.ROOM);
        TalkLayout onScreen = TalkLayout.of(setup.screen, board.shape(), around);
        double scale = Math.min(roomWidth.dividedBy(onScreen.gridWidth()), roomHeight.dividedBy(onScreen.gridHeight()));
        Length gap;
        if (setup.size == Size.SCREEN) {
            double used = Math.min(1, scale);
            gap = onScreen.gapLength().times(used);
            columns = new Tracks(onScreen.gridWidth().times(used), gap, board.shape().allWidths());
            rows = new Tracks(onScreen.gridHeight().times(used), gap, board.shape().allHeights());
            if (used < 1) {
                notes.add(Told.of("smaller-than-true", "percent", (int) Math.floor(used * 100)));
            }
        } else {
            gap = Length.smaller(Length.mm(3), roomWidth.times(0.1 / board.columns()));
            columns = new Tracks(roomWidth, gap, board.shape().allWidths());
            rows = new Tracks(roomHeight, gap, board.shape().allHeights());
        }
        Length left = EDGE.plus(roomWidth.minus(columns.room()).times(0.5));
        if (around.background() != null) {
            Length rim = Length.smaller(gap.times(0.5), EDGE);
            marks.add(new Mark.Card(new Rect(left.minus(rim), EDGE.minus(rim), columns.room().plus(rim.times(2)), rows.room().plus(rim.times(2))),
                Length.ZERO, around.background(), around.background(), Length.ZERO));
        }
        for (Button button : board.buttons()) {
            draw(button, new Rect(left.plus(columns.start(button.cell().column())), EDGE.plus(rows.start(button.cell().row())),
                columns.size(button.cell().column(), button.span().columns()), rows.size(button.cell().row(), button.span().rows())));
        }
        if (setup.cutLines) {
            cutLines(left, gap);
        }
        String size = String.format(Locale.ROOT, "%s · cells %.0f x %.0f mm", footer, columns.least().mm(), rows.least().mm());
        marks.addAll(Foot.of(size, width, height, EDGE, type));
        return new Page(width, height, marks, notes);
    }

    private void draw(Button button, Rect cell) {
        Look look = Look.seen(Look.PLAIN, around, button.look(), button.kind() == null ? null : papers.get(button.kind()));
        Length side = Length.smaller(cell.width(), cell.height());
        Length radius = side.times(look.corner() / 100.0);
        Length edge = side.times((look.edge() == null ? 0 : look.edge()) / 100.0);
        Rect card = cell;
        if (button.leads() instanceof Leads.Opens) {
            Length behind = side.times(0.05);
            card = new Rect(cell.x(), cell.y(), cell.width().minus(behind), cell.height().minus(behind));
            marks.add(new Mark.Card(new Rect(cell.x().plus(behind), cell.y().plus(behind), card.width(), card.height()), radius, null, null, Length.ZERO));
        }
        marks.add(new Mark.Card(card, radius, look.fill(), look.border(), edge));
        Rect inner = card.inset(side.times(0.06));
        boolean pictured = button.picture() != null;
        LabelPlace place = pictured ? look.label() : LabelPlace.BELOW;
        Rect labelRoom = !pictured ? inner : place == LabelPlace.BESIDE
            ? new Rect(inner.x().plus(inner.width().times(look.picture() / 100.0)), inner.y(), inner.width().times(1 - look.picture() / 100.0), inner.height())
            : new Rect(inner.x(), inner.y(), inner.width(), inner.height().times(1 - look.picture() / 100.0));
        String label = place == LabelPlace.NONE ? "" : printable(button.label());
        FittedLabel fitted = FittedLabel.fit(label, labelRoom.width(), labelRoom.height(), largest(inner, pictured), type);
        if (!fitted.whole()) {
            notes.add(Told.of("cut-short-on-paper", "label", Text.cut(button.label(), 30)));
        }
        Length linesHeight = fitted.size().times(FittedLabel.LINE * fitted.lines().size());
        Length top = !pictured || place == LabelPlace.BESIDE ? inner.y().plus(inner.height().minus(linesHeight).times(0.5))
            : place == LabelPlace.ABOVE ? inner.y() : inner.bottom().minus(linesHeight);
        boolean dark = look.fill() != null && look.fill().ink() == Colour.WHITE;
        for (int i = 0; i < fitted.lines().size(); i++) {
            Length baseline = top.plus(fitted.size().times(FittedLabel.LINE * i + 0.95));
            marks.add(new Mark.Writing(labelRoom.x().plus(labelRoom.width().times(0.5)), baseline, fitted.size(), fitted.lines().get(i), true, false, dark));
        }
        if (pictured) {
            Rect room = place == LabelPlace.BESIDE ? new Rect(inner.x(), inner.y(), inner.width().minus(labelRoom.width()), inner.height())
                : new Rect(inner.x(), place == LabelPlace.ABOVE ? inner.y().plus(linesHeight) : inner.y(), inner.width(), least(inner.height()
                    .minus(linesHeight)));
            if (room.height().micrometres() > 0) {
                marks.addAll(pictures(button, room));
            }
        }
        if (button.kind() == null) {
            return;
        }
        Length mark = Length.smaller(side.times(0.07), Length.mm(2.5));
        Rect at = new Rect(card.x().plus(side.times(0.04)), card.y().plus(side.times(0.05)), mark, mark);
        if (button.kind() == Kind.QUESTION) {
            marks.add(new Mark.Writing(at.x(), at.bottom(), mark.times(1.4), "?", false, true, false));
        } else {
            marks.add(new Mark.Shape(KindShape.of(button.kind(), at), button.kind().word()));
        }
    }

    private static Length least(Length length) {
        return length.micrometres() < 0 ? Length.ZERO : length;
    }

    /** The size a label begins with: as large as its cell allows, or as the label allows that needs most room. */
    private Length largest(Rect inner, boolean pictured) {
        Length own = inner.height().times(pictured ? 0.2 : 0.32);
        return around.type() == TypeSize.EQUAL ? Length.smaller(own, equalSize()) : own;
    }

    private Length equalSize() {
        if (equal == null) {
            Length least = Length.mm(100);
            for (Button button : board.buttons()) {
                if (!button.label().isEmpty()) {
                    Rect inner = new Rect(Length.ZERO, Length.ZERO, columns.size(button.cell().column(), button.span().columns()),
                        rows.size(button.cell().row(), button.span().rows())).inset(columns.least().times(0.06));
                    boolean pictured = button.picture() != null;
                    least = Length.smaller(least, FittedLabel.fit(button.label(), inner.width(), inner.height().times(pictured ? 0.3 : 1),
                        inner.height().times(pictured ? 0.2 : 0.32), type).size());
                }
            }
            equal = least;
        }
        return equal;
    }

    /** One picture in all the room there is; several in the largest square in its middle, each in its place. */
    private static List<Mark> pictures(Button button, Rect room) {
        if (button.layers().size() == 1 && button.layers().get(0).takesAllRoom()) {
            return List.of(new Mark.Picture(room, button.picture()));
        }
        Length side = Length.smaller(room.width(), room.height());
        Length left = room.x().plus(room.width().minus(side).times(0.5));
        Length top = room.y().plus(room.height().minus(side).times(0.5));
        return button.layers().stream().map(l -> (Mark) new Mark.Picture(
            new Rect(left.plus(part(side, l.x())), top.plus(part(side, l.y())), part(side, l.size()), part(side, l.size())), l.picture())).toList();
    }

    private static Length part(Length side, int thousandths) {
        return side.times(thousandths / (double) Layer.ROOM);
    }

    private String printable(String label) {
        if (type.has(label)) {
            return label;
        }
        StringBuilder drawn = new StringBuilder();
        label.codePoints().filter(c -> type.has(Character.toString(c))).forEach(drawn::appendCodePoint);
        notes.add(Told.of("left-out-on-paper", "label", Text.cut(label, 30)));
        return Text.tidy(drawn.toString());
    }

    private void cutLines(Length left, Length gap) {
        Length half = gap.times(0.5);
        Length top = EDGE.minus(half);
        Length start = left.minus(half);
        Length right = start.plus(columns.room()).plus(gap);
        Length bottom = top.plus(rows.room()).plus(gap);
        for (int c = 0; c <= board.columns(); c++) {
            Length x = c == board.columns() ? right : start.plus(columns.start(c));
            marks.add(new Mark.Line(x, top, x, bottom, true));
        }
        for (int r = 0; r <= board.rows(); r++) {
            Length y = r == board.rows() ? bottom : top.plus(rows.start(r));
            marks.add(new Mark.Line(start, y, right, y, true));
        }
    }
}
