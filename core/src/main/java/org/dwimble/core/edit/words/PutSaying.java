package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * Puts a button into an empty cell that says its label as a sound, or in a manner.
 *
 * @param picture null for none
 * @param sound   heard in place of the voice; null for the voice
 */
@JsonTypeName("put-saying")
public record PutSaying(String board, Cell at, String label, @Nullable String picture, @Nullable Kind kind, @Nullable String sound, @Nullable HowSaid how)
    implements Intention {
    public PutSaying {
        Unacceptable.ifMissing(board, at, label);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Acts acts = new Acts(Says.LABEL, how == null ? HowSaid.USUAL : how, sound, List.of(), Leads.STAYS);
        return new PutButtons(board, Button.word(ids.get(), at, label, picture, kind).withActs(acts)).on(now, ids);
    }
}
