package org.dwimble.core.board;

import java.util.List;

/**
 * Where a place on one grid lies on another that fills the same board: in the line that holds its middle. A grid of as many lines or more has a line of its
 * own for each, if lines are equally large; and going there and back again leads where one was.
 */
public final class SamePart {
    private final int[] rows;
    private final int[] columns;

    private SamePart(int[] rows, int[] columns) {
        this.rows = rows;
        this.columns = columns;
    }

    public static SamePart of(Shape from, Shape to) {
        return new SamePart(lines(from.allHeights(), to.allHeights()), lines(from.allWidths(), to.allWidths()));
    }

    /** For each line the one that holds its middle; of two that meet there, the later. */
    private static int[] lines(List<Integer> from, List<Integer> to) {
        long whole = from.stream().mapToLong(Integer::longValue).sum();
        long wholeTo = to.stream().mapToLong(Integer::longValue).sum();
        int[] lines = new int[from.size()];
        long before = 0;
        int line = 0;
        long end = to.get(0);
        for (int i = 0; i < lines.length; i++) {
            long middle = (2 * before + from.get(i)) * wholeTo;
            while (2 * end * whole <= middle && line < to.size() - 1) {
                line++;
                end += to.get(line);
            }
            lines[i] = line;
            before += from.get(i);
        }
        return lines;
    }

    /** @param was fits the grid it comes from */
    public Standing of(Standing was) {
        Cell first = of(was.cell());
        Cell last = of(new Cell(was.cell().row() + was.span().rows() - 1, was.cell().column() + was.span().columns() - 1));
        return new Standing(first, new Span(last.row() - first.row() + 1, last.column() - first.column() + 1));
    }

    private Cell of(Cell cell) {
        return new Cell(rows[cell.row()], columns[cell.column()]);
    }
}
