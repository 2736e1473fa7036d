package org.dwimble.core.board;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.told.Unacceptable;

/** Where a button stands on its board: its top left cell, and what it covers from there. */
public record Standing(Cell cell, Span span) {
    public Standing {
        Unacceptable.ifMissing(cell);
        Unacceptable.ifMissing(span);
    }

    public static Standing at(Cell cell) {
        return new Standing(cell, Span.ONE);
    }

    /** With another place and length in one direction. */
    public Standing with(Axis axis, int start, int length) {
        return axis == Axis.ROWS ? new Standing(new Cell(start, cell.column()), new Span(length, span.columns()))
            : new Standing(new Cell(cell.row(), start), new Span(span.rows(), length));
    }

    public boolean covers(Cell at) {
        return at.row() >= cell.row() && at.row() < cell.row() + span.rows()
            && at.column() >= cell.column() && at.column() < cell.column() + span.columns();
    }

    public boolean fits(Shape shape) {
        return cell.row() + span.rows() <= shape.rows() && cell.column() + span.columns() <= shape.columns();
    }

    /** Every cell covered, in reading order; for a standing that fits some board. */
    public List<Cell> cells() {
        List<Cell> cells = new ArrayList<>(span.rows() * span.columns());
        for (int r = 0; r < span.rows(); r++) {
            for (int c = 0; c < span.columns(); c++) {
                cells.add(new Cell(cell.row() + r, cell.column() + c));
            }
        }
        return cells;
    }
}
