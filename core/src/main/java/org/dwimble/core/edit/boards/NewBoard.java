package org.dwimble.core.edit.boards;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Makes a board like its siblings, with its way home and back where they have them, and its first words.
 *
 * @param openedFrom the board with the button that opens it; null if none does yet
 * @param openedBy   that button
 * @param shape      its grid; null for the size most of its siblings have
 */
public record NewBoard(String name, @Nullable String openedFrom, @Nullable String openedBy, @Nullable Shape shape, List<ReadyWord> words) implements Intention {
    public NewBoard {
        words = List.copyOf(words);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board added = Siblings.of(now, openedFrom).newBoard(ids.get(), name, shape, ids);
        Change bare = On.added(now, added, openedFrom, openedBy, Told.of("added-board", "board", added.name()));
        return words.isEmpty() ? bare : Change.of(now, new PutWords(added.id(), null, words).on(bare.after(), ids).after(), bare.needs(), bare.told());
    }
}
