package org.dwimble.core.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A reveal plan: ordered steps, and the one the student is at. What belongs to that step or to one before it is shown; what
 * belongs to a later one, or to none, waits.
 *
 * @param steps in the order in which they are opened, at most {@value #MOST}
 * @param at    number of the step the student is at, from 1; 0 if there are no steps, when everything is shown
 */
public record Plan(List<Step> steps, int at) {
    public static final int MOST = 60;
    /** No steps: everything is shown. */
    public static final Plan NONE = new Plan(List.of(), 0);

    public Plan {
        steps = List.copyOf(steps);
        if (steps.size() > MOST) {
            throw new Unacceptable("too-many-steps", "most", MOST, "has", steps.size());
        }
        if (steps.isEmpty() ? at != 0 : at < 1 || at > steps.size()) {
            throw new Unacceptable("no-such-step", "number", at, "has", steps.size());
        }
        Set<String> ids = new HashSet<>();
        steps.forEach(s -> {
            if (!ids.add(s.id())) {
                throw new Unacceptable("step-twice", "step", s.name());
            }
        });
    }

    public boolean none() {
        return steps.isEmpty();
    }

    /** The step the student is at; empty if there is no plan. */
    public Optional<Step> now() {
        return none() ? Optional.empty() : Optional.of(steps.get(at - 1));
    }

    /** The number of a step, from 1; 0 for none and for one that is not in this plan. */
    public int numberOf(@Nullable String step) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).id().equals(step)) {
                return i + 1;
            }
        }
        return 0;
    }

    /** @throws Unacceptable if it is no step of this plan */
    public Step step(String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow(() -> new Unacceptable("step-gone"));
    }

    /** True if what belongs to a step is shown now. @param step null for what belongs to none */
    public boolean shows(@Nullable String step) {
        int number = numberOf(step);
        return none() || number > 0 && number <= at;
    }
}
