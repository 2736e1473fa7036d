package org.dwimble.server.job;

import java.util.concurrent.CancellationException;

/** How far a piece of work is. */
@FunctionalInterface
public interface Progress {
    Progress UNTOLD = (done, of) -> {
    };

    /**
     * Told between its parts, so often that a person who ends it does not wait.
     *
     * @param of 0 if nobody knows
     * @throws CancellationException if it was ended; whatever it began is then taken back
     */
    void told(int done, int of);

    /** Asked in the middle of a part that takes long. @throws CancellationException as {@link #told} does */
    default void goOn() {
    }
}
