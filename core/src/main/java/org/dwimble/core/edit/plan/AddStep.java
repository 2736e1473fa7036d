package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Adds a step at the end of the plan; the first begins the plan, and the student is at it.
 *
 * @param planned the day it is meant to begin; null for when ready
 * @param words   what belongs to it from the start; null for nothing yet
 * @param today   given by the server, for the first
 */
@JsonTypeName("add-step")
public record AddStep(String name, @Nullable LocalDate planned, @Nullable Meant words, @Nullable LocalDate today) implements Intention {
    @Override
    public AddStep madeBy(String person, LocalDate day) {
        return new AddStep(name, planned, words, day);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        List<Step> steps = new ArrayList<>(now.plan().steps());
        Step added = new Step(ids.get(), name, steps.isEmpty() ? today : null, planned);
        steps.add(added);
        Plan plan = new Plan(steps, Math.max(1, now.plan().at()));
        Vocabulary filled = words == null ? now : PlanSteps.into(now, words, added.id()).after();
        return PlanSteps.planned(now, filled, plan, Told.of("added-step", "number", steps.size(), "name", added.name()));
    }
}
