package org.dwimble.core.obf;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Halves of surrogate pairs, which JSON may hold and UTF-8 may not (RFC 8259, 8.2), become the replacement character U+FFFD. */
final class WellFormed {
    private static final char REPLACEMENT = '\ufffd';

    private WellFormed() {
    }

    /** Mends all texts and names in it, where it stands. @return whether there was something to mend */
    static boolean mend(JsonNode json) {
        if (!broken(json)) {
            return false;
        }
        if (json instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> property : List.copyOf(object.properties())) {
                object.remove(property.getKey());
                object.set(mended(property.getKey()), mended(property.getValue()));
            }
        } else if (json instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, mended(array.get(i)));
            }
        }
        return true;
    }

    private static JsonNode mended(JsonNode value) {
        mend(value);
        return value.isString() ? JsonNodeFactory.instance.stringNode(mended(value.asString())) : value;
    }

    private static boolean broken(JsonNode json) {
        if (json instanceof ObjectNode object) {
            return object.properties().stream().anyMatch(p -> broken(p.getKey()) || broken(p.getValue()));
        }
        return json.isString() ? broken(json.asString()) : json instanceof ArrayNode array && array.valueStream().anyMatch(WellFormed::broken);
    }

    private static boolean broken(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isSurrogate(c)) {
                if (Character.isLowSurrogate(c) || i + 1 == text.length() || !Character.isLowSurrogate(text.charAt(i + 1))) {
                    return true;
                }
                i++;
            }
        }
        return false;
    }

    private static String mended(String text) {
        StringBuilder whole = new StringBuilder(text.length());
        text.codePoints().forEach(c -> whole.appendCodePoint(c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE ? REPLACEMENT : c));
        return whole.toString();
    }
}
