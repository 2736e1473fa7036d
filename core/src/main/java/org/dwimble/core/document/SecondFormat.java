package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * From format 2, in which a button that did something else said nothing whatever it was told to say, and what another program
 * let it do was carried apart, to format 3. Frozen: it is never changed again.
 */
final class SecondFormat {
    private static final String ACTIONS = "actions";
    private static final int MOST = 20;
    private static final int MOST_OF_AN_ACTION = 2_000;
    private static final Set<String> KNOWN = Set.of(":space", ":backspace", ":clear", ":speak");

    private SecondFormat() {
    }

    static ObjectNode board(ObjectNode second) {
        ObjectNode third = second.deepCopy();
        third.put("format", 3);
        third.path("buttons").forEach(b -> button((ObjectNode) b));
        return third;
    }

    private static void button(ObjectNode button) {
        if (!button.path("does").isEmpty()) {
            button.put("says", "nothing");
        }
        if (button.path("extras").path(ACTIONS).isString()) {
            ObjectNode extras = (ObjectNode) button.get("extras");
            othersActions(button, Json.mapper().readTree(extras.remove(ACTIONS).asString()));
            if (extras.isEmpty()) {
                button.remove("extras");
            }
        }
    }

    /** What Dwimble does not do is put in where it stood, or comes last if the button does something else by now. */
    private static void othersActions(ObjectNode button, JsonNode actions) {
        List<JsonNode> does = button.path("does").valueStream().toList();
        List<JsonNode> came = new ArrayList<>();
        List<JsonNode> all = new ArrayList<>();
        List<JsonNode> others = new ArrayList<>();
        for (JsonNode action : actions) {
            String text = action.asString("");
            if (text.equals(":home")) {
                continue;
            }
            JsonNode known = known(text);
            if (known != null) {
                came.add(known);
                all.add(known);
            } else if (action.toString().length() <= MOST_OF_AN_ACTION) {
                JsonNode other = Json.mapper().createObjectNode().put("action", action.toString());
                others.add(other);
                all.add(other);
            }
        }
        if (!came.equals(does)) {
            all = new ArrayList<>(does);
            all.addAll(others);
        }
        ArrayNode written = button.putArray("does");
        all.stream().limit(MOST).forEach(written::add);
    }

    private static @Nullable JsonNode known(String action) {
        if (action.startsWith("+") && action.length() > 1 && action.length() <= 101) {
            return Json.mapper().createObjectNode().put("spell", action.substring(1));
        }
        return !KNOWN.contains(action) ? null : Json.mapper().createArrayNode().add(action.equals(":backspace") ? "take-last-off"
            : action.equals(":speak") ? "say" : action.substring(1)).get(0);
    }
}
