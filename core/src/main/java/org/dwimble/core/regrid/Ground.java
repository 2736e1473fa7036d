package org.dwimble.core.regrid;

import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Look;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.screen.TalkLayout;

/**
 * Where cells lie on the student's screen before and after, in millimetres. If the screen is turned, a place before is the same part of its width and of its
 * height after.
 */
final class Ground {
    /** Of two ways to move words that are as long together, that of the shorter moves is better: so much of the square counts besides. */
    private static final double SQUARE = 1_000;
    private static final double OUTER = 100;

    /** Lines one after the other: where each begins and ends. */
    private record Along(double[] starts, double[] ends) {
        static Along of(TalkLayout layout, Axis axis, double scale) {
            boolean rows = axis == Axis.ROWS;
            int lines = rows ? layout.shape().rows() : layout.shape().columns();
            Along along = new Along(new double[lines], new double[lines]);
            for (int i = 0; i < lines; i++) {
                Rect rect = layout.of(rows ? new Cell(i, 0) : new Cell(0, i), Span.ONE);
                along.starts[i] = (rows ? rect.y() : rect.x()).mm() * scale;
                along.ends[i] = (rows ? rect.bottom() : rect.right()).mm() * scale;
            }
            return along;
        }

        double middle(int line, int lines) {
            return (starts[line] + ends[line + lines - 1]) / 2;
        }

        boolean holds(double at, int line, int lines) {
            return at >= starts[line] && at <= ends[line + lines - 1];
        }
    }

    private final TalkLayout before;
    private final TalkLayout after;
    private final Along columnsWere;
    private final Along rowsWere;
    private final Along columns;
    private final Along rows;
    private final double width;
    private final double height;
    private final double whole;

    private Ground(TalkLayout before, TalkLayout after) {
        this.before = before;
        this.after = after;
        this.width = after.gridWidth().mm();
        this.height = after.gridHeight().mm();
        this.whole = Math.hypot(width, height);
        this.columnsWere = Along.of(before, Axis.COLUMNS, after.gridWidth().dividedBy(before.gridWidth()));
        this.rowsWere = Along.of(before, Axis.ROWS, after.gridHeight().dividedBy(before.gridHeight()));
        this.columns = Along.of(after, Axis.COLUMNS, 1);
        this.rows = Along.of(after, Axis.ROWS, 1);
    }

    static Ground of(Vocabulary vocabulary, Board board, Onto onto) {
        return of(vocabulary, board, onto, board.shape(), onto.shapeOf(board.shape()));
    }

    /** From one grid of a board to another. */
    static Ground of(Vocabulary vocabulary, Board board, Onto onto, Shape was, Shape is) {
        Look look = board.look().over(vocabulary.whole().look());
        return new Ground(TalkLayout.of(onto.from(), was, look), TalkLayout.of(onto.to(), is, look));
    }

    TalkLayout before() {
        return before;
    }

    TalkLayout after() {
        return after;
    }

    private double wasX(Standing at) {
        return columnsWere.middle(at.cell().column(), at.span().columns());
    }

    private double wasY(Standing at) {
        return rowsWere.middle(at.cell().row(), at.span().rows());
    }

    private double isX(Standing at) {
        return columns.middle(at.cell().column(), at.span().columns());
    }

    private double isY(Standing at) {
        return rows.middle(at.cell().row(), at.span().rows());
    }

    /** Between the middles, in millimetres. */
    double mm(Standing from, Standing to) {
        return Math.hypot(wasX(from) - isX(to), wasY(from) - isY(to));
    }

    /**
     * In thousandths of a millimetre by weight; up to a thousandth more, so that words side by side keep their order; and at most {@value #OUTER} more, so
     * that of two cells as near the outer one is taken: edges are found again.
     */
    long cost(Standing from, Standing to, double weight) {
        double mm = mm(from, to);
        double inner = 1 - Math.hypot(isX(to) - width / 2, isY(to) - height / 2) / (whole / 2);
        return Math.round(weight * (1_000 * (mm + mm * mm / (SQUARE * whole)) + OUTER * inner));
    }

    /** True if a finger that goes where the word was still touches it. */
    boolean underTheSameFinger(Standing from, Standing to) {
        return columns.holds(wasX(from), to.cell().column(), to.span().columns()) && rows.holds(wasY(from), to.cell().row(), to.span().rows());
    }
}
