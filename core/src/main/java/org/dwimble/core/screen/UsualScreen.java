package org.dwimble.core.screen;

import java.util.List;
import org.dwimble.core.told.Told;

/**
 * A size of screen students often talk on.
 *
 * @param called as people say it, by kind and by inches across the corner
 */
public record UsualScreen(Told called, Screen screen) {
    /** Smallest first. */
    public static final List<UsualScreen> ALL = List.of(
        of("screen-phone", 6, Screen.ofDiagonal(6.1, 39, 18)),
        of("screen-small-tablet", 8, Screen.ofDiagonal(8.3, 4, 3)),
        of("screen-tablet", 10, Screen.ofDiagonal(10.2, 4, 3)),
        of("screen-wide-tablet", 11, Screen.ofDiagonal(11, 16, 10)),
        of("screen-large-tablet", 13, Screen.ofDiagonal(12.9, 4, 3)),
        of("screen-laptop", 13, Screen.ofDiagonal(13.3, 16, 9)),
        of("screen-touch", 24, Screen.ofDiagonal(24, 16, 9)));

    private static UsualScreen of(String kind, int inches, Screen screen) {
        return new UsualScreen(Told.of(kind, "inches", inches), screen);
    }

    /** What most students here talk on; starters are measured on it where there is no student. */
    public static final UsualScreen COMMON = ALL.get(2);
}
