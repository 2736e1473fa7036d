package org.dwimble.core.place;

import java.util.List;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.jspecify.annotations.Nullable;

/**
 * Where a button stands, and how it is reached.
 *
 * @param board    its id
 * @param name     the board's
 * @param standing where on it
 * @param taps     cells tapped from home to the board, in order; null if no taps lead there
 */
public record Spot(String board, String name, Standing standing, @Nullable List<Cell> taps) {
    /** True if two cells begin at the same part of their boards' height and width: of boards of one shape, if they are the same cell. */
    public static boolean same(Shape shapeOne, Cell one, Shape shapeOther, Cell other) {
        if (one.equals(other)) {
            return true;
        }
        return !shapeOne.equals(shapeOther) && part(shapeOne.allHeights(), one.row()) == part(shapeOther.allHeights(), other.row())
            && part(shapeOne.allWidths(), one.column()) == part(shapeOther.allWidths(), other.column());
    }

    /** In thousandths of all. */
    private static long part(List<Integer> shares, int line) {
        double all = shares.stream().mapToInt(i -> i).sum();
        return Math.round(1000 * shares.subList(0, line).stream().mapToInt(i -> i).sum() / all);
    }
}
