package org.dwimble.core.voice;

import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * How a button says what it says.
 *
 * @param as what the voice is given in place of the words, for a word it reads wrongly; 1 to {@value #MOST} characters, or null. The words stay as they are
 *           in the message
 */
public record HowSaid(Manner manner, When when, @Nullable String as) {
    public static final HowSaid USUAL = new HowSaid(Manner.PLAINLY, When.BOTH, null);
    public static final int MOST = 200;

    public HowSaid {
        manner = manner == null ? Manner.PLAINLY : manner;
        when = when == null ? When.BOTH : when;
        String tidy = as == null ? "" : Text.tidy(as);
        if (Text.length(tidy) > MOST) {
            throw new Unacceptable("say-as-long", "most", MOST, "has", Text.length(tidy));
        }
        as = tidy.isEmpty() ? null : tidy;
    }
}
