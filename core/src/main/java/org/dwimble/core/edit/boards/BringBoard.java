package org.dwimble.core.edit.boards;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.BringButtons;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Adds a copy of a board, of this vocabulary or of another, under a name. Its buttons are new ones; of another vocabulary they
 * are as {@link BringButtons} makes them.
 *
 * @param openedFrom the board with the button that opens it; null if none does yet
 * @param openedBy   that button
 */
public record BringBoard(Board board, String name, @Nullable String openedFrom, @Nullable String openedBy) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        String id = ids.get();
        List<Button> copies = board.buttons().stream().map(b -> BringButtons.at(b, b.standing(), now, ids)).toList();
        Board copy = new Board(id, name == null || name.isBlank() ? board.name() : name, board.shape(), board.look(), copies, board.facts(), board.extras());
        return On.added(now, copy, openedFrom, openedBy, Told.of("copied-board", "from", board.name(), "board", copy.name()));
    }
}
