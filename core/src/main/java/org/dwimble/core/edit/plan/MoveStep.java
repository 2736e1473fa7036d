package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/**
 * Puts a step of the plan elsewhere in the order; the student stays at as many steps as before. No step that moves words comes or goes
 * by that: the student is moved on to it or back.
 *
 * @param number its new one, from 1
 */
@JsonTypeName("move-step")
public record MoveStep(String step, int number) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Step moved = now.plan().step(step);
        List<Step> steps = new ArrayList<>(now.plan().steps());
        steps.remove(moved);
        steps.add(Math.max(0, Math.min(steps.size(), number - 1)), moved);
        Plan plan = new Plan(steps, now.plan().at());
        for (int i = 0; i < steps.size(); i++) {
            Step other = steps.get(i);
            if (!other.besides().nothing() && (i < plan.at()) != (now.plan().numberOf(other.id()) <= plan.at())) {
                throw new Unacceptable("step-moves-words", "step", PlanSteps.told(now.plan(), other.id()));
            }
        }
        return PlanSteps.planned(now, now, plan, Told.of("moved-step", "name", moved.name(), "number", plan.numberOf(step)));
    }
}
