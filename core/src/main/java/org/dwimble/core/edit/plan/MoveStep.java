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

/** Puts a step of the plan elsewhere in the order; the student stays at as many steps as before. @param number its new one, from 1 */
@JsonTypeName("move-step")
public record MoveStep(String step, int number) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Step moved = now.plan().step(step);
        List<Step> steps = new ArrayList<>(now.plan().steps());
        steps.remove(moved);
        steps.add(Math.max(0, Math.min(steps.size(), number - 1)), moved);
        Plan plan = new Plan(steps, now.plan().at());
        return PlanSteps.planned(now, now, plan, Told.of("moved-step", "name", moved.name(), "number", plan.numberOf(step)));
    }
}
