package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Unacceptable;

/** Lets a button say something else, or nothing. */
@JsonTypeName("give-words")
public record GiveWords(String board, String button, Says says) implements Intention {
    public GiveWords {
        says = says == null ? Says.LABEL : says;
        if (says instanceof Says.OfLater) {
            throw new Unacceptable("doing-unknown");
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.altered(now, board, button, Facet.SAYS, says, "said");
    }
}
