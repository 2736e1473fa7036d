package org.dwimble.server.version;

import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * One of a line of versions.
 *
 * @param account null if the program made it
 * @param by      as well
 * @param name    null if nobody gave it one
 * @param words   it held; 0 where they are not counted
 * @param shown   of these, what the student sees
 */
public record Version(int number, String madeAt, @Nullable Long account, @Nullable String by, Told told, @Nullable String name, int words,
    int shown) {
    /** What was first done, if this takes it back or makes it again. */
    Told atBottom() {
        return told.with().get("what") instanceof Told what ? what : told;
    }
}
