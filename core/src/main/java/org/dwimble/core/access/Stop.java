package org.dwimble.core.access;

import java.util.List;
import java.util.stream.Stream;

/**
 * What is lit together in a round.
 *
 * @param id     of what is chosen by it; of a group a name of its own
 * @param within what is lit one by one once a group is chosen; empty if it is no group
 */
public record Stop(String id, List<Stop> within) {
    public static Stop one(String id) {
        return new Stop(id, List.of());
    }

    public boolean isGroup() {
        return !within.isEmpty();
    }

    /** The ids of all that is lit with it. */
    public Stream<String> lit() {
        return isGroup() ? within.stream().flatMap(Stop::lit) : Stream.of(id);
    }
}
