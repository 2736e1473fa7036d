package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Something on as many sheets as it needs, to be glued together: each sheet shows {@link #OVERLAP} of the one before it again.
 * A sheet with one to its right or below has ticks where that one’s edge goes; that one has a line to cut along.
 */
final class Poster {
    static final Length OVERLAP = Length.mm(10);
    private static final Length TICK = Length.mm(4);

    /** @param row    from 1, from the top @param column from 1, from the left */
    record Tile(int row, int column, List<Mark> marks) {
        Tile {
            marks = List.copyOf(marks);
        }
    }

    /** What is over all sheets. */
    @FunctionalInterface
    interface Whole {
        /** With its top left corner at a place. @param window what is seen of it: the rest may be left out; null for all */
        List<Mark> drawn(Length left, Length top, @Nullable Rect window);
    }

    private final Rect room;
    private final Length width;
    private final Length height;
    private final int columns;
    private final int rows;

    Poster(Rect room, Length width, Length height) {
        this.room = room;
        this.width = width;
        this.height = height;
        this.columns = count(room.width(), width);
        this.rows = count(room.height(), height);
    }

    private static int count(Length room, Length needed) {
        return needed.compareTo(room) <= 0 ? 1 : (int) Math.ceil(needed.minus(OVERLAP).dividedBy(room.minus(OVERLAP)));
    }

    int sheets() {
        return columns * rows;
    }

    /** What stands at the foot of a sheet before everything else: where it goes; nothing if there is one alone. */
    String foot(Tile tile, Type type) {
        return sheets() == 1 ? ""
            : type.said(Told.of("paper-to-glue", "row", tile.row, "column", tile.column, "sheets", sheets())) + " · ";
    }

    /** How large it may be drawn to go on one sheet; 1 for as it is. */
    double toFit() {
        return Math.min(1, Math.min(room.width().dividedBy(width), room.height().dividedBy(height)));
    }

    /**
     * Row by row.
     *
     * @param at what there is to draw
     */
    List<Tile> tiles(Whole at) {
        Effort.sheets(sheets());
        if (sheets() == 1) {
            return List.of(new Tile(1, 1, at.drawn(room.x().plus(room.width().minus(width).times(0.5)), room.y(), null)));
        }
        List<Tile> tiles = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                Length x = start(room.x(), room.width(), width, columns, column);
                Length y = start(room.y(), room.height(), height, rows, row);
                Rect window = new Rect(columns == 1 ? x : room.x(), room.y(), Length.smaller(room.width(), x.plus(width).minus(room.x())),
                    Length.smaller(room.height(), y.plus(height).minus(room.y())));
                List<Mark> marks = new ArrayList<>();
                Effort.sheet();
                marks.add(new Mark.Within(window, at.drawn(x, y, window)));
                glueing(window, row, column, marks);
                tiles.add(new Tile(row + 1, column + 1, marks));
            }
        }
        return tiles;
    }

    /** Where the whole begins, seen from one of the sheets it lies on. */
    private static Length start(Length edge, Length room, Length whole, int count, int tile) {
        return count == 1 ? edge.plus(room.minus(whole).times(0.5)) : edge.minus(room.minus(OVERLAP).times(tile));
    }

    private void glueing(Rect window, int row, int column, List<Mark> marks) {
        if (column > 0) {
            marks.add(new Mark.Line(window.x(), window.y(), window.x(), window.bottom(), true));
        }
        if (row > 0) {
            marks.add(new Mark.Line(window.x(), window.y(), window.right(), window.y(), true));
        }
        if (column < columns - 1) {
            Length x = room.right().minus(OVERLAP);
            marks.add(new Mark.Line(x, window.y(), x, window.y().plus(TICK), false));
            marks.add(new Mark.Line(x, window.bottom().minus(TICK), x, window.bottom(), false));
        }
        if (row < rows - 1) {
            Length y = room.bottom().minus(OVERLAP);
            marks.add(new Mark.Line(window.x(), y, window.x().plus(TICK), y, false));
            marks.add(new Mark.Line(window.right().minus(TICK), y, window.right(), y, false));
        }
    }
}
