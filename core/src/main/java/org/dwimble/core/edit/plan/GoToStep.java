package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Moves;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Moves the student on to a step, or back to one. A step begins on the first day the student is at it or at a later one. Nothing changes its place but what a
 * step is to move, which is taken back with it.
 *
 * @param today given by the server
 */
@JsonTypeName("go-to-step")
public record GoToStep(String step, @Nullable LocalDate today) implements Intention {
    @Override
    public GoToStep madeBy(String person, LocalDate day) {
        return new GoToStep(step, day);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Plan plan = PlanSteps.there(now);
        plan.step(step);
        int to = plan.numberOf(step);
        if (to == plan.at()) {
            throw new Unacceptable("at-this-step", "step", PlanSteps.told(plan, step));
        }
        List<Step> steps = new ArrayList<>(plan.steps());
        Vocabulary after = now;
        for (int i = plan.at(); i < to; i++) {
            Taken taken = Taken.forward(after, steps.get(i));
            after = taken.after();
            steps.set(i, taken.step());
        }
        for (int i = plan.at() - 1; i >= to; i--) {
            Taken taken = Taken.back(after, steps.get(i));
            after = taken.after();
            steps.set(i, taken.step());
        }
        List<Step> begun = IntStream.range(0, steps.size()).mapToObj(i -> today != null && i < to ? steps.get(i).begunOn(today) : steps.get(i)).toList();
        Change change = PlanSteps.planned(now, after, new Plan(begun, to), Told.of(to > plan.at() ? "moved-on" : "moved-back", "step",
            PlanSteps.told(plan, step)));
        Set<Key> touched = new LinkedHashSet<>();
        after.boards().values().stream().filter(b -> !b.equals(now.at(b.id()))).forEach(b -> touched.add(new Key.OfBoard(b.id())));
        return touched.isEmpty() ? change : Change.of(now, change.after(), change.needs().and(Needs.of(touched)), change.told());
    }
}
