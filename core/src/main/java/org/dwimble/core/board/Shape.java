package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonCreator;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A board's grid: rows by columns, 1 to {@link Board#MOST_LINES} each.
 *
 * @param heights how high each row is against the others, 1 to {@value #MOST_SHARE}, in lowest terms; empty if all are equal
 * @param widths  how wide each column is, likewise
 */
public record Shape(int rows, int columns, List<Integer> heights, List<Integer> widths) {
    public static final int MOST_SHARE = 1_000;

    @JsonCreator
    public Shape(int rows, int columns, @Nullable List<Integer> heights, @Nullable List<Integer> widths) {
        if (rows < 1 || columns < 1 || rows > Board.MOST_LINES || columns > Board.MOST_LINES) {
            throw new Unacceptable("board-size", "rows", rows, "columns", columns, "most", Board.MOST_LINES);
        }
        this.rows = rows;
        this.columns = columns;
        this.heights = lowest(rows, heights == null ? List.of() : heights);
        this.widths = lowest(columns, widths == null ? List.of() : widths);
    }

    public Shape(int rows, int columns) {
        this(rows, columns, List.of(), List.of());
    }

    private static List<Integer> lowest(int lines, List<Integer> shares) {
        if (shares.isEmpty() || shares.stream().distinct().count() == 1 && shares.size() == lines) {
            return List.of();
        }
        int common = shares.stream().reduce(0, Shape::commonDivisor);
        if (shares.size() != lines || shares.stream().anyMatch(s -> s < 1) || Collections.max(shares) / common > MOST_SHARE) {
            throw new Unacceptable("line-shares", "most", MOST_SHARE);
        }
        return shares.stream().map(s -> s / common).toList();
    }

    private static int commonDivisor(int one, int other) {
        return other == 0 ? one : commonDivisor(other, one % other);
    }

    public int cells() {
        return rows * columns;
    }

    /** One share a row. */
    public List<Integer> allHeights() {
        return heights.isEmpty() ? Collections.nCopies(rows, 1) : heights;
    }

    /** One share a column. */
    public List<Integer> allWidths() {
        return widths.isEmpty() ? Collections.nCopies(columns, 1) : widths;
    }

    /** With a row more below the others, as high as the highest of them. */
    public Shape withRowBelow() {
        List<Integer> higher = new ArrayList<>(allHeights());
        higher.add(Collections.max(higher));
        return new Shape(rows + 1, columns, higher, widths);
    }
}
