package org.dwimble.server.media;

import org.dwimble.core.told.Told;

/** Bytes from outside that are not kept, and why. */
final class NotTaken extends Exception {
    private final transient Told why;

    NotTaken(String why, Object... with) {
        super(why);
        this.why = Told.of(why, with);
    }

    Told why() {
        return why;
    }
}
