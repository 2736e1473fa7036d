package org.dwimble.core.obf;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.document.Json;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A board's grid in Open Board Format, which has equal lines only and no buttons over several cells. Unequal lines are written
 * as several equal ones, and a button's id in every cell it covers, so that every program shows it over just that room.
 * What was meant is said beside it.
 */
final class ObfGrid {
    static final String LINES = "ext_dwimble_lines";
    /** A board is not written with more lines than this; then its lines are written equal. */
    private static final int MOST_WRITTEN = 120;

    /**
     * @param shape null if it is more than a board can have
     * @param order ids by cell, as many as the shape has; empty where there is none
     * @param odd true if it tells a number of lines that is none
     * @param larger true if its cells are more than the lines it tells
     */
    record Read(boolean odd, boolean larger, int rows, int columns, @Nullable Shape shape, List<List<String>> order) {
    }

    private ObfGrid() {
    }

    /** @param ids as they are written, by ours */
    static void write(Board board, Map<String, String> ids, ObjectNode json) {
        List<Integer> heights = written(board.shape().allHeights());
        List<Integer> widths = written(board.shape().allWidths());
        ObjectNode grid = json.putObject("grid");
        grid.put("rows", sum(heights));
        grid.put("columns", sum(widths));
        ArrayNode order = grid.putArray("order");
        for (int r = 0; r < board.rows(); r++) {
            for (int i = 0; i < heights.get(r); i++) {
                ArrayNode cells = order.addArray();
                for (int c = 0; c < board.columns(); c++) {
                    String id = board.at(new Cell(r, c)).map(b -> ids.get(b.id())).orElse(null);
                    for (int j = 0; j < widths.get(c); j++) {
                        cells.add(id);
                    }
                }
            }
        }
        if (!board.shape().heights().isEmpty() || !board.shape().widths().isEmpty()) {
            ObjectNode lines = json.putObject(LINES);
            lines.set("rows", Json.mapper().valueToTree(board.shape().allHeights()));
            lines.set("columns", Json.mapper().valueToTree(board.shape().allWidths()));
        }
    }

    private static List<Integer> written(List<Integer> shares) {
        return sum(shares) <= MOST_WRITTEN ? shares : Collections.nCopies(shares.size(), 1);
    }

    private static int sum(List<Integer> shares) {
        return shares.stream().mapToInt(i -> i).sum();
    }

    /** The lines as they were meant, if the file says so and its grid still agrees; else those of the grid. */
    static Read read(ObjectNode json) {
        JsonNode grid = json.path("grid");
        JsonNode order = grid.path("order");
        boolean odd = Stream.of("rows", "columns").map(grid::path).anyMatch(told -> !told.isMissingNode() && (!told.isIntegralNumber() || told.asInt(0) < 1));
        int rows = Math.max(grid.path("rows").asInt(0), order.size());
        int columns = grid.path("columns").asInt(0);
        for (JsonNode row : order) {
            columns = Math.max(columns, row.size());
        }
        boolean larger = isLarger(grid.path("rows"), rows) || isLarger(grid.path("columns"), columns);
        List<Integer> heights = lines(json.path(LINES).path("rows"), rows);
        List<Integer> widths = lines(json.path(LINES).path("columns"), columns);
        int meantRows = heights.isEmpty() ? rows : heights.size();
        int meantColumns = widths.isEmpty() ? columns : widths.size();
        if (meantRows < 1 || meantColumns < 1 || meantRows > Board.MOST_LINES || meantColumns > Board.MOST_LINES) {
            return new Read(odd, larger, meantRows, meantColumns, null, List.of());
        }
        int[] rowAt = starts(heights, rows, meantRows);
        int[] columnAt = starts(widths, columns, meantColumns);
        List<List<String>> ids = new ArrayList<>();
        for (int r : rowAt) {
            List<String> row = new ArrayList<>();
            for (int c : columnAt) {
                JsonNode at = order.path(r).path(c);
                row.add(at.isString() || at.isNumber() ? at.asString() : "");
            }
            ids.add(row);
        }
        return new Read(odd, larger, meantRows, meantColumns, new Shape(meantRows, meantColumns, heights, widths), ids);
    }

    private static boolean isLarger(JsonNode told, int found) {
        return !told.isMissingNode() && told.asInt(0) < found;
    }

    /** The shares told, if they are some a board can have and the grid was written by them. */
    private static List<Integer> lines(JsonNode told, int written) {
        if (told.size() < 1 || told.size() > Board.MOST_LINES) {
            return List.of();
        }
        List<Integer> shares = told.valueStream().map(n -> n.asInt(0)).toList();
        boolean can = shares.stream().allMatch(s -> s >= 1 && s <= Shape.MOST_SHARE);
        return can && (sum(shares) == written || shares.size() == written) ? shares : List.of();
    }

    private static int[] starts(List<Integer> shares, int written, int meant) {
        int[] starts = new int[meant];
        boolean several = !shares.isEmpty() && meant != written;
        for (int i = 1; i < meant; i++) {
            starts[i] = starts[i - 1] + (several ? shares.get(i - 1) : 1);
        }
        return starts;
    }
}
