package org.dwimble.core.place;

/** What became of a word from one vocabulary to the other; of several that are true the first here. */
public enum Fate {
    /** It is not there any more, and another stands in its place. */
    REPLACED,
    /** It is not there any more. */
    GONE,
    /** It was not there before. */
    NEW,
    /** It stands on another board, or elsewhere on its board. */
    MOVED,
    /** It stands where it stood, and the taps that led to its board do not any more. */
    REROUTED,
    /** It kept its place; the student saw it, and does not any more. */
    HELD,
    /** It kept its place; the student did not see it, and does now. */
    SHOWN,
    /** It kept its place. */
    KEPT;

    /** True if a hand that has learned the word finds it as before. */
    public boolean keeps() {
        return compareTo(HELD) >= 0;
    }
}
