package org.dwimble.core.regrid;

import org.dwimble.core.board.Board;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Look;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.screen.TalkLayout;

/**
 * Where cells lie on the student's screen before and after. If the screen is turned, a place before is the same part of its width and of its height
 * after.
 */
record Ground(TalkLayout before, TalkLayout after) {
    /** Of two ways to move words that are as long together, that of the shorter moves is better: so much of the square counts besides. */
    private static final double SQUARE = 1_000;

    private static final double OUTER = 100;

    private record Point(double x, double y) {
    }

    static Ground of(Vocabulary vocabulary, Board board, Onto onto) {
        Look look = board.look().over(vocabulary.whole().look());
        return new Ground(TalkLayout.of(onto.from(), board.shape(), look), TalkLayout.of(onto.to(), onto.shapeOf(board.shape()), look));
    }

    private Point was(Standing at) {
        Point there = middle(before.of(at.cell(), at.span()));
        return new Point(there.x * after.gridWidth().dividedBy(before.gridWidth()), there.y * after.gridHeight().dividedBy(before.gridHeight()));
    }

    private static Point middle(Rect rect) {
        return new Point(rect.x().mm() + rect.width().mm() / 2, rect.y().mm() + rect.height().mm() / 2);
    }

    /** Between the middles, in millimetres. */
    double mm(Standing from, Standing to) {
        Point was = was(from);
        Point is = middle(after.of(to.cell(), to.span()));
        return Math.hypot(was.x - is.x, was.y - is.y);
    }

    /**
     * In thousandths of a millimetre by weight; up to a thousandth more, so that words side by side keep their order; and at most {@value #OUTER} more, so
     * that of two cells as near the outer one is taken: edges are found again.
     */
    long cost(Standing from, Standing to, double weight) {
        double mm = mm(from, to);
        double whole = Math.hypot(after.gridWidth().mm(), after.gridHeight().mm());
        Point is = middle(after.of(to.cell(), to.span()));
        double inner = 1 - Math.hypot(is.x - after.gridWidth().mm() / 2, is.y - after.gridHeight().mm() / 2) / (whole / 2);
        return Math.round(weight * (1_000 * (mm + mm * mm / (SQUARE * whole)) + OUTER * inner));
    }

    /** True if a finger that goes where the word was still touches it. */
    boolean underTheSameFinger(Standing from, Standing to) {
        Point was = was(from);
        Rect is = after.of(to.cell(), to.span());
        return was.x >= is.x().mm() && was.x <= is.right().mm() && was.y >= is.y().mm() && was.y <= is.bottom().mm();
    }
}
