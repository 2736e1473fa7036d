package org.dwimble.core.wordlist;

import org.dwimble.core.told.Unacceptable;

/**
 * A second language beside the first.
 *
 * @param language its English name, as pictures' names are kept
 * @param instead  true if it is printed instead of the first where it is known, not under it
 */
public record Second(String language, boolean instead) {
    public Second {
        Unacceptable.ifMissing(language);
    }
}
