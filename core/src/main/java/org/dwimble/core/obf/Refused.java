package org.dwimble.core.obf;

import org.dwimble.core.told.Told;

/** A file that is not taken in, as a whole. What is told says which file and why. */
public final class Refused extends Exception {
    private final transient Told told;

    public Refused(Told told) {
        super(told.toString());
        this.told = told;
    }

    /** @param with names and values in turn, as in {@link Told#of} */
    public Refused(String key, Object... with) {
        this(Told.of(key, with));
    }

    public Told told() {
        return told;
    }
}
