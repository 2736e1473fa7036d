package org.dwimble.core.access;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.told.Unacceptable;

/**
 * How boards of one shape are parted into blocks, by people.
 *
 * @param cells the block of each cell, row by row: 1 to {@value #MOST}, or 0 for none
 */
public record Blocks(int rows, int columns, List<Integer> cells) {
    public static final int MOST = 12;

    public Blocks {
        cells = cells == null ? List.of() : List.copyOf(cells);
        if (rows < 1 || columns < 1 || rows > Board.MOST_LINES || columns > Board.MOST_LINES || cells.size() != rows * columns
            || cells.stream().anyMatch(n -> n < 0 || n > MOST)) {
            throw new Unacceptable("scan-blocks", "most", MOST);
        }
    }

    /** The block of a cell; 0 for none. */
    public int of(int row, int column) {
        return row < rows && column < columns ? cells.get(row * columns + column) : 0;
    }
}
