package org.dwimble.core.board;

/** Where a button stands: the board's id and the cell on it. */
public record Place(String board, Cell cell) {
}
