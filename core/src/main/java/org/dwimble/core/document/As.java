package org.dwimble.core.document;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.dwimble.core.board.Kind;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * How a value of a field is written down. Reading is strict: what is of another sort is not that value.
 *
 * @param <T> what is written
 */
public interface As<T> {
    /** A whole number. */
    As<Integer> NUMBER = of(IntNode::valueOf, json -> sure(json, json.isInt()).intValue());
    As<Boolean> FLAG = of(BooleanNode::valueOf, json -> sure(json, json.isBoolean()).booleanValue());
    As<String> TEXT = of(StringNode::valueOf, json -> sure(json, json.isString()).stringValue());
    /** In whole micrometres, at most two kilometres. */
    As<Length> LENGTH = of(length -> IntNode.valueOf(Math.toIntExact(length.micrometres())), json -> new Length(sure(json, json.isInt()).intValue()));
    /** A day as ISO 8601 writes it. */
    As<LocalDate> DAY = of(day -> StringNode.valueOf(day.toString()), json -> LocalDate.parse(TEXT.read(json)));
    As<Colour> COLOUR = of(colour -> StringNode.valueOf(colour.hex()), json -> Colour.of(TEXT.read(json)));
    As<Kind> KIND = few(kind -> StringNode.valueOf(kind.word()), json -> Kind.of(TEXT.read(json)));

    JsonNode write(T value);

    /** @throws RuntimeException if it is not such a value */
    T read(JsonNode json);

    /** True if a later release may know more such values than this one. */
    default boolean grows() {
        return false;
    }

    /** One of a few: its name in lower case, parted by hyphens. */
    static <E extends Enum<E>> As<E> word(Class<E> of) {
        return few(value -> StringNode.valueOf(word(value)), json -> Enum.valueOf(of, TEXT.read(json).toUpperCase(Locale.ROOT).replace('-', '_')));
    }

    /** As {@link #word(Class)} writes it. */
    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** In order. */
    static <T> As<List<T>> list(As<T> each) {
        return of(values -> {
            ArrayNode all = Json.mapper().createArrayNode();
            values.forEach(v -> all.add(each.write(v)));
            return all;
        }, json -> {
            List<T> all = new ArrayList<>();
            sure(json, json.isArray()).forEach(v -> all.add(each.read(v)));
            return List.copyOf(all);
        });
    }

    /** As a part of its own inside this one. */
    static <R> As<R> part(Part<R> part) {
        return of(part::write, json -> part.read((ObjectNode) sure(json, json.isObject())));
    }

    static <T> As<T> of(Function<T, JsonNode> write, Function<JsonNode, T> read) {
        return of(write, read, false);
    }

    private static <T> As<T> few(Function<T, JsonNode> write, Function<JsonNode, T> read) {
        return of(write, read, true);
    }

    private static <T> As<T> of(Function<T, JsonNode> write, Function<JsonNode, T> read, boolean grows) {
        return new As<>() {
            @Override
            public JsonNode write(T value) {
                return write.apply(value);
            }

            @Override
            public T read(JsonNode json) {
                return read.apply(json);
            }

            @Override
            public boolean grows() {
                return grows;
            }
        };
    }

    private static JsonNode sure(JsonNode json, boolean is) {
        if (!is) {
            throw new IllegalArgumentException("a field was kept as something else: " + json.getNodeType());
        }
        return json;
    }
}
