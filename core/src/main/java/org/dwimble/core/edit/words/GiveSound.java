package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.jspecify.annotations.Nullable;

/**
 * Lets a recording or another sound be heard in place of the voice.
 *
 * @param sound null to have the voice again
 */
@JsonTypeName("give-sound")
public record GiveSound(String board, String button, @Nullable String sound) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.altered(now, board, button, Facet.SOUND, sound, sound == null ? "sound-taken" : "sound-given");
    }
}
