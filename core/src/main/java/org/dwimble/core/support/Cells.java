package org.dwimble.core.support;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;

/** Equal cells in rows and columns, the whole of them in the middle of a room, across; at its top. */
record Cells(Rect room, int rows, int columns, Length width, Length height, Length gap) {
    /** As large as a room allows. */
    static Cells filling(Rect room, int rows, int columns, Length gap) {
        return new Cells(room, rows, columns, share(room.width(), columns, gap), share(room.height(), rows, gap), gap);
    }

    /** Squares as large as a room allows. */
    static Cells squares(Rect room, int rows, int columns, Length gap) {
        Length side = Length.smaller(share(room.width(), columns, gap), share(room.height(), rows, gap));
        return new Cells(room, rows, columns, side, side, gap);
    }

    /** How many of a length lie in a room, with gaps between them. */
    static int fitting(Length room, Length length, Length gap) {
        return (int) Math.max(0, Math.floorDiv(room.plus(gap).micrometres(), length.plus(gap).micrometres()));
    }

    private static Length share(Length room, int parts, Length gap) {
        Length all = room.minus(gap.times(parts - 1));
        return all.micrometres() < 0 ? Length.ZERO : all.part(parts);
    }

    int count() {
        return rows * columns;
    }

    private Length left() {
        return room.x().plus(room.width().minus(width.times(columns)).minus(gap.times(columns - 1)).times(0.5));
    }

    /** In reading order, from 0. */
    Rect at(int cell) {
        return at(cell / columns, cell % columns);
    }

    Rect at(int row, int column) {
        return new Rect(left().plus(width.plus(gap).times(column)), room.y().plus(height.plus(gap).times(row)), width, height);
    }

    /** All of them together. */
    Rect outline() {
        return new Rect(left(), room.y(), width.times(columns).plus(gap.times(columns - 1)), height.times(rows).plus(gap.times(rows - 1)));
    }

    List<Rect> all() {
        List<Rect> all = new ArrayList<>();
        for (int i = 0; i < count(); i++) {
            all.add(at(i));
        }
        return all;
    }
}
