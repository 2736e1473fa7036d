package org.dwimble.core.board;

/** How many rows and columns a button covers, down and to the right of its cell. At least 1 x 1. */
public record Span(int rows, int columns) {
    public static final Span ONE = new Span(1, 1);

    public Span {
        if (rows < 1 || columns < 1) {
            throw new Unacceptable("A button covers at least one cell, not " + rows + " x " + columns + ".");
        }
    }
}
