package org.dwimble.core.access;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What it costs to choose something by scanning.
 *
 * <p>By time: what stands at place i of its level, counted from 0, is lit after F + i T (F how much longer the first is lit, T how long each is; the
 * first itself at once), and is taken, on average, in the middle of the time it is lit. A target in groups costs the sum over the levels of
 * {@code i > 0: F + i T + T / 2, i = 0: (F + T) / 2}, one press each. By hand each place is one press, and taking it one more; how long a press takes
 * is the student's own, so that no time is told. That the time of a choice is the number of steps before it times the step, summed over the levels, is
 * how rates of scanning are predicted since R. I. Damper, "Text composition by the physically disabled: a rate prediction model for scanning input",
 * Applied Ergonomics 15, 1984; presses missed and rounds begun again are not in it.
 *
 * @param presses at least 1
 * @param ms      on average, in milliseconds; null if it goes on by hand
 */
public record ScanCost(int presses, @Nullable Long ms) {
    /** Before anything is chosen. */
    public static final ScanCost NOTHING = new ScanCost(0, 0L);

    public ScanCost plus(ScanCost other) {
        return new ScanCost(presses + other.presses, ms == null || other.ms == null ? null : ms + other.ms);
    }

    /** By which costs are put in order: time, or presses where no time is told. */
    public long weight() {
        return ms == null ? presses : ms;
    }

    /** The mean of costs of one student, presses to the nearest whole. @param costs at least one */
    public static ScanCost mean(List<ScanCost> costs) {
        ScanCost all = costs.stream().reduce(NOTHING, ScanCost::plus);
        return new ScanCost((int) Math.round((double) all.presses / costs.size()), all.ms == null ? null : all.ms / costs.size());
    }

    /** Of each that can be chosen in a round, by its id. */
    public static Map<String, ScanCost> of(Scanning how, List<Stop> round) {
        Map<String, ScanCost> costs = new HashMap<>();
        put(how, round, NOTHING, costs);
        return costs;
    }

    private static void put(Scanning how, List<Stop> level, ScanCost before, Map<String, ScanCost> costs) {
        for (int i = 0; i < level.size(); i++) {
            Stop stop = level.get(i);
            ScanCost cost = before.plus(at(how, i));
            if (stop.isGroup()) {
                put(how, stop.within(), cost, costs);
            } else {
                costs.putIfAbsent(stop.id(), cost);
            }
        }
    }

    private static ScanCost at(Scanning how, int place) {
        if (!how.byTime()) {
            return new ScanCost(place + 1, null);
        }
        long step = how.stepMs();
        long first = how.firstMs();
        return new ScanCost(1, place == 0 ? (first + step) / 2 : first + place * step + step / 2);
    }
}
