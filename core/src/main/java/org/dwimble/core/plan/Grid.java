package org.dwimble.core.plan;

import java.util.List;

/**
 * Lines of a board.
 *
 * @param heights how high each row is against the others; empty if all are equal
 * @param widths  how wide each column is, likewise
 */
public record Grid(int rows, int columns, List<Integer> heights, List<Integer> widths) {
    public Grid {
        heights = List.copyOf(heights);
        widths = List.copyOf(widths);
    }
}
