package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/** Gives a step of the plan another name and day. @param planned null for when ready */
@JsonTypeName("change-step")
public record ChangeStep(String step, String name, @Nullable LocalDate planned) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Step was = now.plan().step(step);
        List<Step> steps = now.plan().steps().stream().map(s -> s.id().equals(step) ? s.withName(name).withPlanned(planned) : s).toList();
        Plan plan = new Plan(steps, now.plan().at());
        return PlanSteps.planned(now, now, plan, Told.of("changed-step", "step", PlanSteps.told(plan, step), "was", was.name()));
    }
}
