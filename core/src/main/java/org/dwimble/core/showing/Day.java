package org.dwimble.core.showing;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import org.dwimble.core.told.Unacceptable;

/**
 * A day in pictures: what happens, in a row.
 *
 * @param clock true if it goes on by the clock, false if somebody touches what is over
 * @param gone  true if what is over is gone, false if it is grey
 * @param times when something begins, in minutes after midnight where the student is, by the id of its word; the others begin {@value #APART} minutes
 *              after what stands before them, and the first at nine
 */
public record Day(boolean clock, boolean gone, Map<String, Integer> times) {
    static final int FIRST = 9 * 60;
    static final int APART = 30;
    private static final int MINUTES = 24 * 60;
    public static final Day USUAL = new Day(false, false, Map.of());

    public Day {
        times = times == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(times));
        if (times.values().stream().anyMatch(t -> t == null || t < 0 || t >= MINUTES)) {
            throw new Unacceptable("day-time");
        }
    }
}
