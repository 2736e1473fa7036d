package org.dwimble.core.pointing;

import java.time.LocalDate;
import java.util.List;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.told.Unacceptable;

/**
 * What was found on one day.
 *
 * @param how    it was pointed
 * @param level  of targets that are to be hit, in percent: {@value #LEAST_LEVEL} to {@value #MOST_LEVEL}
 * @param screen the grids were on, or whose cells were printed
 * @param gap    between cells, in thousandths of the screen’s width
 * @param ended  true if it was broken off
 * @param tries  in their order, 1 to {@value #MOST_TRIES}
 */
public record PointingCheck(LocalDate day, How how, int level, Screen screen, int gap, boolean ended, List<Try> tries) {
    public static final int LEAST_LEVEL = 50;
    public static final int MOST_LEVEL = 95;
    public static final int MOST_TRIES = 1_000;

    /** How it is pointed. */
    public enum How {
        /** With a finger on the screen. */
        FINGER,
        /** With a switch, or several. */
        SWITCH,
        /** With a finger on paper. */
        PAPER,
        /** With the eyes, on a sheet that is held up; a partner follows them. */
        EYES
    }

    public PointingCheck {
        Unacceptable.ifMissing(day, how, screen, tries);
        Unacceptable.ifMissing(tries.toArray());
        tries = List.copyOf(tries);
        level(level);
        if (tries.isEmpty()) {
            throw new Unacceptable("pointing-no-tries");
        }
        if (tries.size() > MOST_TRIES) {
            throw new Unacceptable("pointing-too-many", "most", MOST_TRIES, "has", tries.size());
        }
    }

    /** @throws Unacceptable if it is no level there is */
    public static int level(int level) {
        if (level < LEAST_LEVEL || level > MOST_LEVEL) {
            throw new Unacceptable("pointing-level", "least", LEAST_LEVEL, "most", MOST_LEVEL);
        }
        return level;
    }
}
