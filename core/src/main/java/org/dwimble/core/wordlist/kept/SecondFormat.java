package org.dwimble.core.wordlist.kept;

import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** From format 2, in which the second language was told by its English name, to format 3, in which it is a tag. Frozen: it is never changed again. */
final class SecondFormat {
    private static final Map<String, String> TAGS = Map.ofEntries(Map.entry("Arabic", "ar"), Map.entry("Chinese", "zh"), Map.entry("Dutch", "nl"), Map.entry(
        "English", "en"), Map.entry("French", "fr"), Map.entry("German", "de"), Map.entry("Italian", "it"), Map.entry("Polish", "pl"),
        Map.entry("Portuguese",
            "pt"),
        Map.entry("Spanish", "es"), Map.entry("Turkish", "tr"), Map.entry("Ukrainian", "uk"), Map.entry("Vietnamese", "vi"));

    private SecondFormat() {
    }

    static ObjectNode list(ObjectNode second) {
        ObjectNode third = second.deepCopy();
        third.put("format", 3);
        if (third.get("second") instanceof ArrayNode language && language.path(0).isString()) {
            String name = language.get(0).asString();
            language.set(0, StringNode.valueOf(TAGS.getOrDefault(name, name)));
        }
        return third;
    }
}
