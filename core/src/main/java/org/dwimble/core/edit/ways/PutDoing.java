package org.dwimble.core.edit.ways;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.OfLater;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Puts a button on a board that says no word and does something, such as saying the message, in an empty cell. Without a picture of its own
 * it has that of the first button, by board and in reading order, that does the same.
 *
 * @param at null for the first empty one
 */
@JsonTypeName("put-doing")
public record PutDoing(String board, @Nullable Cell at, String label, @Nullable String picture, Doing doing) implements Intention {
    public PutDoing {
        Unacceptable.ifMissing(board, label, doing);
        if (doing instanceof OtherAction || doing instanceof OfLater) {
            throw new Unacceptable("doing-unknown");
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Acts acts = new Acts(Says.NOTHING, null, List.of(doing), Leads.STAYS);
        return Silent.put(now, board, at, cell -> Button.leading(ids.get(), cell, label, picture, Leads.STAYS).withActs(acts), b -> b.acts().equals(acts));
    }
}
