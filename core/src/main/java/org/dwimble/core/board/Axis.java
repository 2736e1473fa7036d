package org.dwimble.core.board;

/** The two ways a board has lines. */
public enum Axis {
    ROWS, COLUMNS
}
