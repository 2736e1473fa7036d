package org.dwimble.core.board;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;

/**
 * What is carried along without being understood, sorted by key.
 *
 * @param ofPackage what a package said that Dwimble does not use, written back on export
 * @param ofLater   fields of a kept document that a later release wrote, kept as they are
 */
public record Extras(Map<String, JsonNode> ofPackage, Map<String, JsonNode> ofLater) {
    public static final Extras NONE = new Extras(Map.of(), Map.of());

    public Extras {
        ofPackage = sorted(ofPackage);
        ofLater = sorted(ofLater);
    }

    public static Extras ofPackage(Map<String, JsonNode> extras) {
        return extras.isEmpty() ? NONE : new Extras(extras, Map.of());
    }

    static Map<String, JsonNode> sorted(Map<String, JsonNode> facts) {
        return facts.isEmpty() ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(facts));
    }
}
