package org.dwimble.core.pointing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.measure.Length;
import org.dwimble.core.screen.TalkLayout;
import org.jspecify.annotations.Nullable;

/**
 * What a pointing check tells.
 *
 * @param sizes    what was found for each, the largest cells first
 * @param proposed the smallest of which so many were hit that the lower bound of {@link Wilson} is above the level; null if there is none
 * @param where    most misses were; null for nowhere in particular
 * @param aside    where touches land that miss; null for no way in particular
 * @param helps    what might help, likeliest first; empty if nothing is missed
 */
public record Finding(List<OfSize> sizes, @Nullable OfSize proposed, @Nullable Zone where, @Nullable Aside aside, List<Help> helps) {
    /** Fewer misses tell nothing about where they are. */
    static final int FEW = 3;

    /**
     * Cells of one size.
     *
     * @param width   of a cell
     * @param hits    of so many tries
     * @param near    misses by one cell
     * @param share   of hits, between these bounds
     * @param reaches true if the lower bound is above the level
     * @param more    so many hits more in a row it would take until it is; 0 if it is
     * @param millis  the middle time of hits, in milliseconds; null if it was not measured
     */
    public record OfSize(Shape grid, Length width, Length height, int tries, int hits, int near, Wilson share, boolean reaches, int more,
        @Nullable Integer millis) {
        /** The shorter side: what a finger has to meet. */
        public Length least() {
            return Length.smaller(width, height);
        }
    }

    /** A part of the board. */
    public enum Zone {
        LEFT, RIGHT, TOP, BOTTOM, TOP_LEFT, TOP_RIGHT, BOTTOM_LEFT, BOTTOM_RIGHT;

        private static final double THIRD = 1.0 / 3;

        /** True if the middle of a cell lies in that third of the board, or in both thirds that meet at a corner. */
        boolean holds(Try one) {
            double x = (one.target().column() + 0.5) / one.grid().columns();
            double y = (one.target().row() + 0.5) / one.grid().rows();
            boolean side = !name().contains("LEFT") && !name().contains("RIGHT") || (name().contains("LEFT") ? x < THIRD : x > 1 - THIRD);
            boolean end = !name().contains("TOP") && !name().contains("BOTTOM") || (name().contains("TOP") ? y < THIRD : y > 1 - THIRD);
            return side && end;
        }
    }

    /** Which way of the target. */
    public enum Aside {
        ABOVE, BELOW, LEFT, RIGHT
    }

    /** What might help. */
    public enum Help {
        /** Space between cells. */
        GAP,
        /** A plate with holes over the screen. */
        KEYGUARD,
        /** Only a touch that rests counts, or where it ends. */
        RESTING,
        /** The screen nearer, higher, lower or tilted. */
        MOUNTING,
        /** A slower round of what the switch chooses from. */
        SLOWER,
        /** Larger cells, or fewer. */
        LARGER
    }

    public static Finding of(PointingCheck check) {
        Map<Shape, List<Try>> byGrid = check.tries().stream().collect(Collectors.groupingBy(Try::grid, LinkedHashMap::new, Collectors.toList()));
        List<OfSize> sizes = byGrid.entrySet().stream().map(e -> ofSize(check, e.getKey(), e.getValue()))
            .sorted(Comparator.comparing((OfSize s) -> s.least()).reversed().thenComparing(s -> s.grid().cells())).toList();
        OfSize proposed = sizes.stream().filter(OfSize::reaches).reduce((larger, smaller) -> smaller).orElse(null);
        List<Try> misses = check.tries().stream().filter(t -> !t.isHit()).toList();
        Zone where = where(check.tries(), misses);
        Aside aside = aside(misses);
        return new Finding(sizes, proposed, where, aside, helps(check, misses, where, aside, proposed));
    }

    private static OfSize ofSize(PointingCheck check, Shape grid, List<Try> tries) {
        TalkLayout layout = new TalkLayout(check.screen(), grid, check.gap());
        int hits = (int) tries.stream().filter(Try::isHit).count();
        Wilson share = Wilson.of(hits, tries.size());
        boolean reaches = isAbove(share, check.level());
        int more = 0;
        while (!isAbove(Wilson.of(hits + more, tries.size() + more), check.level())) {
            more++;
        }
        List<Integer> times = tries.stream().filter(Try::isHit).map(Try::millis).filter(Objects::nonNull).sorted().toList();
        return new OfSize(grid, layout.cellWidth(), layout.cellHeight(), tries.size(), hits, (int) tries.stream().filter(Try::isNear).count(), share, reaches,
            more, times.isEmpty() ? null : times.get((times.size() - 1) / 2));
    }

    private static boolean isAbove(Wilson share, int level) {
        return share.lower() > level / 100.0;
    }

    /**
     * The part of the board where the share of misses is furthest above that of the rest: at least {@value #FEW} of them, at least a quarter of the tries
     * there, and at least twice the share elsewhere.
     */
    private static @Nullable Zone where(List<Try> tries, List<Try> misses) {
        Zone most = null;
        double furthest = 0;
        for (Zone zone : Zone.values()) {
            double there = tries.stream().filter(zone::holds).count();
            double missed = misses.stream().filter(zone::holds).count();
            double rest = tries.size() - there;
            double share = there == 0 ? 0 : missed / there;
            double elsewhere = rest == 0 ? share : (misses.size() - missed) / rest;
            if (missed >= FEW && share >= 0.25 && share >= 2 * elsewhere && share - elsewhere > furthest) {
                most = zone;
                furthest = share - elsewhere;
            }
        }
        return most;
    }

    /** Where two thirds of the misses lie, {@value #FEW} at least. */
    private static @Nullable Aside aside(List<Try> misses) {
        List<Try> met = misses.stream().filter(t -> t.hit() != null).toList();
        Map<Aside, Long> counts = new LinkedHashMap<>();
        counts.put(Aside.ABOVE, met.stream().filter(t -> hit(t).row() < t.target().row()).count());
        counts.put(Aside.BELOW, met.stream().filter(t -> hit(t).row() > t.target().row()).count());
        counts.put(Aside.LEFT, met.stream().filter(t -> hit(t).column() < t.target().column()).count());
        counts.put(Aside.RIGHT, met.stream().filter(t -> hit(t).column() > t.target().column()).count());
        Optional<Map.Entry<Aside, Long>> most = counts.entrySet().stream().max(Map.Entry.comparingByValue());
        return most.filter(m -> m.getValue() >= FEW && 3 * m.getValue() >= 2 * met.size()).map(Map.Entry::getKey).orElse(null);
    }

    private static Cell hit(Try one) {
        return Objects.requireNonNull(one.hit());
    }

    private static List<Help> helps(PointingCheck check, List<Try> misses, @Nullable Zone where, @Nullable Aside aside, @Nullable OfSize proposed) {
        List<Help> helps = new ArrayList<>();
        boolean finger = check.how() == PointingCheck.How.FINGER;
        if (finger && check.tries().stream().filter(Try::slid).count() >= FEW) {
            helps.add(Help.RESTING);
        }
        if (check.how() == PointingCheck.How.SWITCH) {
            if (!misses.isEmpty()) {
                helps.add(Help.SLOWER);
            }
            return helps;
        }
        if (where != null || aside != null) {
            helps.add(Help.MOUNTING);
        }
        long near = misses.stream().filter(Try::isNear).count();
        if (near >= FEW && 2 * near >= misses.size()) {
            helps.add(Help.GAP);
            if (finger) {
                helps.add(Help.KEYGUARD);
            }
        }
        if (proposed == null) {
            helps.add(Help.LARGER);
        }
        return List.copyOf(helps);
    }
}
