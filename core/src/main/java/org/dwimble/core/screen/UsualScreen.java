package org.dwimble.core.screen;

import java.util.List;

/**
 * A size of screen students often talk on, named as people say it.
 *
 * @param name by kind and by inches across the corner
 */
public record UsualScreen(String name, Screen screen) {
    /** Smallest first. */
    public static final List<UsualScreen> ALL = List.of(
        new UsualScreen("phone, 6 inch", Screen.ofDiagonal(6.1, 39, 18)),
        new UsualScreen("small tablet, 8 inch", Screen.ofDiagonal(8.3, 4, 3)),
        new UsualScreen("tablet, 10 inch", Screen.ofDiagonal(10.2, 4, 3)),
        new UsualScreen("wide tablet, 11 inch", Screen.ofDiagonal(11, 16, 10)),
        new UsualScreen("large tablet, 13 inch", Screen.ofDiagonal(12.9, 4, 3)),
        new UsualScreen("laptop, 13 inch", Screen.ofDiagonal(13.3, 16, 9)),
        new UsualScreen("touch screen, 24 inch", Screen.ofDiagonal(24, 16, 9)));

    /** What most students here talk on; starters are measured on it where there is no student. */
    public static final UsualScreen COMMON = ALL.get(2);
}
