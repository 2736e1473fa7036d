package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.edit.words.Saying;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * A new board of sounds or quips, opened from an empty cell, with home and back where the others have them; what it does not hold stands on a further one.
 *
 * @param at the cell of the button that opens it
 */
@JsonTypeName("board-of-sayings")
public record BoardOfSayings(String board, Cell at, String name, List<Saying> sayings) implements Intention {
    public BoardOfSayings {
        Unacceptable.ifMissing(board, at, name, sayings);
        if (sayings.isEmpty() || Text.tidy(name).isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
        Unacceptable.ifMore("too-much-at-once", sayings.size(), PutWords.MOST);
        sayings = List.copyOf(sayings);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        ReadyWord opener = new ReadyWord(Text.tidy(name), sayings.get(0).picture(), null);
        return new FillBoards(board, at, sayings.stream().map(Saying::ready).toList(), opener).on(now, ids);
    }
}
