package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

@JsonTypeName("rename-board")
public record RenameBoard(String board, String name) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board was = On.board(now, board);
        Board is = was.withName(name);
        return Change.of(now, now.with(is), Needs.of(new Key.OfBoardName(board)), Told.of("called-board", "board", was.name(), "name", is.name()));
    }
}
