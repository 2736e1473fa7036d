package org.dwimble.core.regrid;

import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Shape;
import org.dwimble.core.screen.Screen;
import org.jspecify.annotations.Nullable;

/**
 * What boards are laid on, and how.
 *
 * @param shape  the new grid
 * @param from   the screen as it is
 * @param to     the screen as it will be: the same, or turned
 * @param pinned rows, from 0, whose words stay together in one row, in their order
 * @param how    what is kept
 * @param topics those whose words go to a board of their own where not all fit; null for those proposed
 */
public record Onto(Shape shape, Screen from, Screen to, Set<Integer> pinned, How how, @Nullable List<String> topics) {
    /** What is kept of where a word stands. */
    public enum How {
        /** Its place on the screen, as nearly as can be. */
        NEAREST,
        /** Its row and its column, counted from the top left: the cells become smaller, and new ones stand at the right and below. */
        SAME_CELLS
    }

    public Onto {
        pinned = Set.copyOf(pinned);
        topics = topics == null ? null : List.copyOf(topics);
    }

    public static Onto nearest(Shape shape, Screen screen) {
        return new Onto(shape, screen, screen, Set.of(), How.NEAREST, null);
    }

    public Onto withPinned(Set<Integer> rows) {
        return new Onto(shape, from, to, rows, how, topics);
    }

    public Onto with(How otherwise) {
        return new Onto(shape, from, to, pinned, otherwise, topics);
    }

    public Onto withTopics(@Nullable List<String> chosen) {
        return new Onto(shape, from, to, pinned, how, chosen);
    }

    /** The new grid of a board: its lines are as high and as wide against each other as they were, where there are as many as before. */
    Shape shapeOf(Shape was) {
        return new Shape(shape.rows(), shape.columns(), shape.heights().isEmpty() && was.rows() == shape.rows() ? was.heights() : shape.heights(),
            shape.widths().isEmpty() && was.columns() == shape.columns() ? was.widths() : shape.widths());
    }

    /** True if it has as many rows and columns at least. */
    public boolean holds(Shape was) {
        return shape.rows() >= was.rows() && shape.columns() >= was.columns();
    }
}
