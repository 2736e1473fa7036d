package org.dwimble.core.plan;

import org.dwimble.core.told.Unacceptable;

/**
 * Where a button lies: its top left cell on a board, both from 0, and how many rows and columns it covers.
 *
 * @param board id
 */
public record Place(String board, int row, int column, int rows, int columns) {
    public Place {
        Unacceptable.ifMissing(board);
    }
}
