package org.dwimble.core.screen;

import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.board.Shape;
import org.dwimble.core.measure.Length;

/** How large cells are on a screen, grid by grid. */
public final class CellSizes {
    /** Grids as they are often used, from few large cells to many small ones; lying across. */
    private static final List<Shape> USUAL = Stream.of(new int[] {1, 2}, new int[] {2, 2}, new int[] {2, 3}, new int[] {3, 4}, new int[] {4, 5},
        new int[] {4, 6}, new int[] {5, 8}, new int[] {6, 9}, new int[] {7, 11}, new int[] {8, 12}).map(g -> new Shape(g[0], g[1])).toList();

    /** @param width of the narrowest cell, as {@code height} of the lowest @param small true if many hands miss it */
    public record Size(Length width, Length height, boolean small) {
        /** True if a hand hits it, as far as was found: neither side is shorter than what it needs. */
        public boolean suits(Hand hand) {
            return Length.smaller(width, height).compareTo(hand.leastCell()) >= 0;
        }
    }

    private CellSizes() {
    }

    /** Usual grids for a screen: with more columns than rows if it lies across, else with more rows. */
    public static List<Shape> usual(Screen screen) {
        boolean across = screen.width().compareTo(screen.height()) >= 0;
        return USUAL.stream().map(g -> across ? g : new Shape(g.columns(), g.rows())).toList();
    }

    public static Size of(TalkLayout layout) {
        return new Size(layout.cellWidth(), layout.cellHeight(), layout.small());
    }
}
