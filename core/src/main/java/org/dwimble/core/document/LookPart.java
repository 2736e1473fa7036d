package org.dwimble.core.document;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.Look;
import org.dwimble.core.look.TypeSize;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A look inside a document, each aspect under a key of its own; what is as the level above is left out. */
final class LookPart {
    private static final String FILL = "look-fill";
    private static final String BORDER = "look-border";
    private static final String EDGE = "look-edge";
    private static final String LABEL = "look-label";
    private static final String PICTURE = "look-picture";
    private static final String CORNER = "look-corner";
    private static final String TYPE = "look-type";
    private static final String GAP = "look-gap";
    private static final String BACKGROUND = "look-background";
    private static final String BY_KIND = "look-by-kind";
    private static final Set<String> KEYS = Set.of(FILL, BORDER, EDGE, LABEL, PICTURE, CORNER, TYPE, GAP, BACKGROUND, BY_KIND);

    private LookPart() {
    }

    /** The keys of a document that has a look: these, and its own. */
    static Set<String> and(String... own) {
        return Stream.concat(KEYS.stream(), Stream.of(own)).collect(Collectors.toUnmodifiableSet());
    }

    static void write(Look look, ObjectNode json) {
        given(look.fill(), v -> json.put(FILL, v.hex()));
        given(look.border(), v -> json.put(BORDER, v.hex()));
        given(look.edge(), v -> json.put(EDGE, v));
        given(look.label(), v -> json.put(LABEL, word(v)));
        given(look.picture(), v -> json.put(PICTURE, v));
        given(look.corner(), v -> json.put(CORNER, v));
        given(look.type(), v -> json.put(TYPE, word(v)));
        given(look.gap(), v -> json.put(GAP, v));
        given(look.background(), v -> json.put(BACKGROUND, v.hex()));
        given(look.byKind(), v -> json.put(BY_KIND, v));
    }

    private static <T> void given(@Nullable T value, Consumer<T> put) {
        if (value != null) {
            put.accept(value);
        }
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    static Look read(ObjectNode json) {
        if (KEYS.stream().noneMatch(json::has)) {
            return Look.PLAIN;
        }
        return new Look(of(json, FILL, n -> Colour.of(n.asString())), of(json, BORDER, n -> Colour.of(n.asString())), of(json, EDGE, JsonNode::asInt),
            of(json, LABEL, n -> LabelPlace.valueOf(n.asString().toUpperCase(Locale.ROOT))), of(json, PICTURE, JsonNode::asInt),
            of(json, CORNER, JsonNode::asInt), of(json, TYPE, n -> TypeSize.valueOf(n.asString().toUpperCase(Locale.ROOT))),
            of(json, GAP, JsonNode::asInt), of(json, BACKGROUND, n -> Colour.of(n.asString())), of(json, BY_KIND, JsonNode::asBoolean));
    }

    private static <T> @Nullable T of(ObjectNode json, String key, Function<JsonNode, T> read) {
        return Optional.ofNullable(json.get(key)).map(read).orElse(null);
    }
}
