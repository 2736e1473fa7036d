package org.dwimble.core.edit.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/** What the intentions about a reveal plan have in common. */
final class PlanSteps {
    private static final int NAMED = 3;

    private PlanSteps() {
    }

    /** Buttons changed in one facet. @param buttons those that are other than before, in order */
    record Made(Vocabulary after, List<Button> buttons, Set<Key> needs) {
        /** Some of their names, and how many more there are. */
        Object[] named(Object... more) {
            List<Object> with = new ArrayList<>(List.of("names", buttons.stream().limit(NAMED).map(On::named).toList(),
                "more", Math.max(0, buttons.size() - NAMED), "count", buttons.size()));
            with.addAll(List.of(more));
            return with.toArray();
        }
    }

    /** Gives what is meant another value of one facet. */
    static <T> Made give(Vocabulary now, Meant meant, Facet<T> facet, UnaryOperator<Button> changed) {
        if (meant == null) {
            throw new Unacceptable("nothing-to-change");
        }
        List<Board> boards = new ArrayList<>();
        List<Button> all = new ArrayList<>();
        Set<Key> needs = new LinkedHashSet<>();
        for (Meant.On on : meant.in(now)) {
            List<Button> other = on.buttons().stream().filter(b -> !facet.same(b, changed.apply(b))).toList();
            if (!other.isEmpty()) {
                boards.add(on.board().with(other.stream().map(changed).toList()));
                all.addAll(other);
                other.forEach(b -> needs.add(new Key.OfFacet(b.id(), facet)));
            }
        }
        return new Made(now.with(boards), all, needs);
    }

    /**
     * Puts what is meant into a step, or takes it out of every one. Buttons that only open a board follow what is behind them,
     * unless they are named one by one.
     */
    static Made into(Vocabulary now, Meant meant, @Nullable String step) {
        Set<String> named = meant == null || meant.allBut() || meant.buttons() == null ? Set.of() : Set.copyOf(meant.buttons());
        return give(now, meant, Facet.STEP, b -> b.onlyOpens() && !named.contains(b.id()) ? b : Facet.STEP.with(b, step));
    }

    /** Buttons that belong to a step get another; it changes nothing that is not there. */
    static Vocabulary moved(Vocabulary now, String from, @Nullable String to) {
        return On.wherever(now, b -> from.equals(b.shown().step()), b -> Facet.STEP.with(b, to)).after();
    }

    static Change planned(Vocabulary now, Vocabulary buttons, Plan plan, Told told) {
        return Change.of(now, buttons.with(buttons.whole().withPlan(plan)), Needs.of(new Key.OfWhole(WholeFacet.PLAN)), told);
    }

    static Plan there(Vocabulary now) {
        if (now.plan().none()) {
            throw new Unacceptable("no-plan");
        }
        return now.plan();
    }

    /** How a step is told: its number, and its name. */
    static Told told(Plan plan, String step) {
        return Told.of("step", "number", plan.numberOf(step), "name", plan.step(step).name());
    }

    static String missing(List<String> words) {
        return words.stream().limit(5).collect(Collectors.joining(", ")) + (words.size() > 5 ? " …" : "");
    }
}
