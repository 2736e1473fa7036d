package org.dwimble.core.obf;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.dwimble.core.board.Kind;
import org.dwimble.core.document.Json;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How looks stand in Open Board Format: colours of a button as the format has them, for every program as they are seen; what
 * the format has no word for under a key of our own.
 */
final class ObfLook {
    static final String FILL = "background_color";
    static final String BORDER = "border_color";
    /** A look of its own; of a button also {@code seen}, the fill written for others: if another program changed that, that holds. */
    static final String LOOK = "ext_dwimble_look";
    /** The paper of each kind, in a package. */
    static final String PAPERS = "ext_dwimble_papers";
    /** The year somebody left. */
    static final String LEFT = "ext_dwimble_left";
    private static final String SEEN = "seen";

    private ObfLook() {
    }

    /** @param seen how the button is seen; @param own what it says itself */
    static void write(Look seen, Look own, ObjectNode button) {
        Optional.ofNullable(seen.fill()).ifPresent(c -> button.put(FILL, c.css()));
        Optional.ofNullable(seen.border()).ifPresent(c -> button.put(BORDER, c.css()));
        Look asRead = Look.PLAIN.withFill(seen.fill()).withBorder(seen.border());
        if (!own.equals(asRead)) {
            write(own, button);
            ((ObjectNode) button.get(LOOK)).put(SEEN, seenIn(button));
        }
    }

    static void write(Look own, ObjectNode into) {
        into.set(LOOK, Json.mapper().valueToTree(own));
    }

    private static String seenIn(JsonNode button) {
        return button.path(FILL).asString("") + " " + button.path(BORDER).asString("");
    }

    /** A button's own look; colours nobody can read are left where they are, among what is carried along. */
    static Look ofButton(ObjectNode button, Map<String, JsonNode> extras) {
        Look plain = new Look(colour(button, FILL), colour(button, BORDER), null, null, null, null, null, null, null, null);
        Stream.of(FILL, BORDER).filter(key -> colour(button, key) != null).forEach(extras::remove);
        if (!button.path(LOOK).has(SEEN) || !button.path(LOOK).path(SEEN).asString("").equals(seenIn(button))) {
            return plain;
        }
        Look own = read(button);
        return own.ofABoard() ? plain : own;
    }

    private static @Nullable Colour colour(JsonNode json, String key) {
        return Colour.read(json.path(key).asString("")).orElse(null);
    }

    /** The look under our own key; plain if there is none that can be read. */
    static Look read(JsonNode json) {
        if (!(json.path(LOOK) instanceof ObjectNode look)) {
            return Look.PLAIN;
        }
        try {
            return Json.mapper().treeToValue(look.deepCopy().without(Set.of(SEEN)), Look.class);
        } catch (JacksonException unreadable) {
            return Look.PLAIN;
        }
    }

    static void write(Map<Kind, Colour> papers, ObjectNode manifest) {
        if (!papers.isEmpty()) {
            ObjectNode json = manifest.putObject(PAPERS);
            papers.forEach((kind, colour) -> json.put(kind.word(), colour.hex()));
        }
    }

    static Map<Kind, Colour> papers(JsonNode manifest) {
        Map<Kind, Colour> papers = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            Colour.read(manifest.path(PAPERS).path(kind.word()).asString("")).ifPresent(c -> papers.put(kind, c));
        }
        return papers;
    }

    static @Nullable Integer left(JsonNode button) {
        int year = button.path(LEFT).asInt(0);
        return year >= 1900 && year <= 2200 ? year : null;
    }
}
