package org.dwimble.core.edit.boards;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;

/**
 * Puts words into a new row below all others, for a board that is full. Every button keeps its row and column; all cells of the
 * board get lower.
 *
 * @param words no more than the board has columns, and cells kept free above are not among those filled
 */
public record PutWordsInNewRow(String board, List<ReadyWord> words) implements Intention {
    public PutWordsInNewRow {
        words = PutWords.bounded(words, PutWords.MOST);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Change row = new InsertLine(board, Axis.ROWS, on.rows()).on(now, ids);
        Change put = new PutWords(board, new Cell(on.rows(), 0), words).on(row.after(), ids);
        return Change.of(now, put.after(), row.needs(), put.told());
    }
}
