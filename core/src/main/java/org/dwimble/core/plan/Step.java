package org.dwimble.core.plan;

import java.time.LocalDate;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * One step of a reveal plan: words that are opened together.
 *
 * @param id      its own for life, through renaming and reordering
 * @param began   the first day the student was at it; null before that
 * @param planned the day it is meant to begin, which only reminds; null for when ready
 * @param besides what it does besides showing words
 */
public record Step(String id, String name, @Nullable LocalDate began, @Nullable LocalDate planned, Besides besides) {
    public static final int LONGEST_NAME = 60;

    public Step {
        Days.checked(began);
        Days.checked(planned);
        name = Text.tidy(name);
        if (name.isEmpty()) {
            throw new Unacceptable("step-without-name");
        }
        Text.atMost(LONGEST_NAME, "step_name", name);
    }

    /** One that shows words, and does nothing besides. */
    public Step(String id, String name, @Nullable LocalDate began, @Nullable LocalDate planned) {
        this(id, name, began, planned, Besides.NOTHING);
    }

    public Step withName(String name) {
        return new Step(id, name, began, planned, besides);
    }

    public Step withPlanned(@Nullable LocalDate planned) {
        return new Step(id, name, began, planned, besides);
    }

    public Step begunOn(LocalDate day) {
        return began != null ? this : new Step(id, name, day, planned, besides);
    }

    public Step with(Besides besides) {
        return new Step(id, name, began, planned, besides);
    }
}
