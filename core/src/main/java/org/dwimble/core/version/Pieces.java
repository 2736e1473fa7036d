package org.dwimble.core.version;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.dwimble.core.version.Piece.At;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * How two documents that are JSON differ, and how differences are made on a third: the usual three-way merge. An object is taken key by key,
 * an array of objects that each have an {@code id} member by member, with their order; everything else is one piece. So a document says by
 * its shape what two people may change apart. An empty array of members is as none.
 */
public final class Pieces {
    private static final String ID = "id";

    private Pieces() {
    }

    /** Exactly what differs, from the outside in; members that went come before those that came. */
    public static List<Piece> between(ObjectNode before, ObjectNode after) {
        List<Piece> pieces = new ArrayList<>();
        object(new At(List.of()), before, after, pieces);
        return List.copyOf(pieces);
    }

    private static void object(At at, ObjectNode before, ObjectNode after, List<Piece> into) {
        Set<String> keys = new LinkedHashSet<>(before.propertyNames());
        keys.addAll(after.propertyNames());
        keys.forEach(key -> value(at.and(key), before.get(key), after.get(key), into));
    }

    private static void value(At at, @Nullable JsonNode before, @Nullable JsonNode after, List<Piece> into) {
        if (before != null && before.equals(after)) {
            return;
        }
        ObjectNode none = JsonNodeFactory.instance.objectNode();
        if (isObject(before) && isObject(after)) {
            object(at, before == null ? none : (ObjectNode) before, after == null ? none : (ObjectNode) after, into);
            if (before == null || after == null) {
                into.add(new Piece.Altered(at.and(At.THERE), before == null ? null : none, after == null ? null : none));
            }
        } else if (hasMembers(before) && hasMembers(after)) {
            members(at, byId(before), byId(after), into);
        } else {
            into.add(new Piece.Altered(at, before, after));
        }
    }

    /** Also true of nothing. */
    private static boolean isObject(@Nullable JsonNode json) {
        return json == null || json.isObject();
    }

    private static boolean hasMembers(@Nullable JsonNode json) {
        return json == null || json.isArray() && json.valueStream().allMatch(m -> m.path(ID).isString());
    }

    private static Map<String, ObjectNode> byId(@Nullable JsonNode array) {
        Map<String, ObjectNode> members = new LinkedHashMap<>();
        if (array != null) {
            array.forEach(m -> members.put(m.get(ID).asString(), (ObjectNode) m));
        }
        return members;
    }

    private static void members(At at, Map<String, ObjectNode> before, Map<String, ObjectNode> after, List<Piece> into) {
        before.forEach((id, member) -> {
            if (!after.containsKey(id)) {
                into.add(new Piece.Went(at, id, member));
            }
        });
        after.forEach((id, member) -> {
            if (!before.containsKey(id)) {
                into.add(new Piece.Came(at, id, member));
            } else if (!member.equals(before.get(id))) {
                object(at.and(id), before.get(id), member, into);
            }
        });
        List<String> was = List.copyOf(before.keySet());
        List<String> is = List.copyOf(after.keySet());
        if (!was.equals(is)) {
            into.add(new Piece.Ordered(at, was, is, Set.of()));
        }
    }

    /** What is left of one's own when others have made some since, perhaps the very same. */
    public static List<Piece> left(List<? extends Difference> mine, List<? extends Difference> since) {
        Set<Difference> theirs = new HashSet<>(since);
        Map<At, Piece.Ordered> orders = new HashMap<>();
        since.forEach(d -> {
            if (d instanceof Piece.Ordered ordered) {
                orders.put(ordered.at(), ordered);
            }
        });
        List<Piece> left = new ArrayList<>();
        for (Difference difference : mine) {
            if (difference instanceof Piece.Ordered ordered && orders.containsKey(ordered.at())) {
                left.add(ordered.without(orders.get(ordered.at())));
            } else if (!theirs.contains(difference)) {
                left.add((Piece) difference);
            }
        }
        return left;
    }

    /** A document with differences made on it, all together. What is to go and is gone already is not missed. */
    public static ObjectNode made(List<? extends Difference> differences, ObjectNode on) {
        ObjectNode made = on.deepCopy();
        Map<At, Map<String, ObjectNode>> came = new HashMap<>();
        for (Difference difference : differences) {
            if (difference instanceof Piece.Came one) {
                came.computeIfAbsent(one.at(), a -> new LinkedHashMap<>()).put(one.id(), ((ObjectNode) one.member()).deepCopy());
            } else if (difference instanceof Piece.Went one) {
                array(made, one.at()).removeIf(m -> m.path(ID).asString("").equals(one.id()));
            } else if (difference instanceof Piece.Altered one && !last(one.at()).equals(At.THERE)) {
                alter(made, one);
            }
        }
        for (Difference difference : differences) {
            if (difference instanceof Piece.Ordered one) {
                ArrayNode array = array(made, one.at());
                order(array, one, came.getOrDefault(one.at(), Map.of()));
                if (array.isEmpty()) {
                    Objects.requireNonNull(holding(made, one.at().path(), true)).remove(last(one.at()));
                }
            }
        }
        differences.stream().filter(d -> d instanceof Piece.Altered one && last(one.at()).equals(At.THERE)).map(Piece.Altered.class::cast)
            .sorted(Comparator.comparingInt(one -> -one.at().path().size())).forEach(one -> there(made, one));
        return made;
    }

    private static void order(ArrayNode array, Piece.Ordered ordered, Map<String, ObjectNode> came) {
        Map<String, ObjectNode> members = byId(array);
        List<String> now = List.copyOf(members.keySet());
        came.forEach(members::putIfAbsent);
        List<String> order = Orders.together(ordered.before(), ordered.after(), now, members.keySet());
        array.removeAll();
        order.forEach(id -> array.add(members.get(id)));
    }

    private static ArrayNode array(ObjectNode in, At at) {
        ObjectNode holds = Objects.requireNonNull(holding(in, at.path(), true));
        String key = last(at);
        return holds.get(key) instanceof ArrayNode array ? array : holds.putArray(key);
    }

    private static void alter(ObjectNode in, Piece.Altered piece) {
        JsonNode after = piece.after();
        ObjectNode holds = holding(in, piece.at().path(), after != null);
        if (holds != null && after == null) {
            holds.remove(last(piece.at()));
        } else if (holds != null && after != null) {
            holds.set(last(piece.at()), after.deepCopy());
        }
    }

    /** An object that came is there, also an empty one; one that went is gone, if nobody has put anything into it: from the inside out. */
    private static void there(ObjectNode in, Piece.Altered piece) {
        List<String> path = piece.at().path().subList(0, piece.at().path().size() - 1);
        String key = path.get(path.size() - 1);
        boolean came = piece.after() != null;
        ObjectNode holds = holding(in, path, came);
        if (holds != null && came && !holds.has(key)) {
            holds.putObject(key);
        } else if (holds != null && !came && holds.path(key).isEmpty()) {
            holds.remove(key);
        }
    }

    private static String last(At at) {
        return at.path().get(at.path().size() - 1);
    }

    /** What the last of a path is a key of; null if there is no such thing. @param make true to make what is not there */
    private static @Nullable ObjectNode holding(ObjectNode in, List<String> path, boolean make) {
        JsonNode at = in;
        for (String key : path.subList(0, path.size() - 1)) {
            if (at instanceof ArrayNode array) {
                at = array.valueStream().filter(m -> m.path(ID).asString("").equals(key)).findFirst().orElse(null);
            } else {
                JsonNode next = at.get(key);
                at = next == null && make ? ((ObjectNode) at).putObject(key) : next;
            }
            if (at == null) {
                return null;
            }
        }
        return at instanceof ObjectNode object ? object : null;
    }
}
