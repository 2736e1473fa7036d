package org.dwimble.core.wordlist.kept;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.dwimble.core.document.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** From format 1, in which a list was the record as it then was, to format 2. Frozen: it is never changed again. */
final class FirstFormat {
    /** What was one of a few, in capitals, by the support it belonged to. */
    private static final Map<String, List<String>> WORDS = Map.of("strip", List.of("heads", "done"), "cards", List.of("lines", "back", "flip"),
        "story", List.of("bound"), "calendar", List.of("span"), "pairs", List.of("match"));

    private FirstFormat() {
    }

    static ObjectNode list(ObjectNode first) {
        ObjectNode second = (ObjectNode) withoutNulls(first);
        second.put("format", 2);
        if (second.get("second") instanceof ObjectNode language) {
            ArrayNode now = second.putArray("second").add(language.path("language").asString(""));
            if (language.path("instead").asBoolean(false)) {
                now.add("instead");
            }
        }
        if (second.get("page") instanceof ObjectNode page) {
            words(page, List.of("paper", "turn", "labels", "type"));
            if (page.get("own") instanceof ObjectNode own) {
                page.putArray("own").add(own.path("width")).add(own.path("height"));
            }
        }
        if (second.get("supports") instanceof ObjectNode supports) {
            supports.properties().forEach(support -> {
                if (support.getValue() instanceof ObjectNode one) {
                    one.remove("type");
                    words(one, WORDS.getOrDefault(support.getKey(), List.of()));
                }
            });
        }
        return second;
    }

    private static void words(ObjectNode json, List<String> keys) {
        keys.stream().filter(k -> json.path(k).isString())
            .forEach(k -> json.set(k, StringNode.valueOf(json.get(k).asString().toLowerCase(Locale.ROOT).replace('_', '-'))));
    }

    private static JsonNode withoutNulls(JsonNode json) {
        if (json.isObject()) {
            ObjectNode without = Json.mapper().createObjectNode();
            json.properties().stream().filter(p -> !p.getValue().isNull()).forEach(p -> without.set(p.getKey(), withoutNulls(p.getValue())));
            return without;
        }
        if (json.isArray()) {
            ArrayNode without = Json.mapper().createArrayNode();
            json.forEach(one -> without.add(one.isNull() ? one : withoutNulls(one)));
            return without;
        }
        return json;
    }
}
