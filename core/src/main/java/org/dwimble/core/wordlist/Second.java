package org.dwimble.core.wordlist;

import org.dwimble.core.told.Unacceptable;

/**
 * A second language beside the first.
 *
 * @param language as BCP 47 has it, such as {@code ar}; its names of pictures are kept by it
 * @param instead  true if it is printed instead of the first where it is known, not under it
 */
public record Second(String language, boolean instead) {
    public Second {
        Unacceptable.ifMissing(language);
    }
}
