package org.dwimble.core.bringin;

/**
 * A board that is here and may be meant by one that is not.
 *
 * @param board  its id here
 * @param shared how many of the other's words it has, by {@link Why#SAME_WORDS}; else 0
 * @param of     how many words the other has; else 0
 */
public record Likely(String board, String name, Why why, int shared, int of) {
    /** From the surest to the least. */
    public enum Why {
        SAME_CONTENT, SAME_NAME, SAME_WORDS
    }
}
