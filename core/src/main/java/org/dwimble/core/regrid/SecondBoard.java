package org.dwimble.core.regrid;

import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.WayHome;

/**
 * Leaving a board as it is, with a second one that is opened from it: what that takes and gives.
 *
 * @param at    the cell for the way there; empty if none is free, but those kept for home and back
 * @param cells for words on the second board, which is as large and has home and back where the others have them
 */
public record SecondBoard(Optional<Cell> at, int cells) {
    public static SecondBoard of(Vocabulary now, Board board) {
        WayHome wayHome = WayHome.of(now);
        List<Cell> kept = wayHome.keptFree(board);
        int ways = wayHome.missingOn(Board.empty("?", "?", board.shape()), () -> "?").size();
        return new SecondBoard(board.emptyCells().stream().filter(c -> !kept.contains(c)).findFirst(), board.shape().cells() - ways);
    }
}
