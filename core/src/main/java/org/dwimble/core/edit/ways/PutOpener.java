package org.dwimble.core.edit.ways;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Puts a button on a board that leads somewhere, in an empty cell. Without a picture of its own it has that of the first button,
 * by board and in reading order, that leads there already.
 *
 * @param at      null for the first empty one
 * @param picture null for that of another opener
 */
@JsonTypeName("put-opener")
public record PutOpener(String board, @Nullable Cell at, String label, @Nullable String picture, Leads leads) implements Intention {
    public PutOpener {
        if (leads instanceof Leads.OfLater) {
            throw new Unacceptable("doing-unknown");
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return Silent.put(now, board, at, cell -> Button.leading(ids.get(), cell, label, picture, leads), b -> b.leads().equals(leads));
    }
}
