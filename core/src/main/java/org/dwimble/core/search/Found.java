package org.dwimble.core.search;

import org.dwimble.core.picture.Picture;

/**
 * A picture, and why it was found.
 *
 * @param by the word it was found by, as it is written; the one typed, or another
 */
public record Found(Picture picture, Why why, String by) {
    /** The reason, in a word or two. */
    public String reason() {
        return why.words(by);
    }
}
