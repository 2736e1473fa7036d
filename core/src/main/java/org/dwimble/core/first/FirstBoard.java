package org.dwimble.core.first;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.look.Look;
import org.dwimble.core.measure.Length;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import org.jspecify.annotations.Nullable;

/**
 * A board for somebody who begins. Its grid is laid out at once for as many cells as it is to hold one day, and words are put where they stand farthest from
 * those before: the first two in opposite corners, later ones between them. So none that was learned ever moves, nor changes its size. Where there is a
 * sentence, it has a row of its own above them.
 *
 * @param cells       how many it is to hold, beside those of the sentence: {@value #LEAST} to {@value #MOST}
 * @param sentence    true if it has a row that says who wants
 * @param gap         in thousandths of the screen's width; as wide as the hand needs, but where that would make the cells smaller than it can hit
 * @param cellWidth   when talking on the screen
 * @param largeEnough false if the cells are smaller than the hand can hit even without a gap
 */
public record FirstBoard(int cells, boolean sentence, Shape shape, int gap, Length gapLength, Length cellWidth, Length cellHeight, boolean largeEnough) {
    public static final int LEAST = 2;
    public static final int MOST = 9;
    private static final int USUAL = 4;
    /** Cells of the row of a sentence above three columns. */
    private static final int WITH_SENTENCE = 3;
    private static final double THOUSAND = 1_000;
    /** Who begins a sentence: whatever was said before is cleared. */
    private static final Acts BEGINS = new Acts(Says.LABEL, null, List.of(Doing.CLEAR, Doing.OWN_WORD), Leads.STAYS);
    /** What ends one: the whole is said, and it is the other's turn. */
    private static final Acts ENDS = new Acts(Says.LABEL, new HowSaid(Manner.PLAINLY, When.WITH_MESSAGE, ""), null, List.of(Doing.SAY, Doing.PASS_TURN),
        Leads.STAYS);

    /** All there are for a screen and a hand, the one with the fewest cells first. */
    public static List<FirstBoard> all(boolean sentence, Screen screen, Hand hand) {
        return IntStream.rangeClosed(LEAST, MOST).mapToObj(cells -> of(cells, sentence, screen, hand)).toList();
    }

    /** How many cells one usually has: {@value #USUAL}, or fewer if the hand could not hit them. */
    public static int usualCells(Screen screen, Hand hand) {
        return all(false, screen, hand).stream().filter(b -> b.largeEnough && b.cells <= USUAL).mapToInt(FirstBoard::cells).max().orElse(LEAST);
    }

    /** Whether a home board has as few cells as a first board with its sentence: one steps up from it. */
    public static boolean isAsSmall(int cells) {
        return cells <= MOST + WITH_SENTENCE;
    }

    /** @throws Unacceptable if it is to hold too few or too many */
    public static FirstBoard of(int cells, boolean sentence, Screen screen, Hand hand) {
        if (cells < LEAST || cells > MOST) {
            throw new Unacceptable("first-board-cells", "has", cells, "least", LEAST, "most", MOST);
        }
        Shape shape = shape(cells, screen.width().compareTo(screen.height()) >= 0, sentence);
        int wanted = (int) Math.min(Look.MOST_GAP, Math.round(hand.gap().dividedBy(screen.width()) * THOUSAND));
        int gap = IntStream.iterate(wanted, g -> g > 0, g -> g - 1).filter(g -> fits(new TalkLayout(screen, shape, g), hand)).findFirst().orElse(0);
        TalkLayout layout = new TalkLayout(screen, shape, gap);
        return new FirstBoard(cells, sentence, shape, gap, layout.gapLength(), layout.cellWidth(), layout.cellHeight(), fits(layout, hand));
    }

    /**
     * The one for so many cells, or for more where more is brought, as long as the hand can hit its cells.
     *
     * @throws Unacceptable if the hand cannot hit the cells of what is wanted, or more is brought than the largest it can hit holds
     */
    public static FirstBoard holding(int wanted, int brought, boolean sentence, Screen screen, Hand hand) {
        return holding(wanted, brought, 0, sentence, screen, hand);
    }

    /** As above. @param besides cells that are taken by what is no word, such as the way home */
    public static FirstBoard holding(int wanted, int brought, int besides, boolean sentence, Screen screen, Hand hand) {
        FirstBoard least = of(wanted, sentence, screen, hand);
        if (!least.largeEnough) {
            throw new Unacceptable("first-board-small", "cells", wanted, "least", Math.round(hand.leastCell().mm()));
        }
        List<FirstBoard> from = all(sentence, screen, hand).stream().filter(b -> b.cells >= wanted && b.largeEnough).toList();
        int most = from.get(from.size() - 1).cells;
        if (brought + besides > most) {
            throw new Unacceptable("first-board-holds", "words", brought, "cells", most - besides);
        }
        return from.stream().filter(b -> b.cells >= brought + besides).findFirst().orElse(least);
    }

    private static boolean fits(TalkLayout layout, Hand hand) {
        return layout.cellWidth().compareTo(hand.leastCell()) >= 0 && layout.cellHeight().compareTo(hand.leastCell()) >= 0;
    }

    /** Up to three beside each other in one row, up to eight in two, nine in three; on a screen held upright the other way round. A sentence is a row more. */
    private static Shape shape(int cells, boolean wide, boolean sentence) {
        int lines = cells <= 3 ? 1 : cells <= 8 ? 2 : 3;
        int across = (cells + lines - 1) / lines;
        int rows = wide ? lines : across;
        int columns = wide ? across : lines;
        return sentence ? new Shape(rows + 1, Math.max(2, columns)) : new Shape(rows, columns);
    }

    /** Without words yet but those of its sentence. @param who of whom it is said @param wants what it says; both left out where there is no sentence */
    public Board board(String id, String name, @Nullable Button who, @Nullable Button wants) {
        List<Button> row = !sentence || who == null || wants == null ? List.of() : row(who, wants, shape.columns());
        return new Board(id, name, shape, Look.PLAIN.withGap(gap), row, Board.Facts.NONE, Extras.NONE);
    }

    private static List<Button> row(Button who, Button wants, int columns) {
        return List.of(who.withStanding(Standing.at(new Cell(0, 0))).withActs(BEGINS),
            wants.withStanding(new Standing(new Cell(0, 1), new Span(1, columns - 1))));
    }

    /** Whether it is what a word does that ends a sentence, whatever it is heard as. */
    public static boolean endsSentence(Acts acts) {
        return acts.equals(ENDS.withSound(acts.sound()));
    }

    /** Whether a board has a row that says who wants. */
    public static boolean hasSentence(Board board) {
        return !sentenceOf(board).isEmpty();
    }

    /**
     * Says who wants in the first row of a board, which is empty, and lets its words end the sentence that only said their label until now.
     *
     * @param board with two columns at least
     */
    public static Board beginning(Board board, Button who, Button wants) {
        List<Button> all = new ArrayList<>(board.buttons().stream().map(b -> b.acts().equals(Acts.SPEAK.withSound(b.acts().sound()))
            ? b.withActs(ENDS.withSound(b.acts().sound())) : b).toList());
        all.addAll(row(who, wants, board.columns()));
        return board.withButtons(all);
    }

    /** What a word says and does that is put on a board: where there is a sentence, it ends it. */
    public static Acts actsOn(Board board) {
        return sentenceOf(board).isEmpty() ? Acts.SPEAK : ENDS;
    }

    /** The row above that says who wants, if a board has one: it is full, and its first word begins anew. */
    private static List<Button> sentenceOf(Board board) {
        boolean begins = board.at(new Cell(0, 0)).map(b -> b.acts().doings().equals(BEGINS.doings())).orElse(false);
        boolean full = board.emptyCells().stream().noneMatch(c -> c.row() == 0);
        return begins && full ? board.buttons().stream().filter(b -> b.cell().row() == 0).toList() : List.of();
    }

    /** The empty cells of a board in the order in which words are put: each farthest from all that are taken then; of equal ones the first as one reads. */
    public static List<Cell> order(Board board) {
        List<Button> sentence = sentenceOf(board);
        List<Cell> taken = new ArrayList<>(board.buttons().stream().filter(b -> !sentence.contains(b)).flatMap(b -> b.standing().cells().stream()).toList());
        List<Cell> free = new ArrayList<>(board.emptyCells());
        List<Cell> order = new ArrayList<>();
        while (!free.isEmpty()) {
            Cell next = taken.isEmpty() ? free.get(0) : free.stream().max(Comparator.comparingInt((Cell c) -> nearest(c, taken))
                .thenComparing(Comparator.<Cell>naturalOrder().reversed())).orElseThrow();
            free.remove(next);
            taken.add(next);
            order.add(next);
        }
        return order;
    }

    /** The square of the distance to the nearest of them, in cells. */
    private static int nearest(Cell cell, List<Cell> others) {
        return others.stream().mapToInt(o -> square(o.row() - cell.row()) + square(o.column() - cell.column())).min().orElse(0);
    }

    private static int square(int n) {
        return n * n;
    }
}
