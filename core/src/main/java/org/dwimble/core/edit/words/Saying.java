package org.dwimble.core.edit.words;

import java.util.List;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * Something ready to be said by a new button: a sound, a text in a manner, or a day word. The button says its label so.
 *
 * @param picture null for none
 * @param sound   heard in place of the voice; null for the voice
 * @param day     computed in place of the label, by which it is known; null for none
 * @param paper   null for that of the board
 */
public record Saying(String label, @Nullable String picture, @Nullable Kind kind, @Nullable String sound, @Nullable HowSaid how, @Nullable DayWord day,
    @Nullable Colour paper) {
    public Saying {
        Unacceptable.ifMissing(label);
    }

    public ReadyWord ready() {
        return new ReadyWord(label, picture, kind, null,
            new Acts(day == null ? Says.LABEL : new Says.OfDay(day), how == null ? HowSaid.USUAL : how, sound, List.of(), Leads.STAYS),
            paper == null ? null : Look.PLAIN.withFill(paper));
    }
}
