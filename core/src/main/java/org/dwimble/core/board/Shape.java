package org.dwimble.core.board;

import org.dwimble.core.told.Unacceptable;

/** A board's grid: rows by columns, 1 to {@link Board#MOST_LINES} each. */
public record Shape(int rows, int columns) {
    public Shape {
        if (rows < 1 || columns < 1 || rows > Board.MOST_LINES || columns > Board.MOST_LINES) {
            throw new Unacceptable("board-size", "rows", rows, "columns", columns, "most", Board.MOST_LINES);
        }
    }

    public int cells() {
        return rows * columns;
    }
}
