package org.dwimble.core.board;

import org.dwimble.core.told.Unacceptable;

/**
 * One cell of a grid. Both numbers count from 0, top left, and are below {@link Board#MOST_LINES}, so that sums of
 * them cannot overflow; people are shown them from 1. Ordered as one reads.
 */
public record Cell(int row, int column) implements Comparable<Cell> {
    public Cell {
        if (row < 0 || column < 0 || row >= Board.MOST_LINES || column >= Board.MOST_LINES) {
            throw new Unacceptable("cell-off-board", "row", row, "column", column, "most", Board.MOST_LINES);
        }
    }

    @Override
    public int compareTo(Cell other) {
        return row != other.row ? Integer.compare(row, other.row) : Integer.compare(column, other.column);
    }
}
