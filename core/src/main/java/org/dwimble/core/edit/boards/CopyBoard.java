package org.dwimble.core.edit.boards;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Adds a copy of a board of this vocabulary, under a name. Its buttons are new ones, and lead where those lead.
 *
 * @param board      id of the board
 * @param openedFrom the board with the button that opens the copy; null if none does yet
 * @param openedBy   that button
 */
public record CopyBoard(String board, String name, @Nullable String openedFrom, @Nullable String openedBy) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board from = On.board(now, board);
        String id = ids.get();
        List<Button> copies = from.buttons().stream().map(b -> new Button(ids.get(), b.standing(), b.face(), b.acts(), b.shown(), b.extras())).toList();
        Board copy = new Board(id, name == null || name.isBlank() ? from.name() : name, from.shape(), from.look(), copies, from.facts(), from.extras());
        return On.added(now, copy, openedFrom, openedBy, Told.of("copied-board", "from", from.name(), "board", copy.name()));
    }
}
