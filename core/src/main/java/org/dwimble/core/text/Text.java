package org.dwimble.core.text;

import java.text.Normalizer;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/** How words a person typed are tidied and bounded, in one place. */
public final class Text {
    private Text() {
    }

    /** NFC, control characters gone, runs of white space become one space, ends trimmed. Null counts as empty. */
    public static String tidy(@Nullable String text) {
        if (text == null) {
            return "";
        }
        String composed = Normalizer.isNormalized(text, Normalizer.Form.NFC) ? text : Normalizer.normalize(text, Normalizer.Form.NFC);
        StringBuilder tidy = new StringBuilder(composed.length());
        boolean gap = false;
        for (int i = 0; i < composed.length(); i++) {
            char c = composed.charAt(i);
            if (Character.isWhitespace(c) || c == '\u00a0') {
                gap = true;
            } else if (!Character.isISOControl(c)) {
                if (gap && tidy.length() > 0) {
                    tidy.append(' ');
                }
                gap = false;
                tidy.append(c);
            }
        }
        return tidy.toString();
    }

    /** Counts characters as Unicode code points. */
    public static int length(String text) {
        return text.codePointCount(0, text.length());
    }

    /**
     * @param what names what is too long, for the telling
     * @throws Unacceptable if the text is longer than {@code most} characters
     */
    public static void atMost(int most, String what, String text) {
        int length = length(text);
        if (length > most) {
            throw new Unacceptable("too-long", "what", what, "most", most, "has", length);
        }
    }

    /** The first {@code most} characters, never half a pair of surrogates. */
    public static String cut(String text, int most) {
        return length(text) <= most ? text : text.substring(0, text.offsetByCodePoints(0, most));
    }
}
