package org.dwimble.core.wordlist;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;

/**
 * What a later release has kept with a list and this one does not know; carried along until what it belongs to goes.
 *
 * @param byPlace by the place in the list it belongs to, such as {@code words/w1} or {@code supports/strip}, and then by its key
 */
public record Later(Map<String, Map<String, JsonNode>> byPlace) {
    /** The place of the list itself. */
    public static final String LIST = "";
    /** The key of a support this release does not know and the list is set to. */
    public static final String NOW = "now";
    public static final Later NONE = new Later(Map.of());

    public Later {
        Map<String, Map<String, JsonNode>> sorted = new TreeMap<>();
        byPlace.forEach((place, fields) -> sorted.put(place, Collections.unmodifiableMap(new TreeMap<>(fields))));
        byPlace = Collections.unmodifiableMap(sorted);
    }

    public Map<String, JsonNode> at(String place) {
        return byPlace.getOrDefault(place, Map.of());
    }

    Later without(String place, String key) {
        if (!at(place).containsKey(key)) {
            return this;
        }
        Map<String, Map<String, JsonNode>> left = new TreeMap<>(byPlace);
        Map<String, JsonNode> fields = new TreeMap<>(at(place));
        fields.remove(key);
        left.put(place, fields);
        return new Later(left);
    }
}
