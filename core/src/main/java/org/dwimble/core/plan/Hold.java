package org.dwimble.core.plan;

import java.time.LocalDate;
import org.dwimble.core.text.Text;
import org.jspecify.annotations.Nullable;

/**
 * Why a word is kept back, whatever the step.
 *
 * @param reason in somebody's words; may be empty
 * @param until  the last day it is meant to be; it does not end by itself, it is pointed out. Null for no end
 * @param by     the name of who did it; null if nobody knows
 * @param since  the day it was done; null if nobody knows
 * @param fact   true if it follows from a fact about the student; then the reason is for the team alone and never leaves
 */
public record Hold(String reason, @Nullable LocalDate until, @Nullable String by, @Nullable LocalDate since, boolean fact) {
    public static final int LONGEST_REASON = 200;
    /** Kept back, and nobody knows more. */
    public static final Hold PLAIN = new Hold("", null, null, null, false);

    public Hold {
        Days.checked(until);
        Days.checked(since);
        reason = Text.tidy(reason);
        Text.atMost(LONGEST_REASON, "hold_reason", reason);
    }

    /** True if it was meant to have ended before a day. */
    public boolean pastOn(LocalDate day) {
        return until != null && until.isBefore(day);
    }

    /** The same, and nobody is told why. */
    public Hold withoutReason() {
        return new Hold("", until, by, since, fact);
    }

    /** As others may know it, outside the school. */
    public Hold forOthers() {
        return new Hold(fact ? "" : reason, until, null, since, false);
    }
}
