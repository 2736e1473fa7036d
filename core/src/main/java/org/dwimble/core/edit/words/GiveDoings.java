package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.OfLater;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Unacceptable;

/**
 * Lets a button do other things besides what it says, in this order. What this release does not know can be moved and taken out, and comes from the
 * button alone.
 */
@JsonTypeName("give-doings")
public record GiveDoings(String board, String button, List<Doing> doings) implements Intention {
    public GiveDoings {
        Unacceptable.ifMissing(board, button, doings);
        Unacceptable.ifMore("too-many-doings", doings.size(), Acts.MOST_DOINGS);
        doings = List.copyOf(doings);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        List<Doing> has = now.boardOf(button).flatMap(b -> b.button(button)).map(b -> b.doings()).orElse(List.of());
        if (doings.stream().anyMatch(d -> (d instanceof OtherAction || d instanceof OfLater) && !has.contains(d))) {
            throw new Unacceptable("doing-unknown");
        }
        return On.altered(now, board, button, Facet.DOINGS, doings, "does-otherwise");
    }
}
