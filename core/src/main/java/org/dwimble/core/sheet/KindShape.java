package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Kind;
import org.dwimble.core.measure.Rect;

/** The outline of each kind's mark. */
final class KindShape {
    private static final int ROUND = 24;

    private KindShape() {
    }

    /** Corners of the mark in a square; empty for question words, whose mark is a character. */
    static List<Mark.Point> of(Kind kind, Rect square) {
        return switch (kind) {
            case WHO -> ring(square, ROUND, 0.5, 0);
            case LITTLE -> ring(square, ROUND, 0.3, 0);
            case WHERE -> ring(square, 5, 0.55, -Math.PI / 2);
            case DO -> corners(square, 0.5, 0.05, 1, 0.95, 0, 0.95);
            case SOCIAL -> corners(square, 0.5, 0, 1, 0.5, 0.5, 1, 0, 0.5);
            case DESCRIBING -> corners(square, 0.1, 0.1, 0.9, 0.1, 0.9, 0.9, 0.1, 0.9);
            case THING -> corners(square, 0, 0.35, 1, 0.35, 1, 0.7, 0, 0.7);
            case QUESTION -> List.of();
        };
    }

    private static List<Mark.Point> ring(Rect square, int corners, double radius, double start) {
        double[] shares = new double[corners * 2];
        for (int i = 0; i < corners; i++) {
            double angle = start + 2 * Math.PI * i / corners;
            shares[2 * i] = 0.5 + radius * Math.cos(angle);
            shares[2 * i + 1] = 0.5 + radius * Math.sin(angle);
        }
        return corners(square, shares);
    }

    private static List<Mark.Point> corners(Rect square, double... shares) {
        List<Mark.Point> points = new ArrayList<>();
        for (int i = 0; i < shares.length; i += 2) {
            points.add(new Mark.Point(square.x().plus(square.width().times(shares[i])), square.y().plus(square.height().times(shares[i + 1]))));
        }
        return points;
    }
}
