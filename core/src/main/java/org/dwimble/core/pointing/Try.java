package org.dwimble.core.pointing;

import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * One target, and what was touched, chosen or looked at.
 *
 * @param grid   of equal lines
 * @param hit    the cell that was; null for none of them
 * @param first  the cell a finger came down on, where that is known and it slid from there; else null
 * @param millis from when the target was shown until then, 0 to {@value #LONGEST}; null if it was not measured
 */
public record Try(Shape grid, Cell target, @Nullable Cell hit, @Nullable Cell first, @Nullable Integer millis) {
    public static final int LONGEST = 600_000;

    public Try {
        Unacceptable.ifMissing(grid, target);
        if (!in(grid, target) || hit != null && !in(grid, hit) || first != null && !in(grid, first)) {
            throw new Unacceptable("pointing-off-grid", "rows", grid.rows(), "columns", grid.columns());
        }
        if (millis != null && (millis < 0 || millis > LONGEST)) {
            throw new Unacceptable("pointing-time", "most", LONGEST / 1_000);
        }
    }

    private static boolean in(Shape grid, Cell cell) {
        return cell.row() >= 0 && cell.column() >= 0 && cell.row() < grid.rows() && cell.column() < grid.columns();
    }

    public boolean isHit() {
        return target.equals(hit);
    }

    /** A miss by one cell: beside the target, above or below it, or across its corner. */
    public boolean isNear() {
        return hit != null && !isHit() && Math.abs(hit.row() - target.row()) <= 1 && Math.abs(hit.column() - target.column()) <= 1;
    }

    /** True if a finger came down on one cell and left another, one of which was the target. */
    public boolean slid() {
        return first != null && !first.equals(hit) && (isHit() || first.equals(target));
    }
}
