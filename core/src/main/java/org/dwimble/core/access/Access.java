package org.dwimble.core.access;

import org.jspecify.annotations.Nullable;

/**
 * How a student reaches what is on a board.
 *
 * @param scanning null if the student does not use switches
 */
public record Access(Touching touching, @Nullable Scanning scanning) {
    public static final Access USUAL = new Access(Touching.USUAL, null);

    public Access {
        touching = touching == null ? Touching.USUAL : touching;
    }
}
