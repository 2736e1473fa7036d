package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Cards to cut out.
 *
 * @param width   of a card, if they go by size; else as large as the paper allows
 * @param height  as {@code width}
 * @param onSheet how many lie on a sheet, if they go by number; 0 if they go by size
 * @param gap     between cards; 0 and they touch, one cut for two
 * @param lines   what shows where to cut
 * @param corner  how far corners are rounded
 * @param back    what is on the back
 * @param flip    the edge over which the printer turns the paper
 * @param hole    true for a mark where a key ring goes through
 */
@JsonTypeName("cards")
public record Cards(Length width, Length height, int onSheet, Length gap, Lines lines, Length corner, Back back, Flip flip, boolean hole) implements Support {
    private static final Length LEAST = Length.mm(10);
    private static final Length MOST = Length.mm(600);
    private static final Length MOST_GAP = Length.mm(50);
    private static final int MOST_ON_SHEET = 400;
    /** Sizes are proposed in whole steps of this. */
    private static final Length STEP = Length.mm(0.5);
    private static final Length HOLE = Length.mm(3);
    public static final Cards USUAL = new Cards(Length.mm(50), Length.mm(50), 0, Length.mm(4), Lines.EDGE, Length.mm(3), Back.NONE, Flip.LONG, false);

    /** Where to cut: dashed lines half way between the cards, the edge of each card, or nothing. */
    public enum Lines {
        CUT, EDGE, NONE
    }

    /** What is on the back: nothing is printed, an empty card, the same, the word alone, or a pattern. */
    public enum Back {
        NONE, BLANK, SAME, WORD, PATTERN
    }

    /** The edge over which a printer turns the paper. */
    public enum Flip {
        LONG, SHORT
    }

    public Cards {
        Unacceptable.ifMissing(width, height, gap, lines, corner, back, flip);
        if (onSheet < 0 || onSheet > MOST_ON_SHEET) {
            throw new Unacceptable("cards-on-sheet", "most", MOST_ON_SHEET);
        }
        if (onSheet == 0 && (outside(width) || outside(height))) {
            throw new Unacceptable("card-size", "least", (int) LEAST.mm(), "most", (int) MOST.mm());
        }
        if (gap.micrometres() < 0 || gap.compareTo(MOST_GAP) > 0 || corner.micrometres() < 0 || corner.compareTo(MOST_GAP) > 0) {
            throw new Unacceptable("card-gap", "most", (int) MOST_GAP.mm());
        }
    }

    private static boolean outside(Length side) {
        return side.compareTo(LEAST) < 0 || side.compareTo(MOST) > 0;
    }

    private Cards sized(Length width, Length height) {
        return new Cards(width, height, 0, gap, lines, corner, back, flip, hole);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Cells cells = cells(frame.room());
        if (cells.count() == 0) {
            throw new Unacceptable("card-too-large", "width", mm(width), "height", mm(height), "most", mm(Length.smaller(frame.room().width(),
                frame.room().height())));
        }
        List<Printed> words = of.words().isEmpty() ? List.of(Printed.NOTHING) : of.words();
        Canvas measure = new Canvas(of.type());
        Rect card = cells.at(0);
        Face face = Face.of(words, word -> face(card), of.page(), measure);
        List<Told> notes = new ArrayList<>();
        List<Drawn.Sheet> sheets = new ArrayList<>();
        for (int first = 0; first < words.size(); first += cells.count()) {
            List<Printed> some = words.subList(first, Math.min(words.size(), first + cells.count()));
            Canvas front = new Canvas(of.type());
            for (int i = 0; i < some.size(); i++) {
                card(some.get(i), cells.at(i), face, front);
            }
            cutLines(cells, some.size(), front);
            front.notes().stream().filter(n -> !notes.contains(n)).forEach(notes::add);
            sheets.add(new Drawn.Sheet(front.marks(), back(some, cells, face, frame, of)));
        }
        if (!of.words().isEmpty()) {
            fewer(frame.room(), words.size(), sheets.size(), notes);
        }
        return new Drawn(sheets, notes, card.width().mm() * card.height().mm());
    }

    private static int mm(Length length) {
        return (int) Math.floor(length.mm());
    }

    private Cells cells(Rect room) {
        if (onSheet == 0) {
            return new Cells(room, Cells.fitting(room.height(), height, gap), Cells.fitting(room.width(), width, gap), width, height, gap);
        }
        Cells best = Cells.squares(room, onSheet, 1, gap);
        for (int columns = 2; columns <= onSheet; columns++) {
            Cells some = Cells.squares(room, (onSheet + columns - 1) / columns, columns, gap);
            if (some.width().compareTo(best.width()) > 0) {
                best = some;
            }
        }
        return best.width().compareTo(LEAST) < 0 ? new Cells(room, 0, 0, LEAST, LEAST, gap) : best;
    }

    /** What a word may fill of its card: all of it, or what the hole leaves. */
    private Rect face(Rect card) {
        Length taken = hole ? HOLE.times(2.4) : Length.ZERO;
        return taken.compareTo(card.height()) >= 0 ? card : new Rect(card.x(), card.y().plus(taken), card.width(), card.height().minus(taken));
    }

    private void card(Printed word, Rect card, Face face, Canvas canvas) {
        if (lines == Lines.EDGE || word.paper() != null) {
            canvas.card(card, corner, word.paper());
        }
        face.draw(word, face(card), canvas);
        if (hole) {
            canvas.circle(card.x().plus(card.width().times(0.5)), card.y().plus(HOLE.times(1.4)), HOLE, null);
        }
    }

    private void cutLines(Cells cells, int cards, Canvas canvas) {
        if (lines != Lines.CUT) {
            return;
        }
        int rows = (cards + cells.columns() - 1) / cells.columns();
        Length half = gap.times(0.5);
        Rect first = cells.at(0);
        Rect last = cells.at(rows - 1, cells.columns() - 1);
        for (int c = 0; c <= cells.columns(); c++) {
            Length x = c == cells.columns() ? last.right().plus(half) : cells.at(0, c).x().minus(half);
            canvas.line(x, first.y().minus(half), x, last.bottom().plus(half), true);
        }
        for (int r = 0; r <= rows; r++) {
            Length y = r == rows ? last.bottom().plus(half) : cells.at(r, 0).y().minus(half);
            canvas.line(first.x().minus(half), y, last.right().plus(half), y, true);
        }
    }

    /** The backs, mirrored as the paper is turned, so that each lies behind its card. */
    private @Nullable List<Mark> back(List<Printed> words, Cells cells, Face face, Frame frame, Material of) {
        if (back == Back.NONE) {
            return null;
        }
        Canvas canvas = new Canvas(of.type());
        boolean acrossUpright = flip == Flip.LONG != frame.lyingDown();
        for (int i = 0; i < words.size(); i++) {
            Rect card = cells.at(i);
            Rect behind = acrossUpright ? new Rect(frame.width().minus(card.right()), card.y(), card.width(), card.height())
                : new Rect(card.x(), frame.height().minus(card.bottom()), card.width(), card.height());
            switch (back) {
                case SAME -> card(words.get(i), behind, face, canvas);
                case WORD -> card(new Printed(words.get(i).text(), words.get(i).second(), List.of(), false, null, words.get(i).paper(), words.get(i).told()),
                    behind, face, canvas);
                case PATTERN -> pattern(behind, canvas);
                default -> {
                    if (lines == Lines.EDGE) {
                        canvas.card(behind, corner, null);
                    }
                }
            }
        }
        return canvas.marks();
    }

    /** Waves, the same on every card, so that nobody knows one by its back. */
    private void pattern(Rect card, Canvas canvas) {
        canvas.card(card, corner, Pattern.GROUND);
        canvas.marks().addAll(Pattern.waves(card.inset(Length.smaller(card.width(), card.height()).times(0.1))));
    }

    /** If a few cards more need a sheet more, the size at which they would not. */
    private void fewer(Rect room, int cards, int sheets, List<Told> notes) {
        int each = cells(room).count();
        int over = cards - each * (sheets - 1);
        if (onSheet > 0 || sheets < 2 || over * 4 > each) {
            return;
        }
        int needed = (cards + sheets - 2) / (sheets - 1);
        double ratio = height.dividedBy(width);
        for (Length smaller = width.minus(STEP); smaller.compareTo(width.times(0.75)) >= 0 && smaller.compareTo(LEAST) >= 0; smaller = smaller.minus(STEP)) {
            if (sized(smaller, smaller.times(ratio)).cells(room).count() >= needed) {
                notes.add(Told.of("cards-fewer", "fit", cards - over, "of", cards, "sheets", sheets - 1, "width", tenths(width), "smaller", tenths(smaller)));
                return;
            }
        }
    }

    private static String tenths(Length length) {
        double mm = length.mm();
        return mm == Math.rint(mm) ? String.valueOf((int) mm) : String.valueOf(Math.round(mm * 10) / 10.0);
    }
}
