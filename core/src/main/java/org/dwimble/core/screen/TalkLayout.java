package org.dwimble.core.screen;

import java.util.Objects;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.look.Look;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.measure.Tracks;

/**
 * Where the cells of a board lie on a student's screen when talking: a margin all round, the message along the
 * top, and the grid below it. The talk view draws by the same shares, so the millimetres told are the true ones.
 *
 * @param gap between cells, in thousandths of the screen's width
 */
public record TalkLayout(Screen screen, Shape shape, int gap) {
    /** Of the screen's width: round the edge. */
    public static final double MARGIN = 0.014;
    /** Of the screen's height: the message line. */
    public static final double MESSAGE = 0.12;
    /** Below this width or height many hands miss, in millimetres: about a fingertip. */
    public static final double SMALL_CELL_MM = 10;
    private static final double THOUSAND = 1_000;
    private static final int USUAL_GAP = Objects.requireNonNull(Look.USUAL.gap());

    /** With equal lines and the usual gap. */
    public TalkLayout(Screen screen, int rows, int columns) {
        this(screen, new Shape(rows, columns), USUAL_GAP);
    }

    /** @param look of the board, as it is seen */
    public static TalkLayout of(Screen screen, Shape shape, Look look) {
        return new TalkLayout(screen, shape, look.gap() == null ? USUAL_GAP : look.gap());
    }

    public Length gapLength() {
        return screen.width().times(gap / THOUSAND);
    }

    public Length gridWidth() {
        return screen.width().times(1 - 2 * MARGIN);
    }

    /** What is left of the screen's height by the message, the margins and one gap. */
    public Length gridHeight() {
        double free = screen.height().micrometres() * (1 - MESSAGE) - screen.width().micrometres() * (2 * MARGIN + gap / THOUSAND);
        return new Length(Math.max(shape.rows() * (gapLength().micrometres() + 1), (long) Math.floor(free + 0.5)));
    }

    private Tracks columns() {
        return new Tracks(gridWidth(), gapLength(), shape.allWidths());
    }

    private Tracks rows() {
        return new Tracks(gridHeight(), gapLength(), shape.allHeights());
    }

    /** Of the narrowest column. */
    public Length cellWidth() {
        return columns().least();
    }

    /** Of the lowest row. */
    public Length cellHeight() {
        return rows().least();
    }

    /** True if a cell is narrower or lower than {@link #SMALL_CELL_MM}. */
    public boolean small() {
        return Math.min(cellWidth().mm(), cellHeight().mm()) < SMALL_CELL_MM;
    }

    /** A cell, or the cells a button covers, measured from the top left of the grid. */
    public Rect of(Cell cell, Span span) {
        Tracks columns = columns();
        Tracks rows = rows();
        return new Rect(columns.start(cell.column()), rows.start(cell.row()), columns.size(cell.column(), span.columns()),
            rows.size(cell.row(), span.rows()));
    }
}
