package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/** Puts words into a step of the plan. Nothing changes its place. @param step null for none: they wait */
@JsonTypeName("put-in-step")
public record PutInStep(Meant words, @Nullable String step) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Plan plan = PlanSteps.there(now);
        PlanSteps.Made made = PlanSteps.into(now, words, step == null ? null : plan.step(step).id());
        List<String> missing = words.notThere(now);
        if (made.buttons().isEmpty()) {
            throw new Unacceptable(
                missing.isEmpty() || words.words() != null && missing.size() < words.words().size() ? "nothing-to-put-in-step" : "words-not-there",
                "words", PlanSteps.missing(missing));
        }
        Told told = step == null ? Told.of("took-out-of-step", made.named()) : Told.of("put-in-step", made.named("step", PlanSteps.told(plan, step)));
        return Change.of(now, made.after(), Needs.of(made.needs()).and(Needs.of(new Key.OfWhole(WholeFacet.PLAN))), told);
    }
}
