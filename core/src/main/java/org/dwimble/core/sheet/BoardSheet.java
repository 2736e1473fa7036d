package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Whole;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.Look;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.measure.Tracks;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * One board on paper: with cells exactly as large as on the student's screen, to point at, or so many percent of that, over several
 * sheets where one is too small; or as large as one page allows. Labels are set as large as they fit.
 */
public final class BoardSheet {
    /** Most printers cannot print nearer to the edge. */
    static final Length EDGE = Length.mm(9);
    private static final int LEAST_PERCENT = 20;
    private static final int MOST_PERCENT = 400;

    /** How large the board is printed: as on the screen, a share of that, or as the page allows. */
    public enum Size {
        SCREEN, SCALED, PAGE
    }

    /** Colours as on the screen, or white cards with thin edges. */
    public enum Ink {
        FULL, SAVING
    }

    /**
     * @param percent  of true size, if it is scaled
     * @param cutLines dashed lines to cut along, half way between the cells and round the outside
     */
    public record Setup(Paper paper, boolean lyingDown, Size size, int percent, boolean cutLines, Ink ink, Screen screen) {
        public Setup {
            if (size == Size.SCALED && (percent < LEAST_PERCENT || percent > MOST_PERCENT)) {
                throw new Unacceptable("print-percent", "least", LEAST_PERCENT, "most", MOST_PERCENT);
            }
        }

        double scale() {
            return size == Size.SCALED ? percent / 100.0 : 1;
        }
    }

    /**
     * How a board stands among others.
     *
     * @param numbers of the first sheets of boards, by their ids; told on the buttons that open them
     * @param first   number of its own first sheet; 0 if sheets have none
     * @param right   room kept free along the right edge
     */
    record Among(Map<String, Integer> numbers, int first, Length right) {
        static final Among ALONE = new Among(Map.of(), 0, Length.ZERO);
    }

    private final Board board;
    private final Setup setup;
    private final Type type;
    private final Among among;
    private final Rect room;
    private final List<Told> notes = new ArrayList<>();

    private final Look around;
    private final Map<Kind, Colour> papers;
    private final Tracks columns;
    private final Tracks rows;
    private final Length gap;
    private final @Nullable Poster poster;
    /** By button: the same on every sheet it lies on. */
    private final Map<String, FittedLabel> fitted = new HashMap<>();
    private List<Mark> marks = new ArrayList<>();
    private @Nullable Length equal;

    private BoardSheet(Board board, Whole whole, Setup setup, Among among, Type type) {
        this.board = board;
        this.around = board.look().over(whole.look()).over(Look.USUAL);
        this.papers = whole.papers();
        this.setup = setup;
        this.among = among;
        this.type = type;
        this.room = room(setup, among.right);
        if (setup.size == Size.PAGE) {
            gap = Length.smaller(Length.mm(3), room.width().times(0.1 / board.columns()));
            columns = new Tracks(room.width(), gap, board.shape().allWidths());
            rows = new Tracks(room.height(), gap, board.shape().allHeights());
            poster = null;
        } else {
            TalkLayout onScreen = TalkLayout.of(setup.screen, board.shape(), around);
            gap = onScreen.gapLength().times(setup.scale());
            columns = new Tracks(onScreen.gridWidth().times(setup.scale()), gap, board.shape().allWidths());
            rows = new Tracks(onScreen.gridHeight().times(setup.scale()), gap, board.shape().allHeights());
            poster = new Poster(room, columns.room(), rows.room());
        }
    }

    /** What can be printed on, without the foot. */
    static Rect room(Setup setup, Length right) {
        return new Rect(EDGE, EDGE, setup.paper.width(setup.lyingDown).minus(EDGE.times(2)).minus(right),
            setup.paper.height(setup.lyingDown).minus(EDGE.times(2)).minus(Foot.ROOM));
    }

    /**
     * @param of     of the vocabulary's whole, whose look the board has
     * @param shown  true of what the student sees, the others leave their cells empty
     * @param footer who and what it is of, printed small at the foot before the size
     */
    public static List<Page> lay(Board board, Whole of, Predicate<Button> shown, Setup setup, String footer, Type type) {
        return lay(board, of, shown, setup, Among.ALONE, footer, type);
    }

    static List<Page> lay(Board board, Whole of, Predicate<Button> shown, Setup setup, Among among, String footer, Type type) {
        return new BoardSheet(board.withButtons(board.buttons().stream().filter(shown).toList()), of, setup, among, type).lay(footer);
    }

    /** How many sheets a board takes. */
    static int sheets(Board board, Whole of, Setup setup, Among among, Type type) {
        Poster poster = new BoardSheet(board, of, setup, among, type).poster;
        return poster == null ? 1 : poster.sheets();
    }

    private List<Page> lay(String footer) {
        Effort.sheet();
        String size = String.format(Locale.ROOT, "%s · cells %.0f x %.0f mm", footer, columns.least().mm(), rows.least().mm());
        if (poster == null) {
            return List.of(page(drawn(room.x().plus(room.width().minus(columns.room()).times(0.5)), room.y(), null), 0, size));
        }
        List<Poster.Tile> tiles = poster.tiles(this::drawn);
        if (tiles.size() > 1) {
            notes.add(Told.of("over-several-sheets", "sheets", tiles.size(), "percent", (int) Math.floor(poster.toFit() * setup.scale() * 100)));
        }
        List<Page> pages = new ArrayList<>();
        tiles.forEach(tile -> pages.add(page(tile.marks(), pages.size(), poster.foot(tile, type) + size)));
        return pages;
    }

    private Page page(List<Mark> drawn, int further, String foot) {
        Length width = setup.paper.width(setup.lyingDown);
        Length height = setup.paper.height(setup.lyingDown);
        List<Mark> all = new ArrayList<>(drawn);
        all.addAll(
            Foot.of((among.first == 0 ? "" : type.said(Told.of("paper-page", "page", among.first + further)) + " · ") + foot, width, height, EDGE, type));
        return new Page(width, height, all, List.copyOf(new LinkedHashSet<>(notes)));
    }

    /** @param window what is seen of it: buttons that lie beside it are left out; null for all */
    private List<Mark> drawn(Length left, Length top, @Nullable Rect window) {
        marks = new ArrayList<>();
        if (around.background() != null && setup.ink == Ink.FULL) {
            Length rim = Length.smaller(gap.times(0.5), EDGE);
            marks.add(new Mark.Card(new Rect(left.minus(rim), top.minus(rim), columns.room().plus(rim.times(2)), rows.room().plus(rim.times(2))),
                Length.ZERO, around.background(), around.background(), Length.ZERO));
        }
        for (Button button : board.buttons()) {
            Rect cell = new Rect(left.plus(columns.start(button.cell().column())), top.plus(rows.start(button.cell().row())),
                columns.size(button.cell().column(), button.span().columns()), rows.size(button.cell().row(), button.span().rows()));
            if (window == null || meets(cell, window)) {
                draw(button, cell);
            }
        }
        if (setup.cutLines) {
            cutLines(left, top);
        }
        return marks;
    }

    /** With the half of an edge that lies outside a cell. */
    static boolean meets(Rect cell, Rect window) {
        Length rim = Length.smaller(cell.width(), cell.height()).times(0.5);
        return cell.x().minus(rim).compareTo(window.right()) < 0 && window.x().compareTo(cell.right().plus(rim)) < 0
            && cell.y().minus(rim).compareTo(window.bottom()) < 0 && window.y().compareTo(cell.bottom().plus(rim)) < 0;
    }

    private void draw(Button button, Rect cell) {
        boolean full = setup.ink == Ink.FULL;
        Look look = Look.seen(Look.PLAIN, around, button.look(), button.kind() == null ? null : papers.get(button.kind()));
        Length side = Length.smaller(cell.width(), cell.height());
        Length radius = side.times(Objects.requireNonNull(look.corner()) / 100.0);
        double picture = Objects.requireNonNull(look.picture()) / 100.0;
        Length edge = full ? side.times((look.edge() == null ? 0 : look.edge()) / 100.0) : Length.ZERO;
        Rect card = cell;
        if (button.leads() instanceof Leads.Opens) {
            Length behind = side.times(0.05);
            card = new Rect(cell.x(), cell.y(), cell.width().minus(behind), cell.height().minus(behind));
            marks.add(new Mark.Card(new Rect(cell.x().plus(behind), cell.y().plus(behind), card.width(), card.height()), radius, null, null, Length.ZERO));
        }
        marks.add(new Mark.Card(card, radius, full ? look.fill() : null, full ? look.border() : null, edge));
        Rect inner = card.inset(side.times(0.06));
        boolean pictured = button.picture() != null;
        LabelPlace place = pictured ? look.label() : LabelPlace.BELOW;
        Rect labelRoom = !pictured ? inner : place == LabelPlace.BESIDE
            ? new Rect(inner.x().plus(inner.width().times(picture)), inner.y(), inner.width().times(1 - picture), inner.height())
            : new Rect(inner.x(), inner.y(), inner.width(), inner.height().times(1 - picture));
        String label = place == LabelPlace.NONE ? "" : printable(button.label());
        FittedLabel fitted = this.fitted.computeIfAbsent(button.id(), id -> FittedLabel.fit(label, labelRoom.width(), labelRoom.height(),
            largest(inner, pictured), type));
        if (!fitted.whole()) {
            notes.add(Told.of("cut-short-on-paper", "label", Text.cut(button.label(), 30)));
        }
        Length linesHeight = fitted.size().times(FittedLabel.LINE * fitted.lines().size());
        Length top = !pictured || place == LabelPlace.BESIDE ? inner.y().plus(inner.height().minus(linesHeight).times(0.5))
            : place == LabelPlace.ABOVE ? inner.y() : inner.bottom().minus(linesHeight);
        boolean dark = full && look.fill() != null && look.fill().ink() == Colour.WHITE;
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
        if (button.leads() instanceof Leads.Opens opens && among.numbers.containsKey(opens.board())) {
            Length small = Length.smaller(side.times(0.11), Length.mm(3.5));
            String number = type.said(Told.of("paper-page-short", "page", Objects.requireNonNull(among.numbers.get(opens.board()))));
            marks.add(new Mark.Writing(card.right().minus(type.width(number, small)).minus(side.times(0.05)), card.y().plus(small.times(1.15)), small, number,
                false, !dark, dark));
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
            return List.of(new Mark.Picture(room, button.layers().get(0).picture()));
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

    private void cutLines(Length x0, Length y0) {
        Length half = gap.times(0.5);
        Length top = y0.minus(half);
        Length start = x0.minus(half);
        Length right = start.plus(columns.room()).plus(gap);
        Length bottom = top.plus(rows.room()).plus(gap);
        for (int c = 0; c <= board.columns(); c++) {
            Length x = c == board.columns() ? right : x0.minus(half).plus(columns.start(c));
            marks.add(new Mark.Line(x, top, x, bottom, true));
        }
        for (int r = 0; r <= board.rows(); r++) {
            Length y = r == board.rows() ? bottom : top.plus(rows.start(r));
            marks.add(new Mark.Line(start, y, right, y, true));
        }
    }
}
