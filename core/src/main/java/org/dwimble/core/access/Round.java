package org.dwimble.core.access;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import org.dwimble.core.board.Cell;
import org.jspecify.annotations.Nullable;

/**
 * In what order what is on a board, and what is done with the message, lights up: the board first, row by row from its beginning, then what is done
 * with the message, then the way out. A group of one is that one, so that nobody presses twice for nothing.
 */
public final class Round {
    /** What leads out of talking; chosen, it asks once more. */
    public static final String WAY_OUT = "way-out";
    /** Chosen after the way out, it goes on with talking. */
    public static final String STAY = "stay";
    /** Chosen after the way out, it leaves. */
    public static final String LEAVE = "leave";
    static final String BAR = "bar";

    /** Something on a board that can be chosen, where it begins. */
    public record Placed(String id, Cell cell) {
    }

    private Round() {
    }

    /**
     * @param rows   of the board
     * @param placed in any order
     * @param bar    the ids of what is done with the message, in order, with {@link #WAY_OUT} where there is one
     * @return empty if there is nothing to choose
     */
    public static List<Stop> of(Scanning how, int rows, int columns, List<Placed> placed, List<String> bar) {
        List<Placed> ordered = placed.stream().sorted(Comparator.comparing(Placed::cell)).toList();
        List<Stop> round = new ArrayList<>();
        switch (how.way()) {
            case CELLS -> ordered.forEach(p -> round.add(Stop.one(p.id)));
            case ROWS -> grouped(round, ordered, p -> "row " + (p.cell.row() + 1));
            case BLOCKS -> {
                @Nullable
                Blocks blocks = how.blocksOf(rows, columns);
                List<Placed> inBlocks = ordered.stream().filter(p -> blockOf(blocks, p) > 0)
                    .sorted(Comparator.comparingInt((Placed p) -> blockOf(blocks, p)).thenComparing(Placed::cell)).toList();
                grouped(round, inBlocks, p -> "block " + blockOf(blocks, p));
                grouped(round, ordered.stream().filter(p -> blockOf(blocks, p) == 0).toList(), p -> "row " + (p.cell.row() + 1));
            }
        }
        List<Stop> done = bar.stream().filter(id -> !WAY_OUT.equals(id)).map(Stop::one).toList();
        if (how.way() == Scanning.Way.CELLS) {
            round.addAll(done);
        } else {
            add(round, BAR, done);
        }
        if (bar.contains(WAY_OUT)) {
            round.add(new Stop(WAY_OUT, List.of(Stop.one(STAY), Stop.one(LEAVE))));
        }
        return List.copyOf(round);
    }

    private static int blockOf(@Nullable Blocks blocks, Placed placed) {
        return blocks == null ? 0 : blocks.of(placed.cell.row(), placed.cell.column());
    }

    private static void grouped(List<Stop> round, List<Placed> placed, Function<Placed, String> group) {
        Map<String, List<Stop>> groups = new TreeMap<>(Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder()));
        placed.forEach(p -> groups.computeIfAbsent(group.apply(p), g -> new ArrayList<>()).add(Stop.one(p.id)));
        groups.forEach((name, stops) -> add(round, name, stops));
    }

    private static void add(List<Stop> round, String group, List<Stop> stops) {
        if (stops.size() == 1) {
            round.add(stops.get(0));
        } else if (!stops.isEmpty()) {
            round.add(new Stop(group, List.copyOf(stops)));
        }
    }
}
