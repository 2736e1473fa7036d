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

/**
 * Takes a step out of the plan, so that the student sees what he or she saw: what belongs to it goes to a neighbour that is
 * shown if it is shown, and to one that waits if it waits, the one before first; if there is none, it waits for no step.
 * What a step that waits is to move goes with its words; what one that is shown has moved stays moved. Without the last step
 * there is no plan, and everything is shown that is not held.
 */
@JsonTypeName("remove-step")
public record RemoveStep(String step) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Plan plan = now.plan();
        Step gone = plan.step(step);
        int number = plan.numberOf(step);
        List<Step> left = new ArrayList<>(plan.steps());
        left.remove(gone);
        boolean shown = number <= plan.at();
        int at = left.isEmpty() ? 0 : Math.max(1, shown ? plan.at() - 1 : plan.at());
        Plan after = new Plan(left, at);
        Step heir = null;
        for (int neighbour : new int[] {number - 1, number}) {
            if (heir == null && neighbour >= 1 && neighbour <= left.size() && neighbour <= at == shown) {
                heir = left.get(neighbour - 1);
            }
        }
        if (heir != null && !shown && !gone.besides().nothing()) {
            boolean before = left.indexOf(heir) < number - 1;
            left.set(left.indexOf(heir), heir.with(before ? heir.besides().then(gone.besides()) : gone.besides().then(heir.besides())));
            after = new Plan(left, at);
        }
        return PlanSteps.planned(now, PlanSteps.moved(now, step, heir == null ? null : heir.id()), after,
            left.isEmpty() ? Told.of("ended-plan") : Told.of("removed-step", "number", number, "name", gone.name()));
    }
}
