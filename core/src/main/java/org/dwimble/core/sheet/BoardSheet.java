package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Text;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Told;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;

/**
 * One board on one sheet of paper: either with cells exactly as large as on the student's screen, to point at,
 * or as large as the page allows. Labels are set as large as they fit.
 */
public final class BoardSheet {
    /** Most printers cannot print nearer to the edge. */
    static final Length EDGE = Length.mm(9);
    static final Length FOOT = Length.mm(8);
    private static final Length FOOT_TYPE = Length.points(7.5);
    /** The line at the foot by which a printed page is checked with a ruler. */
    static final Length RULER = Length.mm(50);

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

    private BoardSheet(Board board, Setup setup, Type type) {
        this.board = board;
        this.setup = setup;
        this.type = type;
    }

    /** @param footer who and what it is of, printed small at the foot before the size */
    public static Page lay(Board board, Setup setup, String footer, Type type) {
        return new BoardSheet(board, setup, type).lay(footer);
    }

    private Page lay(String footer) {
        Length width = setup.paper.width(setup.lyingDown);
        Length height = setup.paper.height(setup.lyingDown);
        Length roomWidth = width.minus(EDGE.times(2));
        Length roomHeight = height.minus(EDGE.times(2)).minus(FOOT);
        TalkLayout onScreen = new TalkLayout(setup.screen, board.rows(), board.columns());
        double scale = Math.min(roomWidth.dividedBy(onScreen.gridWidth()), roomHeight.dividedBy(onScreen.gridHeight()));
        Length cellWidth;
        Length cellHeight;
        Length gap;
        if (setup.size == Size.SCREEN) {
            double used = Math.min(1, scale);
            cellWidth = onScreen.cellWidth().times(used);
            cellHeight = onScreen.cellHeight().times(used);
            gap = onScreen.gap().times(used);
            if (used < 1) {
                notes.add(Told.of("smaller-than-true", "percent", (int) Math.floor(used * 100)));
            }
        } else {
            gap = Length.smaller(Length.mm(3), roomWidth.times(0.1 / board.columns()));
            cellWidth = roomWidth.minus(gap.times(board.columns() - 1)).part(board.columns());
            cellHeight = roomHeight.minus(gap.times(board.rows() - 1)).part(board.rows());
        }
        Rect grid = new Rect(EDGE, EDGE,
            cellWidth.times(board.columns()).plus(gap.times(board.columns() - 1)),
            cellHeight.times(board.rows()).plus(gap.times(board.rows() - 1)));
        Length left = EDGE.plus(roomWidth.minus(grid.width()).times(0.5));
        for (Button button : board.buttons()) {
            if (!button.hidden()) {
                Rect card = new Rect(
                    left.plus(cellWidth.plus(gap).times(button.cell().column())), EDGE.plus(cellHeight.plus(gap).times(button.cell().row())),
                    cellWidth.times(button.span().columns()).plus(gap.times(button.span().columns() - 1)),
                    cellHeight.times(button.span().rows()).plus(gap.times(button.span().rows() - 1)));
                draw(button, card);
            }
        }
        if (setup.cutLines) {
            cutLines(left, cellWidth, cellHeight, gap);
        }
        foot(footer, width, height, cellWidth, cellHeight);
        return new Page(width, height, marks, notes);
    }

    private void draw(Button button, Rect cell) {
        Length side = Length.smaller(cell.width(), cell.height());
        Length radius = side.times(0.08);
        Rect card = cell;
        if (button.leads() instanceof Leads.Opens) {
            Length behind = side.times(0.05);
            card = new Rect(cell.x(), cell.y(), cell.width().minus(behind), cell.height().minus(behind));
            marks.add(new Mark.Card(new Rect(cell.x().plus(behind), cell.y().plus(behind), card.width(), card.height()), radius));
        }
        marks.add(new Mark.Card(card, radius));
        Rect inner = card.inset(side.times(0.06));
        boolean pictured = button.picture() != null;
        Length labelHeight = pictured ? inner.height().times(0.3) : inner.height();
        String label = printable(button.label());
        FittedLabel fitted = FittedLabel.fit(label, inner.width(), labelHeight, inner.height().times(pictured ? 0.2 : 0.32), type);
        if (!fitted.whole()) {
            notes.add(Told.of("cut-short-on-paper", "label", Text.cut(button.label(), 30)));
        }
        Length linesHeight = fitted.size().times(FittedLabel.LINE * fitted.lines().size());
        Length top = pictured ? inner.bottom().minus(linesHeight) : inner.y().plus(inner.height().minus(linesHeight).times(0.5));
        for (int i = 0; i < fitted.lines().size(); i++) {
            Length baseline = top.plus(fitted.size().times(FittedLabel.LINE * i + 0.95));
            marks.add(new Mark.Writing(inner.x().plus(inner.width().times(0.5)), baseline, fitted.size(), fitted.lines().get(i), true, false));
        }
        if (pictured) {
            Length room = inner.height().minus(linesHeight);
            if (room.micrometres() > 0) {
                marks.addAll(pictures(button, new Rect(inner.x(), inner.y(), inner.width(), room)));
            }
        }
        if (button.kind() == null) {
            return;
        }
        Length mark = Length.smaller(side.times(0.07), Length.mm(2.5));
        Rect at = new Rect(card.x().plus(side.times(0.04)), card.y().plus(side.times(0.05)), mark, mark);
        if (button.kind() == Kind.QUESTION) {
            marks.add(new Mark.Writing(at.x(), at.bottom(), mark.times(1.4), "?", false, true));
        } else {
            marks.add(new Mark.Shape(KindShape.of(button.kind(), at), button.kind().word()));
        }
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

    private void cutLines(Length left, Length cellWidth, Length cellHeight, Length gap) {
        Length half = gap.times(0.5);
        Length top = EDGE.minus(half);
        Length start = left.minus(half);
        Length right = start.plus(cellWidth.plus(gap).times(board.columns()));
        Length bottom = top.plus(cellHeight.plus(gap).times(board.rows()));
        for (int c = 0; c <= board.columns(); c++) {
            Length x = start.plus(cellWidth.plus(gap).times(c));
            marks.add(new Mark.Line(x, top, x, bottom, true));
        }
        for (int r = 0; r <= board.rows(); r++) {
            Length y = top.plus(cellHeight.plus(gap).times(r));
            marks.add(new Mark.Line(start, y, right, y, true));
        }
    }

    private void foot(String footer, Length width, Length height, Length cellWidth, Length cellHeight) {
        Length baseline = height.minus(EDGE);
        Length rulerStart = width.minus(EDGE).minus(RULER);
        Length tick = Length.mm(1.2);
        marks.add(new Mark.Line(rulerStart, baseline, width.minus(EDGE), baseline, false));
        marks.add(new Mark.Line(rulerStart, baseline.minus(tick), rulerStart, baseline.plus(tick), false));
        marks.add(new Mark.Line(width.minus(EDGE), baseline.minus(tick), width.minus(EDGE), baseline.plus(tick), false));
        String ruler = "50 mm on paper";
        Length rulerText = type.width(ruler, FOOT_TYPE);
        marks.add(new Mark.Writing(width.minus(EDGE).minus(rulerText), baseline.minus(Length.mm(1.6)), FOOT_TYPE, ruler, false, true));
        String size = String.format(Locale.ROOT, "%s · cells %.0f x %.0f mm", footer, cellWidth.mm(), cellHeight.mm());
        String text = printableFoot(size);
        Length room = rulerStart.minus(EDGE).minus(Length.mm(4));
        while (type.width(text, FOOT_TYPE).compareTo(room) > 0) {
            text = Text.cut(text, Text.length(text) - 2).trim() + "…";
        }
        marks.add(new Mark.Writing(EDGE, baseline, FOOT_TYPE, text, false, true));
    }

    private String printableFoot(String text) {
        StringBuilder drawn = new StringBuilder();
        text.codePoints().filter(c -> type.has(Character.toString(c))).forEach(drawn::appendCodePoint);
        return drawn.toString();
    }
}
