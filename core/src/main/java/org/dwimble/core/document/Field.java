package org.dwimble.core.document;

import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One field of a part.
 *
 * @param key   under which it is written; never another
 * @param as    how
 * @param usual what it is where it is left out, frozen for ever: what a new one begins with may change, this may not
 * @param of    what it is in a record
 */
public record Field<R, T>(String key, As<T> as, @Nullable T usual, Function<R, @Nullable T> of) {
    void write(R record, ObjectNode into) {
        T value = of.apply(record);
        if (value != null && !value.equals(usual)) {
            into.set(key, as.write(value));
        }
    }

    /**
     * What it is in a part as kept; as usual if that is one of a few which only a later release knows. To be asked of a field that has something usual.
     *
     * @throws RuntimeException if something else was kept
     */
    public T in(ObjectNode json) {
        return Objects.requireNonNull(orNone(json), key);
    }

    /** The same of a field that may have nothing; null for that. */
    public @Nullable T orNone(ObjectNode json) {
        JsonNode value = json.get(key);
        return value == null || isLater(json) ? usual : as.read(value);
    }

    /** True if one of a few was kept which only a later release knows. */
    boolean isLater(ObjectNode json) {
        JsonNode value = json.get(key);
        if (value == null || !as.grows() || !value.isString()) {
            return false;
        }
        try {
            as.read(value);
            return false;
        } catch (RuntimeException notYet) {
            return true;
        }
    }
}
