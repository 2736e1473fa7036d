package org.dwimble.core.pointing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;

/** Where targets come up. */
public final class Targets {
    private Targets() {
    }

    /**
     * In random order over the whole board: each cell once before any comes again, and none twice in a row unless it is the only one. Where there are more
     * cells than targets, they are spread: as many in each quarter of the board as in any other, as nearly as can be.
     *
     * @param count 1 or more
     */
    public static List<Cell> of(Shape grid, int count, Random random) {
        List<Cell> targets = new ArrayList<>();
        while (targets.size() < count) {
            List<Cell> balanced = round(grid, random);
            Cell last = targets.isEmpty() ? null : targets.get(targets.size() - 1);
            if (balanced.get(0).equals(last)) {
                Collections.rotate(balanced, -1);
            }
            List<Cell> round = new ArrayList<>(balanced.subList(0, Math.min(balanced.size(), count - targets.size())));
            // Quarter after quarter is no random order.
            Collections.shuffle(round, random);
            if (round.get(0).equals(last) && round.size() > 1) {
                Collections.swap(round, 0, 1);
            }
            targets.addAll(round);
        }
        return targets;
    }

    /** Every cell once, a quarter of the board in turn with the others. */
    private static List<Cell> round(Shape grid, Random random) {
        List<List<Cell>> quarters = IntStream.range(0, 4).<List<Cell>>mapToObj(q -> new ArrayList<>()).toList();
        for (int row = 0; row < grid.rows(); row++) {
            for (int column = 0; column < grid.columns(); column++) {
                quarters.get((2 * row < grid.rows() ? 0 : 2) + (2 * column < grid.columns() ? 0 : 1)).add(new Cell(row, column));
            }
        }
        quarters.forEach(q -> Collections.shuffle(q, random));
        List<Integer> order = new ArrayList<>(List.of(0, 1, 2, 3));
        Collections.shuffle(order, random);
        List<Cell> round = new ArrayList<>();
        for (int i = 0; round.size() < grid.cells(); i++) {
            for (int q : order) {
                if (i < quarters.get(q).size()) {
                    round.add(quarters.get(q).get(i));
                }
            }
        }
        return round;
    }
}
