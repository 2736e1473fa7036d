package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Deletes a board with everything on it, and so needs all of it as it was seen: a colleague's new word must not go
 * unseen. Buttons that open it become loose ends, which are listed; the home board cannot be deleted.
 */
@JsonTypeName("delete-board")
public record DeleteBoard(String board) implements Intention {
    /** Its words are held instead. */
    @Override
    public Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        return Optional.of(HoldWords.instead(Meant.onBoard(board, false)));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board gone = On.board(now, board);
        if (now.home().equals(board)) {
            throw new Unacceptable("home-stays", "board", gone.name());
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfBoard(board)));
        gone.buttons().forEach(b -> needs.add(new Key.OfButton(b.id())));
        return Change.of(now, now.without(board), Needs.of(needs), Told.of("deleted-board", "board", gone.name()));
    }
}
