package org.dwimble.core.voice;

import java.util.Locale;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A text as a voice is to say it.
 *
 * @param text     1 to {@value #MOST} characters
 * @param language BCP 47 tag
 * @param variant  which of the voices of the language; null for its usual one
 * @param rate     percent of the usual rate, {@value #SLOWEST} to {@value #FASTEST}
 * @param pitch    0 to 100; 50 is as usual
 */
public record Spoken(String text, String language, Manner manner, @Nullable String variant, int rate, int pitch) {
    public static final int MOST = 500;
    public static final int SLOWEST = 40;
    public static final int FASTEST = 250;

    public Spoken {
        text = Text.tidy(text);
        if (text.isEmpty()) {
            throw new Unacceptable("nothing-to-say");
        }
        Text.atMost(MOST, "speech", text);
        language = Text.tidy(language).toLowerCase(Locale.ROOT);
        manner = manner == null ? Manner.PLAINLY : manner;
        variant = variant == null || variant.isBlank() ? null : variant;
        rate = Math.max(SLOWEST, Math.min(FASTEST, rate));
        pitch = Math.max(0, Math.min(100, pitch));
    }

    /** By the usual voice of the language. */
    public static Spoken plainly(String text, String language) {
        return new Spoken(text, language, Manner.PLAINLY, null, 100, 50);
    }
}
