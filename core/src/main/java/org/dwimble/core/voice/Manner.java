package org.dwimble.core.voice;

import java.util.Locale;

/** How a text is said. A voice gives what it can of it; what it cannot is told where the manner is chosen. */
public enum Manner {
    PLAINLY, BRIGHTLY, CROSSLY, SLEEPILY, WHISPERED, SHOUTED;

    /** The word by which documents and packages know it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
