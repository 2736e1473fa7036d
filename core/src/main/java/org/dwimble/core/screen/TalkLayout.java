package org.dwimble.core.screen;

import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Span;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;

/**
 * Where the cells of a board lie on a student's screen when talking: a margin all round, the message along the
 * top, and the grid below it. The talk view draws by the same shares, so the millimetres told are the true ones.
 */
public record TalkLayout(Screen screen, int rows, int columns) {
    /** Of the screen's width: round the edge, and between cells. */
    public static final double MARGIN = 0.014;
    public static final double GAP = 0.009;
    /** Of the screen's height: the message line. */
    public static final double MESSAGE = 0.12;
    /** Below this width or height many hands miss, in millimetres: about a fingertip. */
    public static final double SMALL_CELL_MM = 10;

    public Length gap() {
        return screen.width().times(GAP);
    }

    public Length cellWidth() {
        return screen.width().times((1 - 2 * MARGIN - (columns - 1) * GAP) / columns);
    }

    public Length cellHeight() {
        double free = screen.height().micrometres() * (1 - MESSAGE) - screen.width().micrometres() * (2 * MARGIN + GAP * rows);
        return new Length(Math.max(1, (long) Math.floor(free / rows + 0.5)));
    }

    /** True if a cell is narrower or lower than {@link #SMALL_CELL_MM}. */
    public boolean small() {
        return Math.min(cellWidth().mm(), cellHeight().mm()) < SMALL_CELL_MM;
    }

    /** A cell, or the cells a button covers, measured from the top left of the grid. */
    public Rect of(Cell cell, Span span) {
        return new Rect(
            cellWidth().plus(gap()).times(cell.column()), cellHeight().plus(gap()).times(cell.row()),
            cellWidth().times(span.columns()).plus(gap().times(span.columns() - 1)),
            cellHeight().times(span.rows()).plus(gap().times(span.rows() - 1)));
    }

    public Length gridWidth() {
        return cellWidth().times(columns).plus(gap().times(columns - 1));
    }

    public Length gridHeight() {
        return cellHeight().times(rows).plus(gap().times(rows - 1));
    }
}
