package org.dwimble.core.regrid;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.measure.Length;

/**
 * Boards as they would be on another grid.
 *
 * @param after  the whole vocabulary
 * @param boards in the order asked for
 */
public record Regridded(Vocabulary after, List<OfBoard> boards) {
    /**
     * A word and where it would lie.
     *
     * @param board the one it would stand on, by its id
     * @param mm    between the middles of its places on the screen; 0 for one that would stand on another board
     * @param cost  that by its weight
     * @param found true if a finger that goes where it was still touches it
     */
    public record Moved(Button button, Standing from, String board, Standing to, double mm, double cost, boolean found) {
    }

    /**
     * One board.
     *
     * @param linked   the new boards, in the order in which they are opened
     * @param words    each button that was on it
     * @param topics   that could go to a board of their own, if not all fit
     * @param going    those that do
     * @param narrowed buttons over several cells that cover fewer
     * @param cell     the smallest, before
     * @param cellThen the smallest, after: width and height
     */
    public record OfBoard(Board before, Board after, List<Board> linked, List<Moved> words, List<Topic> topics, List<Topic> going, int narrowed,
        CellSize cell, CellSize cellThen) {
        /** Those a finger would no longer find, the costliest first, then those that stand on other boards. */
        public List<Moved> moved() {
            return words.stream().filter(w -> !w.found).sorted(Comparator.comparing((Moved w) -> !w.board.equals(before.id()))
                .thenComparingDouble(w -> -w.cost).thenComparing(Moved::from, Comparator.comparing(Standing::cell))).toList();
        }

        /** Cells with nothing in them. */
        public int free() {
            return after.emptyCells().size();
        }
    }

    public record CellSize(Length width, Length height) {
    }

    public int moved() {
        return boards.stream().mapToInt(b -> b.moved().size()).sum();
    }

    /** How far all words move together, in millimetres. */
    public double mm() {
        return boards.stream().map(OfBoard::words).flatMap(Collection::stream).mapToDouble(Moved::mm).sum();
    }
}
