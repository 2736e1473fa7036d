package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.told.Unacceptable;

/** Puts a button into an empty cell that says its label as a sound, or in a manner. */
@JsonTypeName("put-saying")
public record PutSaying(String board, Cell at, Saying saying) implements Intention {
    public PutSaying {
        Unacceptable.ifMissing(board, at, saying);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return new PutButtons(board, saying.ready().in(Standing.at(at), ids.get())).on(now, ids);
    }
}
