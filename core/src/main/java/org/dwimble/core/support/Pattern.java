package org.dwimble.core.support;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Mark;

/** The pattern of a card's back: rows of waves. */
final class Pattern {
    static final Colour GROUND = Colour.of("#b5e6ee");
    private static final Colour WAVE = Colour.of("#0e7c7b");
    private static final int ROWS = 5;
    private static final int CRESTS = 3;
    private static final int STEPS = 36;

    private Pattern() {
    }

    static List<Mark> waves(Rect room) {
        List<Mark> waves = new ArrayList<>();
        Length high = room.height().part(ROWS);
        Length thick = Length.smaller(high, room.width()).times(0.08);
        for (int row = 0; row < ROWS; row++) {
            List<Mark.Point> points = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double share = i / (double) STEPS;
                points.add(new Mark.Point(room.x().plus(room.width().times(share)),
                    room.y().plus(high.times(row + 0.5 + 0.25 * Math.sin(share * 2 * Math.PI * CRESTS)))));
            }
            waves.add(new Mark.Stroke(points, WAVE, thick, false));
        }
        return waves;
    }
}
