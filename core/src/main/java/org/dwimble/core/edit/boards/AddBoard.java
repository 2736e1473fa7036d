package org.dwimble.core.edit.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Adds a board as it is, with the buttons on it. */
public record AddBoard(Board board) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        if (now.boards().containsKey(board.id())) {
            throw new Unacceptable("board-there-already");
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfBoard(board.id())));
        board.buttons().forEach(b -> {
            if (now.boardOf(b.id()).isPresent()) {
                throw new Unacceptable("button-there-already");
            }
            needs.add(new Key.OfButton(b.id()));
        });
        return Change.of(now, now.with(board), Needs.of(needs), Told.of("added-board", "board", board.name()));
    }
}
