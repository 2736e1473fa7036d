package org.dwimble.core.plan;

import java.time.LocalDate;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/** Days of a plan lie in years people write: 1 to 9999. */
final class Days {
    private static final int LAST_YEAR = 9_999;

    private Days() {
    }

    /** @throws Unacceptable if it is a day of another year; none is none */
    static void checked(@Nullable LocalDate day) {
        if (day != null && (day.getYear() < 1 || day.getYear() > LAST_YEAR)) {
            throw new Unacceptable("no-such-day");
        }
    }
}
