package org.dwimble.core.search;

import org.dwimble.core.picture.Picture;
import org.dwimble.core.told.Told;

/**
 * A picture, and why it was found.
 *
 * @param by the word it was found by, as it is written; the one typed, or another
 */
public record Found(Picture picture, Why why, String by) {
    /** The reason, to be put into a word or two. */
    public Told told() {
        return why.told(by);
    }
}
