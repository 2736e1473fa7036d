package org.dwimble.core.document;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.dwimble.core.board.Extras;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is carried along without being understood. What came with a package is written as a text that holds its JSON, so
 * that the canonical form, which knows double precision only, cannot change a number in it.
 */
final class Carried {
    private static final String EXTRAS = "extras";

    private Carried() {
    }

    static void write(Map<String, JsonNode> carried, String key, ObjectNode into) {
        if (!carried.isEmpty()) {
            ObjectNode texts = into.putObject(key);
            carried.forEach((name, value) -> texts.put(name, Json.mapper().writeValueAsString(value)));
        }
    }

    static Map<String, JsonNode> read(JsonNode texts) {
        Map<String, JsonNode> carried = new TreeMap<>();
        texts.properties().forEach(p -> carried.put(p.getKey(), Json.mapper().readTree(p.getValue().asString())));
        return carried;
    }

    static void write(Extras extras, ObjectNode into) {
        write(extras.ofPackage(), EXTRAS, into);
        extras.ofLater().forEach(into::set);
    }

    /** @param known keys this release reads; all others are a later release's */
    static Extras extras(ObjectNode json, Set<String> known) {
        Map<String, JsonNode> later = new TreeMap<>();
        json.properties().stream().filter(p -> !known.contains(p.getKey())).forEach(p -> later.put(p.getKey(), p.getValue()));
        Map<String, JsonNode> ofPackage = read(json.path(EXTRAS));
        return ofPackage.isEmpty() && later.isEmpty() ? Extras.NONE : new Extras(ofPackage, later);
    }
}
