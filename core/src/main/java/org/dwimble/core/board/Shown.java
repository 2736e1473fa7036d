package org.dwimble.core.board;

import org.dwimble.core.look.Look;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * How a button is shown.
 *
 * @param hidden true if the student does not see it; its cell stays empty
 * @param left   the year somebody left, who keeps his place; null for whoever is here, and for what is nobody
 * @param look   what is its own about its look; it says nothing of what is a board's
 */
public record Shown(boolean hidden, @Nullable Integer left, Look look) {
    public static final Shown YES = new Shown(false, null, Look.PLAIN);
    public static final Shown NO = new Shown(true, null, Look.PLAIN);

    public Shown {
        look = look == null ? Look.PLAIN : look;
        if (look.ofABoard()) {
            throw new Unacceptable("look-of-a-board");
        }
        if (left != null && (left < 1900 || left > 2200)) {
            throw new Unacceptable("no-year", "year", left);
        }
    }

    public Shown withHidden(boolean hidden) {
        return new Shown(hidden, left, look);
    }

    public Shown withLeft(@Nullable Integer left) {
        return new Shown(hidden, left, look);
    }

    public Shown withLook(Look look) {
        return new Shown(hidden, left, look);
    }
}
