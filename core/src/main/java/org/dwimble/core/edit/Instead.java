package org.dwimble.core.edit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;

/**
 * What could be done instead of a change that would take words from their places, and takes none.
 *
 * @param told what it is, as one would say it on a button
 */
public record Instead(Told told, Intention intention) {
    /**
     * Empty if nothing is known for this sort of change, or if that would take words from their places too.
     *
     * @param learned   true of the id of a button that is to keep its place
     * @param takesNone true of a vocabulary in which every learned word is where it was
     */
    public static Optional<Instead> of(Intention intention, Vocabulary now, Predicate<String> learned, Predicate<Vocabulary> takesNone) {
        Instead known = intention.instead(now, learned).orElse(null);
        if (known == null) {
            return Optional.empty();
        }
        int[] n = {0};
        return takesNone.test(known.intention.on(now, () -> "instead-" + ++n[0]).after()) ? Optional.of(known) : Optional.empty();
    }

    /** The empty cell nearest a cell, but not where other boards have their way home. */
    public static Optional<Cell> cellBeside(Vocabulary now, Board board, Cell cell) {
        List<Cell> kept = WayHome.of(now).keptFree(board);
        return board.emptyCells().stream().filter(c -> !kept.contains(c))
            .min(Comparator.comparingInt((Cell c) -> Math.abs(c.row() - cell.row()) + Math.abs(c.column() - cell.column())).thenComparing(c -> c));
    }
}
