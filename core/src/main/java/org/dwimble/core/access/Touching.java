package org.dwimble.core.access;

import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Unacceptable;

/**
 * How a touch counts, as was found right for a student.
 *
 * @param restMs  how long a finger rests on a cell before it counts, where it counts so: {@value #LEAST_REST_MS} to {@value #MOST_MS} milliseconds
 * @param againMs so long after a touch that counted another is let pass; 0 to {@value #MOST_MS} milliseconds
 * @param slip    so far beside its cell a finger that slips off still means it, 0 to {@value #MOST_MM} mm
 * @param edge    so far inwards from its edge a cell does not feel a finger come down, 0 to {@value #MOST_MM} mm; at most a third of the cell
 */
public record Touching(When when, int restMs, int againMs, Length slip, Length edge) {
    /** What makes a touch count. */
    public enum When {
        /** A finger comes down. */
        AT_ONCE,
        /** It is lifted. */
        ON_RELEASE,
        /** It has rested on one cell for so long. */
        AFTER_RESTING
    }

    public static final int LEAST_REST_MS = 100;
    public static final int MOST_MS = 5_000;
    public static final int MOST_MM = 40;
    public static final Touching USUAL = new Touching(When.ON_RELEASE, 600, 0, Length.ZERO, Length.ZERO);

    public Touching {
        when = when == null ? When.ON_RELEASE : when;
        if (restMs < LEAST_REST_MS || restMs > MOST_MS || againMs < 0 || againMs > MOST_MS) {
            throw new Unacceptable("touch-time", "least", LEAST_REST_MS, "most", MOST_MS);
        }
        if (!isLength(slip) || !isLength(edge)) {
            throw new Unacceptable("touch-length", "most", MOST_MM);
        }
    }

    private static boolean isLength(Length length) {
        return length.mm() >= 0 && length.mm() <= MOST_MM;
    }
}
