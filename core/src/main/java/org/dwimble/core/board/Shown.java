package org.dwimble.core.board;

import org.dwimble.core.look.Look;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * How and when a button is shown. Whatever keeps it back, its cell stays as it is.
 *
 * @param hold why it is kept back, whatever the step; null if it is not
 * @param step id of the step of the plan it belongs to; null for none: then it waits while there is a plan
 * @param left the year somebody left, who keeps his place; null for whoever is here, and for what is nobody
 * @param look what is its own about its look; it says nothing of what is a board's
 */
public record Shown(@Nullable Hold hold, @Nullable String step, @Nullable Integer left, Look look) {
    public static final Shown YES = new Shown(null, null, null, Look.PLAIN);
    public static final Shown NO = new Shown(Hold.PLAIN, null, null, Look.PLAIN);
    public static final int LONGEST_STEP = 60;

    public Shown {
        look = look == null ? Look.PLAIN : look;
        if (look.ofABoard()) {
            throw new Unacceptable("look-of-a-board");
        }
        if (left != null && (left < 1900 || left > 2200)) {
            throw new Unacceptable("no-year", "year", left);
        }
        if (step != null && (step.isEmpty() || step.length() > LONGEST_STEP)) {
            throw new Unacceptable("step-gone");
        }
    }

    public boolean hidden() {
        return hold != null;
    }

    /** As a new word of another vocabulary has it: held for no reason of where it came from, in none of its steps. Who has left is not shown. */
    public Shown elsewhere() {
        return new Shown(left == null ? null : Hold.PLAIN, null, left, look);
    }

    public Shown withHold(@Nullable Hold hold) {
        return new Shown(hold, step, left, look);
    }

    public Shown withStep(@Nullable String step) {
        return new Shown(hold, step, left, look);
    }

    public Shown withLeft(@Nullable Integer left) {
        return new Shown(hold, step, left, look);
    }

    public Shown withLook(Look look) {
        return new Shown(hold, step, left, look);
    }
}
