package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.told.Told;

/** Does without a plan: everything is shown that is not held. */
@JsonTypeName("end-plan")
public record EndPlan() implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        PlanSteps.there(now);
        Vocabulary bare = On.wherever(now, b -> b.shown().step() != null, b -> Facet.STEP.with(b, null)).after();
        return PlanSteps.planned(now, bare, Plan.NONE, Told.of("ended-plan"));
    }
}
