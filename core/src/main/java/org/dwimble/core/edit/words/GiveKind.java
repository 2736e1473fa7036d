package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.jspecify.annotations.Nullable;

/** Says what kind of word a button is. @param kind null if it is no word */
@JsonTypeName("give-kind")
public record GiveKind(String board, String button, @Nullable Kind kind) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.altered(now, board, button, Facet.KIND, kind, "kinded");
    }
}
