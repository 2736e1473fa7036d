package org.dwimble.core.edit.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.plan.Besides;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Steps that come next in the plan, after the one the student is at and before those that wait already. Where there is no plan, one begins with a step to which
 * all words of today belong.
 *
 * @param name  of the steps; they are numbered if there are several
 * @param soFar name of the first step of a new plan
 * @param first the day the first is meant to begin; null for when ready
 * @param every so many days later each of the others, 1 to {@value #LONGEST}
 * @param today given by the server
 */
public record Ahead(String name, String soFar, @Nullable LocalDate first, int every, @Nullable LocalDate today) {
    public static final int LONGEST = 366;

    public Ahead {
        Unacceptable.ifMissing(name, soFar);
        if (every < 1 || every > LONGEST) {
            throw new Unacceptable("step-every", "most", LONGEST);
        }
    }

    public Ahead on(LocalDate day) {
        return new Ahead(name, soFar, first, every, day);
    }

    /** With steps that do this. @throws Unacceptable if they are too many for a plan, or without a name */
    public Vocabulary laid(Vocabulary now, List<Besides> besides, Supplier<String> ids) {
        List<Step> coming = new ArrayList<>();
        for (int i = 0; i < besides.size(); i++) {
            String number = besides.size() == 1 ? "" : " " + (i + 1);
            coming.add(new Step(ids.get(), name.isBlank() ? "" : Text.cut(name, Step.LONGEST_NAME - number.length()) + number, null,
                first == null ? null : first.plusDays((long) i * every), besides.get(i)));
        }
        return with(now, coming, ids);
    }

    private Vocabulary with(Vocabulary now, List<Step> coming, Supplier<String> ids) {
        Vocabulary begun = now;
        List<Step> steps = new ArrayList<>(now.plan().steps());
        if (steps.isEmpty()) {
            Step first = new Step(ids.get(), soFar, today, null);
            steps.add(first);
            begun = PlanSteps.into(now, Meant.EVERYTHING, first.id()).after();
        }
        int at = Math.max(1, now.plan().at());
        steps.addAll(at, coming);
        return begun.with(begun.whole().withPlan(new Plan(steps, at)));
    }
}
