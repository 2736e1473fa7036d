package org.dwimble.core.board;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The largest room there is on a board for one thing, such as a pad to draw on. */
public final class WholeRoom {
    private WholeRoom() {
    }

    /**
     * The rectangle of empty cells that covers most of them; of several the first, by its top left cell. Empty if no cell is.
     *
     * @param keptFree cells that stay empty
     */
    public static Optional<Standing> of(Board board, Set<Cell> keptFree) {
        boolean[][] free = new boolean[board.rows()][board.columns()];
        board.emptyCells().stream().filter(c -> !keptFree.contains(c)).forEach(c -> free[c.row()][c.column()] = true);
        return IntStream.range(0, board.rows()).boxed().flatMap(r -> IntStream.range(0, board.columns()).boxed().flatMap(c -> from(free, r, c)))
            .max(Comparator.comparingInt((Standing s) -> s.span().rows() * s.span().columns()).thenComparing(s -> s.cell(), Comparator.reverseOrder()));
    }

    /** From a top left cell: with each height the widest. */
    private static Stream<Standing> from(boolean[][] free, int row, int column) {
        Stream.Builder<Standing> all = Stream.builder();
        int width = free[row].length - column;
        for (int below = row; below < free.length && width > 0; below++) {
            int wide = 0;
            while (wide < width && free[below][column + wide]) {
                wide++;
            }
            width = wide;
            if (width > 0) {
                all.add(new Standing(new Cell(row, column), new Span(below - row + 1, width)));
            }
        }
        return all.build();
    }
}
