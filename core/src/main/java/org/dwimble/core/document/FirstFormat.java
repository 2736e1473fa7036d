package org.dwimble.core.document;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** From format 1, in which a document was the record as it then was, to format 2. Frozen: it is never changed again. */
final class FirstFormat {
    private FirstFormat() {
    }

    static ObjectNode whole(ObjectNode first) {
        ObjectNode second = Json.mapper().createObjectNode();
        second.put("format", 2);
        copy(first, second, List.of("name", "home", "locale"));
        carried(first, "extras", second);
        return second;
    }

    static ObjectNode board(ObjectNode first) {
        ObjectNode second = Json.mapper().createObjectNode();
        second.put("format", 2);
        copy(first, second, List.of("id", "name", "rows", "columns"));
        ArrayNode buttons = second.putArray("buttons");
        for (JsonNode button : first.path("buttons")) {
            buttons.add(button((ObjectNode) button));
        }
        carried(first, "pictures", second);
        carried(first, "sounds", second);
        carried(first, "extras", second);
        return second;
    }

    private static ObjectNode button(ObjectNode first) {
        ObjectNode second = Json.mapper().createObjectNode();
        copy(first, second, List.of("id", "label", "sound"));
        JsonNode cell = first.path("cell");
        second.putArray("at").add(cell.path("row").asInt()).add(cell.path("column").asInt());
        JsonNode span = first.path("span");
        second.putArray("span").add(span.path("rows").asInt(1)).add(span.path("columns").asInt(1));
        if (first.path("layers").isEmpty()) {
            copy(first, second, List.of("picture"));
        } else {
            ArrayNode layers = second.putArray("layers");
            first.path("layers").forEach(l -> layers.addArray().add(l.path("picture")).add(l.path("x")).add(l.path("y")).add(l.path("size")));
        }
        says(first.path("says"), second);
        leads(first.path("leads"), second);
        actions(first.path("actions"), second);
        if (isWord(second)) {
            copy(first, second, List.of("kind"));
        }
        if (first.path("hidden").asBoolean(false)) {
            second.put("hidden", true);
        }
        carried(first, "extras", second);
        return second;
    }

    /** In format 1 every button had a kind; one that only leads somewhere or only spells was called a little word. */
    private static boolean isWord(ObjectNode second) {
        return !second.path("says").asString("").equals("nothing");
    }

    private static void says(JsonNode says, ObjectNode into) {
        switch (says.path("type").asString("label")) {
            case "nothing" -> into.put("says", "nothing");
            case "words" -> into.putObject("says").put("words", says.path("text").asString());
            default -> {
            }
        }
    }

    private static void leads(JsonNode leads, ObjectNode into) {
        switch (leads.path("type").asString("stays")) {
            case "home" -> into.put("leads", "home");
            case "back" -> into.put("leads", "back");
            case "opens" -> into.putObject("leads").put("opens", leads.path("board").asString());
            default -> {
            }
        }
    }

    private static void actions(JsonNode actions, ObjectNode into) {
        ArrayNode does = Json.mapper().createArrayNode();
        for (JsonNode action : actions) {
            String text = action.asString();
            if (text.startsWith("+")) {
                does.addObject().put("spell", text.substring(1));
            } else {
                does.add(switch (text) {
                    case ":space" -> "space";
                    case ":backspace" -> "take-last-off";
                    case ":clear" -> "clear";
                    default -> "say";
                });
            }
        }
        if (!does.isEmpty()) {
            into.set("does", does);
        }
    }

    private static void copy(ObjectNode from, ObjectNode into, List<String> keys) {
        keys.stream().filter(from::hasNonNull).forEach(k -> into.set(k, from.get(k)));
    }

    private static void carried(ObjectNode from, String key, ObjectNode into) {
        if (from.path(key).isObject() && !from.path(key).isEmpty()) {
            ObjectNode texts = into.putObject(key);
            from.path(key).properties().forEach(p -> texts.put(p.getKey(), Json.mapper().writeValueAsString(p.getValue())));
        }
    }
}
