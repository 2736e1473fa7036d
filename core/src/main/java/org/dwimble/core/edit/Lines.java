package org.dwimble.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.told.Unacceptable;

/** Rows or columns of a board that come, go, and change places, with what stands on them. */
public final class Lines {
    /** No line is made narrower than this part of its board: nobody could see what stands there. */
    private static final int LEAST_PART = 60;

    private Lines() {
    }

    public static int count(Board board, Axis axis) {
        return axis == Axis.ROWS ? board.rows() : board.columns();
    }

    public static int start(Standing standing, Axis axis) {
        return axis == Axis.ROWS ? standing.cell().row() : standing.cell().column();
    }

    public static int length(Standing standing, Axis axis) {
        return axis == Axis.ROWS ? standing.span().rows() : standing.span().columns();
    }

    public static int end(Standing standing, Axis axis) {
        return start(standing, axis) + length(standing, axis);
    }

    public static boolean covers(Standing standing, Axis axis, int line) {
        return start(standing, axis) <= line && line < end(standing, axis);
    }

    public static List<Integer> shares(Shape shape, Axis axis) {
        return axis == Axis.ROWS ? shape.allHeights() : shape.allWidths();
    }

    public static Shape with(Shape shape, Axis axis, List<Integer> shares) {
        return axis == Axis.ROWS ? new Shape(shares.size(), shape.columns(), shares, shape.widths())
            : new Shape(shape.rows(), shares.size(), shape.heights(), shares);
    }

    public static void there(Board board, Axis axis, int line) {
        if (line < 0 || line >= count(board, axis)) {
            throw new Unacceptable("no-such-line", "axis", axis.name(), "line", line + 1, "board", board.name());
        }
    }

    /** The board with other lines, and each button as it stands on them. */
    public static Board relined(Board board, Axis axis, List<Integer> shares, UnaryOperator<Standing> stands) {
        List<Button> buttons = new ArrayList<>();
        for (Button button : board.buttons()) {
            Standing standing = stands.apply(button.standing());
            buttons.add(standing.equals(button.standing()) ? button : button.withStanding(standing));
        }
        return new Board(board.id(), board.name(), with(board.shape(), axis, shares), board.look(), buttons, board.facts(), board.extras());
    }

    /** With one line more before {@code at}: what goes across there goes on across, what stands from there on moves by one. */
    public static Board inserted(Board board, Axis axis, int at, int share) {
        if (count(board, axis) >= Board.MOST_LINES) {
            throw new Unacceptable("too-many-lines", "axis", axis.name(), "most", Board.MOST_LINES, "board", board.name());
        }
        List<Integer> shares = new ArrayList<>(shares(board.shape(), axis));
        shares.add(at, share);
        return relined(board, axis, shares, s -> start(s, axis) >= at ? s.with(axis, start(s, axis) + 1, length(s, axis))
            : end(s, axis) > at ? s.with(axis, start(s, axis), length(s, axis) + 1) : s);
    }

    /**
     * A line in two halves, over which everything goes that stood on it: nothing has moved.
     *
     * @throws Unacceptable if a half would be too small to be seen
     */
    public static Board halved(Board board, Axis axis, int line) {
        List<Integer> doubled = new ArrayList<>(shares(board.shape(), axis).stream().map(s -> s * 2).toList());
        int half = doubled.get(line) / 2;
        int all = doubled.stream().mapToInt(i -> i).sum();
        if (half * LEAST_PART < all) {
            throw new Unacceptable("split-too-small", "board", board.name());
        }
        if (count(board, axis) >= Board.MOST_LINES) {
            throw new Unacceptable("too-many-lines", "axis", axis.name(), "most", Board.MOST_LINES, "board", board.name());
        }
        doubled.set(line, half);
        doubled.add(line + 1, half);
        return relined(board, axis, doubled, s -> start(s, axis) > line ? s.with(axis, start(s, axis) + 1, length(s, axis))
            : covers(s, axis, line) ? s.with(axis, start(s, axis), length(s, axis) + 1) : s);
    }

    /** With every two halves made one again over which everything goes, as they were before a split. */
    public static Board merged(Board board, Axis axis) {
        Board merged = board;
        for (int line = count(board, axis) - 2; line >= 0; line--) {
            List<Integer> shares = new ArrayList<>(shares(merged.shape(), axis));
            int together = shares.get(line) + shares.get(line + 1);
            int at = line;
            boolean apart = merged.buttons().stream().map(Button::standing).anyMatch(s -> covers(s, axis, at) != covers(s, axis, at + 1));
            if (together > Collections.max(shares) || apart) {
                continue;
            }
            shares.set(line, together);
            shares.remove(line + 1);
            merged = relined(merged, axis, shares, s -> start(s, axis) > at ? s.with(axis, start(s, axis) - 1, length(s, axis))
                : covers(s, axis, at) ? s.with(axis, start(s, axis), length(s, axis) - 1) : s);
        }
        return merged;
    }
}
