package org.dwimble.core.document;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plans and holds inside a document; days as ISO 8601. What is usual is left out.
 * <pre>
 *   plan   {"at": 2, "steps": [{"id": ..., "name": ..., "began": "2026-11-02", "planned": ...}, ...]}
 *          and in a step that does more than show words
 *          {"grids": [{"board": ..., "to": [4, 6, [1, 2, ...], []], "was": ...}, ...],
 *           "moves": [{"button": ..., "to": [board, row, column, rows, columns], "was": ...}, ...], "quiet": [button, ...]}
 *   held   {"reason": ..., "until": ..., "by": ..., "since": ..., "fact": true}, beside "hidden": true
 * </pre>
 */
public final class PlanPart {
    private PlanPart() {
    }

    /** A plan as JSON. */
    public static ObjectNode of(Plan plan) {
        ObjectNode json = Json.mapper().createObjectNode().put("at", plan.at());
        ArrayNode steps = json.putArray("steps");
        for (Step step : plan.steps()) {
            ObjectNode one = steps.addObject().put("id", step.id()).put("name", step.name());
            day("began", step.began(), one);
            day("planned", step.planned(), one);
            BesidesPart.put(step.besides(), one);
        }
        return json;
    }

    /** @param json missing for none */
    public static Plan plan(JsonNode json) {
        List<Step> steps = new ArrayList<>();
        json.path("steps").forEach(s -> steps.add(new Step(s.path("id").asString(), s.path("name").asString(), day(s.path("began")), day(s.path("planned")),
            BesidesPart.of(s))));
        return steps.isEmpty() ? Plan.NONE : new Plan(steps, json.path("at").asInt(1));
    }

    /** What is known of a hold, as JSON; empty for a plain one. */
    public static ObjectNode of(Hold hold) {
        ObjectNode json = Json.mapper().createObjectNode();
        if (!hold.reason().isEmpty()) {
            json.put("reason", hold.reason());
        }
        day("until", hold.until(), json);
        if (hold.by() != null) {
            json.put("by", hold.by());
        }
        day("since", hold.since(), json);
        if (hold.fact()) {
            json.put("fact", true);
        }
        return json;
    }

    public static Hold hold(JsonNode json) {
        return new Hold(json.path("reason").asString(""), day(json.path("until")), json.path("by").isString() ? json.path("by").asString() : null,
            day(json.path("since")), json.path("fact").asBoolean(false));
    }

    private static void day(String key, @Nullable LocalDate day, ObjectNode into) {
        if (day != null) {
            into.put(key, day.toString());
        }
    }

    private static @Nullable LocalDate day(JsonNode day) {
        return day.isString() ? LocalDate.parse(day.asString()) : null;
    }
}
