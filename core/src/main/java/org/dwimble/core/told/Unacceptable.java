package org.dwimble.core.told;

/** A value or a wish that cannot stand. What is told names the value and the way out; nothing was changed. */
public final class Unacceptable extends IllegalArgumentException {
    private final transient Told told;

    public Unacceptable(Told told) {
        super(told.toString());
        this.told = told;
    }

    /** @param with names and values in turn, as in {@link Told#of} */
    public Unacceptable(String key, Object... with) {
        this(Told.of(key, with));
    }

    public Told told() {
        return told;
    }
}
