package org.dwimble.core.document;

import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Whole;
import tools.jackson.databind.node.ObjectNode;

/** What belongs to a vocabulary as a whole, as it is kept. */
public final class WholeDocument {
    private static final int FORMAT = 2;
    private static final Set<String> KEYS = Set.of(Formats.FORMAT, "name", "home", "locale", "extras");

    private WholeDocument() {
    }

    public static byte[] write(Whole whole) {
        ObjectNode json = Json.mapper().createObjectNode();
        json.put(Formats.FORMAT, FORMAT);
        json.put("name", whole.name());
        json.put("home", whole.home());
        json.put("locale", whole.locale());
        Carried.write(whole.extras(), json);
        return Json.canonical(json);
    }

    /** @throws org.dwimble.core.told.Unacceptable if a later release wrote it */
    public static Whole read(byte[] document) {
        ObjectNode json = Formats.upgraded((ObjectNode) Json.mapper().readTree(document), List.of(FirstFormat::whole));
        return new Whole(json.path("name").asString(), json.path("home").asString(), json.path("locale").asString("en"), Carried.extras(json, KEYS));
    }
}
