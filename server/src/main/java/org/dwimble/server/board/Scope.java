package org.dwimble.server.board;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.On;
import org.dwimble.core.sheet.BoardBook;

/** Which boards, from the one that is meant. */
public enum Scope {
    BOARD,
    /** It, and all that are opened from it, but not home. */
    OPENED, ALL;

    /** Their ids, in the order in which they are opened. @throws org.dwimble.core.told.Unacceptable if the board is not there */
    public List<String> of(Vocabulary now, String board) {
        On.board(now, board);
        return switch (this) {
            case BOARD -> List.of(board);
            case OPENED -> BoardBook.inOrder(now, board, b -> true).stream().map(Board::id).filter(b -> b.equals(board) || !b.equals(now.home())).toList();
            case ALL -> BoardBook.inOrder(now, now.home(), b -> true).stream().map(Board::id).toList();
        };
    }
}
