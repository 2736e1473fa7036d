package org.dwimble.core.told;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Something to tell a person, as data.
 *
 * @param key  names what is told: lower-case words joined by hyphens, such as {@code put-words}
 * @param with its arguments by name, sorted: each a text, a whole number, again something told, or a list of texts and things told
 */
public record Told(String key, Map<String, Object> with) {
    public Told {
        Map<String, Object> sorted = new TreeMap<>();
        with.forEach((name, value) -> sorted.put(name, argument(key, name, value)));
        with = Collections.unmodifiableMap(sorted);
    }

    /** @param with names and values in turn */
    public static Told of(String key, Object... with) {
        if (with.length % 2 != 0) {
            throw new IllegalArgumentException("“" + key + "” needs a value for each name");
        }
        Map<String, Object> named = new TreeMap<>();
        for (int i = 0; i < with.length; i += 2) {
            named.put((String) with[i], with[i + 1]);
        }
        return new Told(key, named);
    }

    /** A day, to be told inside something else. */
    public static Told day(LocalDate day) {
        return of("a-day", "day", day.atTime(LocalTime.NOON).toInstant(ZoneOffset.UTC).toEpochMilli());
    }

    private static Object argument(String key, String name, Object value) {
        if (value instanceof String || value instanceof Told || value instanceof Long) {
            return value;
        }
        if (value instanceof Integer number) {
            return number.longValue();
        }
        if (value instanceof List<?> list && list.stream().allMatch(one -> one instanceof String || one instanceof Told)) {
            return List.copyOf(list);
        }
        throw new IllegalArgumentException("“" + name + "” of “" + key + "” cannot be told: " + value);
    }

    /** For logs and for whoever debugs; people are told in words. */
    @Override
    public String toString() {
        return with.isEmpty() ? key : key + " " + with;
    }
}
