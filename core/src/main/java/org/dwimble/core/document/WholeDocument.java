package org.dwimble.core.document;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Whole;
import org.dwimble.core.look.Colour;
import tools.jackson.databind.node.ObjectNode;

/** What belongs to a vocabulary as a whole, as it is kept. */
public final class WholeDocument {
    private static final int FORMAT = 2;
    private static final Set<String> KEYS = LookPart.and(Formats.FORMAT, "name", "home", "locale", "papers", "plan", "extras");

    private WholeDocument() {
    }

    public static byte[] write(Whole whole) {
        ObjectNode json = Json.mapper().createObjectNode();
        json.put(Formats.FORMAT, FORMAT);
        json.put("name", whole.name());
        json.put("home", whole.home());
        json.put("locale", whole.locale());
        LookPart.write(whole.look(), json);
        if (!whole.papers().isEmpty()) {
            ObjectNode papers = json.putObject("papers");
            whole.papers().forEach((kind, colour) -> papers.put(kind.word(), colour.hex()));
        }
        if (!whole.plan().none()) {
            json.set("plan", PlanPart.of(whole.plan()));
        }
        Carried.write(whole.extras(), json);
        return Json.canonical(json);
    }

    private static Map<Kind, Colour> papers(ObjectNode json) {
        Map<Kind, Colour> papers = new EnumMap<>(Kind.class);
        json.path("papers").properties().forEach(p -> papers.put(Kind.of(p.getKey()), Colour.of(p.getValue().asString())));
        return papers;
    }

    /** @throws org.dwimble.core.told.Unacceptable if a later release wrote it */
    public static Whole read(byte[] document) {
        ObjectNode json = Formats.upgraded((ObjectNode) Json.mapper().readTree(document), List.of(FirstFormat::whole));
        return new Whole(json.path("name").asString(), json.path("home").asString(), json.path("locale").asString("en"), LookPart.read(json), papers(json),
            PlanPart.plan(json.path("plan")), Carried.extras(json, KEYS));
    }
}
