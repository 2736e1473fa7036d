package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Moves;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Moves the student on to a step, or back to one. Nothing changes its place; a step begins on the first day the student is
 * at it or at a later one.
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
        List<Step> steps = plan.steps().stream().map(s -> today != null && plan.numberOf(s.id()) <= to ? s.begunOn(today) : s).toList();
        return PlanSteps.planned(now, now, new Plan(steps, to), Told.of(to > plan.at() ? "moved-on" : "moved-back", "step", PlanSteps.told(plan, step)));
    }
}
