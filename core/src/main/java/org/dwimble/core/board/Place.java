package org.dwimble.core.board;

/** Where a button stands in a vocabulary: the board's id, and where on it. */
public record Place(String board, Standing standing) {
}
