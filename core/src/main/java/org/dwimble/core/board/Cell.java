package org.dwimble.core.board;

/** One cell of a grid. Both numbers count from 0, top left; people are shown them from 1. Ordered as one reads. */
public record Cell(int row, int column) implements Comparable<Cell> {
    public Cell {
        if (row < 0 || column < 0) {
            throw new Unacceptable("Row " + row + ", column " + column + " is off the board. Rows and columns count from 0.");
        }
    }

    @Override
    public int compareTo(Cell other) {
        return row != other.row ? Integer.compare(row, other.row) : Integer.compare(column, other.column);
    }

    /** "row 4, place 3": how a person is told of this cell. */
    public String spoken() {
        return "row " + (row + 1) + ", place " + (column + 1);
    }
}
