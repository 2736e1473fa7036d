package org.dwimble.core.edit.boards;

import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Gives a board a row above that says who wants, so that its words end a sentence ({@link FirstBoard#beginning}). What is on it goes down by a row. */
public record BeginSentence(String board, ReadyWord who, ReadyWord wants) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        if (FirstBoard.hasSentence(on)) {
            throw new Unacceptable("first-sentence-there", "board", on.name());
        }
        Vocabulary wide = on.columns() > 1 ? now : new InsertLine(board, Axis.COLUMNS, on.columns()).on(now, ids).after();
        Vocabulary row = new InsertLine(board, Axis.ROWS, 0).on(wide, ids).after();
        Standing first = Standing.at(new Cell(0, 0));
        Button begins = who.in(first, ids.get());
        Board sentence = FirstBoard.beginning(row.at(board), begins, wants.in(first, ids.get()));
        return Change.of(now, row.with(sentence), Needs.of(new Key.OfShape(board)),
            Told.of("began-sentence", "who", who.label(), "wants", wants.label(), "board", on.name()));
    }
}
