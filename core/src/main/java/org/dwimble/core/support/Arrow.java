package org.dwimble.core.support;

import java.util.List;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Mark;

/** An arrow from one thing to the next. */
final class Arrow {
    private Arrow() {
    }

    /** From one edge to another, not quite touching either. */
    static void right(Length from, Length to, Length y, Canvas canvas) {
        Length room = to.minus(from);
        Length start = from.plus(room.times(0.15));
        Length tip = to.minus(room.times(0.15));
        Length head = room.times(0.28);
        Length width = room.times(0.08);
        canvas.marks().add(new Mark.Stroke(List.of(new Mark.Point(start, y), new Mark.Point(tip, y)), Colour.INK, width, false));
        canvas.marks().add(new Mark.Stroke(List.of(new Mark.Point(tip.minus(head), y.minus(head)), new Mark.Point(tip, y),
            new Mark.Point(tip.minus(head), y.plus(head))), Colour.INK, width, false));
    }
}
