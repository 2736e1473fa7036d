package org.dwimble.core.bringin;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What somebody wants of another vocabulary.
 *
 * @param boards  ids there, in the order in which they were chosen; none if single buttons alone are wanted
 * @param withAll true if all comes that they open, and what that opens
 * @param instead ids there of boards that do not come because one of the same name is here
 * @param ways    by id of a board there that does not come, what becomes of the buttons that open it
 * @param single  by id of a button there, what becomes of this one; it goes before {@code ways}
 */
public record Wanted(List<String> boards, boolean withAll, Set<String> instead, Map<String, WayOut> ways, Map<String, WayOut> single) {
    public Wanted {
        boards = boards == null ? List.of() : List.copyOf(new LinkedHashSet<>(boards));
        instead = instead == null ? Set.of() : Set.copyOf(instead);
        ways = ways == null ? Map.of() : Map.copyOf(ways);
        single = single == null ? Map.of() : Map.copyOf(single);
    }

    public static Wanted all(List<String> boards) {
        return new Wanted(boards, true, Set.of(), Map.of(), Map.of());
    }

    public static Wanted alone(List<String> boards) {
        return new Wanted(boards, false, Set.of(), Map.of(), Map.of());
    }

    public Wanted withInstead(Set<String> instead) {
        return new Wanted(boards, withAll, instead, ways, single);
    }

    public Wanted withWays(Map<String, WayOut> ways) {
        return new Wanted(boards, withAll, instead, ways, single);
    }

    public Wanted withSingle(Map<String, WayOut> single) {
        return new Wanted(boards, withAll, instead, ways, single);
    }
}
