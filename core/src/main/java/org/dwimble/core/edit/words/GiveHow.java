package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.voice.HowSaid;

/** Lets a button say what it says in another manner, at another time, or spoken otherwise than it is written. */
@JsonTypeName("give-how")
public record GiveHow(String board, String button, HowSaid how) implements Intention {
    public GiveHow {
        how = how == null ? HowSaid.USUAL : how;
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.altered(now, board, button, Facet.HOW, how, "said-otherwise");
    }
}
