package org.dwimble.core.obf;

import java.time.DateTimeException;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Shown;
import org.dwimble.core.document.PlanPart;
import org.dwimble.core.look.Look;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is shown when, in Open Board Format: for every program a button that the student does not see now is {@code hidden};
 * whether it is held or only waits stands under keys of our own. Who held it, and reasons that come of facts, stay here.
 */
final class ObfPlan {
    static final String PLAN = "ext_dwimble_plan";
    static final String STEP = "ext_dwimble_step";
    static final String HELD = "ext_dwimble_held";
    /** True if a button is hidden for its step alone. */
    static final String WAITS = "ext_dwimble_waits";

    private ObfPlan() {
    }

    static void write(Plan plan, ObjectNode manifest) {
        if (!plan.none()) {
            manifest.set(PLAN, PlanPart.of(plan));
        }
    }

    /** @param seen true if the student sees it now */
    static void write(Button button, boolean seen, ObjectNode into) {
        Shown shown = button.shown();
        if (!seen || shown.hidden()) {
            into.put("hidden", true);
        }
        if (shown.hold() == null && !seen) {
            into.put(WAITS, true);
        } else if (shown.hold() != null && !shown.hold().forOthers().equals(Hold.PLAIN)) {
            into.set(HELD, PlanPart.of(shown.hold().forOthers()));
        }
        if (shown.step() != null) {
            into.put(STEP, shown.step());
        }
    }

    static Shown shown(JsonNode button, Look look) {
        String step = button.path(STEP).asString("");
        return new Shown(hold(button), step.isEmpty() || step.length() > Shown.LONGEST_STEP ? null : step, ObfLook.left(button), look);
    }

    private static @Nullable Hold hold(JsonNode button) {
        if (!button.path("hidden").asBoolean(false) || button.path(WAITS).asBoolean(false)) {
            return null;
        }
        try {
            return PlanPart.hold(button.path(HELD));
        } catch (DateTimeException | Unacceptable strange) {
            return Hold.PLAIN;
        }
    }

    /** The plan of a package; none if it has none that can be read. */
    static Plan plan(JsonNode manifest) {
        try {
            return PlanPart.plan(manifest.path(PLAN));
        } catch (DateTimeException | Unacceptable strange) {
            return Plan.NONE;
        }
    }
}
