package org.dwimble.core.version;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** One difference between two documents that are JSON; what a piece is says {@link Pieces}. */
public sealed interface Piece extends Difference {
    /**
     * A place in a document.
     *
     * @param path keys of objects and ids of members, from the outside in
     */
    record At(List<String> path) implements Touched {
        /** In the place of a key: that of a member among the others. */
        public static final String PLACE = " place";
        /** In the place of a key: that an object is there at all. */
        static final String THERE = " there";

        public At {
            path = List.copyOf(path);
        }

        At and(String key) {
            List<String> longer = new ArrayList<>(path);
            longer.add(key);
            return new At(longer);
        }

        @Override
        public @Nullable At within() {
            return path.size() < 2 ? null : new At(path.subList(0, path.size() - 1));
        }
    }

    @Override
    Piece inverse();

    /** @param before null if there was nothing @param after null if there is nothing any more */
    record Altered(At at, @Nullable JsonNode before, @Nullable JsonNode after) implements Piece {
        @Override
        public Piece inverse() {
            return new Altered(at, after, before);
        }

        @Override
        public List<At> keys() {
            return List.of(at);
        }
    }

    /** A member that is new. @param at the place of the array */
    record Came(At at, String id, JsonNode member) implements Piece {
        @Override
        public Piece inverse() {
            return new Went(at, id, member);
        }

        @Override
        public List<At> keys() {
            return List.of(at.and(id));
        }
    }

    record Went(At at, String id, JsonNode member) implements Piece {
        @Override
        public Piece inverse() {
            return new Came(at, id, member);
        }

        @Override
        public List<At> keys() {
            return List.of(at.and(id));
        }
    }

    /**
     * The members of an array are other ones, or stand otherwise.
     *
     * @param at     the place of the array
     * @param before ids in order
     * @param after  as well
     * @param alike  those that others have put to the same place meanwhile
     */
    record Ordered(At at, List<String> before, List<String> after, Set<String> alike) implements Piece {
        @Override
        public Piece inverse() {
            return new Ordered(at, after, before, Set.of());
        }

        /** The places of those that may have moved. */
        @Override
        public List<At> keys() {
            return Orders.mayHaveMoved(before, after).stream().filter(id -> !alike.contains(id)).map(id -> at.and(id).and(At.PLACE)).toList();
        }

        /** The same, where what others have put behind the same one as here is no longer mine to put. */
        Ordered without(Ordered theirs) {
            Set<String> kept = new HashSet<>(after);
            kept.addAll(theirs.after);
            kept.removeIf(id -> went(id) || theirs.went(id));
            List<String> mine = after.stream().filter(kept::contains).toList();
            List<String> others = theirs.after.stream().filter(kept::contains).toList();
            Set<String> same = new HashSet<>();
            mine.stream().filter(id -> others.contains(id) && Orders.before(mine, id).equals(Orders.before(others, id))).forEach(same::add);
            return new Ordered(at, before, after, same);
        }

        private boolean went(String id) {
            return before.contains(id) && !after.contains(id);
        }
    }
}
