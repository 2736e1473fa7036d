package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The part of a document in which one sort of record is kept: its fields, each left out where it is as {@link Field#usual} says. A record
 * may gain a field (one that is left out is as usual) and lose one (what is kept of it then is not known); everything else is a new format.
 *
 * @param <R> the record
 */
public abstract class Part<R> {
    private final List<Field<R, ?>> fields = new ArrayList<>();

    /** @param usual what it is where it is left out; frozen */
    protected final <T> Field<R, T> field(String key, As<T> as, @Nullable T usual, Function<R, @Nullable T> of) {
        Field<R, T> field = new Field<>(key, as, usual, of);
        fields.add(field);
        return field;
    }

    /** The record that was kept so. */
    protected abstract R made(ObjectNode json);

    public final ObjectNode write(R record) {
        ObjectNode json = Json.mapper().createObjectNode();
        fields.forEach(f -> f.write(record, json));
        return json;
    }

    /** @throws RuntimeException if what was kept is no such record */
    public final R read(ObjectNode json) {
        return made(json);
    }

    /** What is kept in it that this release does not know, fields and values of one, by its key; is to be carried along. */
    public final Map<String, JsonNode> later(ObjectNode json) {
        Map<String, JsonNode> later = new TreeMap<>();
        json.properties().forEach(p -> later.put(p.getKey(), p.getValue()));
        fields.stream().filter(f -> !f.isLater(json)).forEach(f -> later.remove(f.key()));
        return later;
    }
}
