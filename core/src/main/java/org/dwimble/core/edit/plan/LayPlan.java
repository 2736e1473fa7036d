package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Lays a whole plan, in place of what there was; the student is at its first step. What is in no step waits. Nothing changes
 * its place.
 *
 * @param today given by the server
 */
@JsonTypeName("lay-plan")
public record LayPlan(List<NewStep> steps, @Nullable LocalDate today) implements Intention {
    /** @param buttons ids; a button that is named twice belongs to the first; those that are gone are left out */
    public record NewStep(String name, @Nullable LocalDate planned, List<String> buttons) {
    }

    @Override
    public LayPlan madeBy(String person, LocalDate day) {
        return new LayPlan(steps, day);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Unacceptable.ifMissing(steps);
        steps.forEach(step -> Unacceptable.ifMissing(step.name, step.buttons));
        if (steps.isEmpty()) {
            throw new Unacceptable("plan-without-steps");
        }
        List<Step> laid = new ArrayList<>();
        Map<String, String> stepOf = new HashMap<>();
        for (NewStep step : steps) {
            Step made = new Step(ids.get(), step.name, laid.isEmpty() ? today : null, step.planned);
            laid.add(made);
            step.buttons.forEach(b -> stepOf.putIfAbsent(b, made.id()));
        }
        List<Board> boards = new ArrayList<>();
        for (Board board : now.boards().values()) {
            List<Button> other = board.buttons().stream()
                .map(b -> b.isWay() ? b : Facet.STEP.with(b, stepOf.get(b.id()))).filter(b -> !board.button(b.id()).orElseThrow().equals(b)).toList();
            if (!other.isEmpty()) {
                boards.add(board.with(other));
            }
        }
        return PlanSteps.planned(now, now.with(boards), new Plan(laid, 1), Told.of("laid-plan", "count", laid.size()));
    }
}
