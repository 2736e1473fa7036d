package org.dwimble.core.board;

import org.dwimble.core.told.Unacceptable;

/** How many rows and columns a button covers, down and to the right of its cell: 1 to {@link Board#MOST_LINES} each. */
public record Span(int rows, int columns) {
    public static final Span ONE = new Span(1, 1);

    public Span {
        if (rows < 1 || columns < 1 || rows > Board.MOST_LINES || columns > Board.MOST_LINES) {
            throw new Unacceptable("span-size", "rows", rows, "columns", columns, "most", Board.MOST_LINES);
        }
    }
}
