package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.dwimble.core.told.Told;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is told, as it is kept with a version: {@code {"key": ..., "with": {...}}}; something told inside it is such an object again. */
public final class ToldDocument {
    private ToldDocument() {
    }

    public static String write(Told told) {
        return Json.mapper().writeValueAsString(json(told));
    }

    public static Told read(String document) {
        return told(Json.mapper().readTree(document));
    }

    private static ObjectNode json(Told told) {
        ObjectNode json = Json.mapper().createObjectNode();
        json.put("key", told.key());
        if (!told.with().isEmpty()) {
            ObjectNode with = json.putObject("with");
            told.with().forEach((name, value) -> put(with, name, value));
        }
        return json;
    }

    private static void put(ObjectNode with, String name, Object value) {
        if (value instanceof Told inner) {
            with.set(name, json(inner));
        } else if (value instanceof Long number) {
            with.put(name, number);
        } else if (value instanceof List<?> list) {
            ArrayNode array = with.putArray(name);
            list.forEach(one -> {
                if (one instanceof Told inner) {
                    array.add(json(inner));
                } else {
                    array.add((String) one);
                }
            });
        } else {
            with.put(name, (String) value);
        }
    }

    private static Told told(JsonNode json) {
        Map<String, Object> with = new TreeMap<>();
        json.path("with").properties().forEach(p -> with.put(p.getKey(), value(p.getValue())));
        return new Told(json.path("key").asString(), with);
    }

    private static Object value(JsonNode value) {
        if (value.isObject()) {
            return told(value);
        }
        if (value.isNumber()) {
            return value.asLong();
        }
        if (value.isArray()) {
            List<Object> all = new ArrayList<>();
            value.forEach(one -> all.add(one.isObject() ? told(one) : one.asString()));
            return all;
        }
        return value.asString();
    }
}
