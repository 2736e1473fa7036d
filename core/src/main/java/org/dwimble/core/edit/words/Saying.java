package org.dwimble.core.edit.words;

import java.util.List;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * Something ready to be said by a new button: a sound, or a text in a manner. The button says its label so.
 *
 * @param picture null for none
 * @param sound   heard in place of the voice; null for the voice
 */
public record Saying(String label, @Nullable String picture, @Nullable Kind kind, @Nullable String sound, @Nullable HowSaid how) {
    public Saying {
        Unacceptable.ifMissing(label);
    }

    public ReadyWord ready() {
        return new ReadyWord(label, picture, kind, null, new Acts(Says.LABEL, how == null ? HowSaid.USUAL : how, sound, List.of(), Leads.STAYS));
    }
}
