package org.dwimble.core.version;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** Orders of ids, each once, that were changed by different people. */
final class Orders {
    private Orders() {
    }

    /**
     * The order of {@code theirs}, with what {@code mine} added or moved behind the one it stands behind there.
     *
     * @param kept those that are there in the end
     */
    static List<String> together(List<String> base, List<String> mine, List<String> theirs, Set<String> kept) {
        List<String> mineOrder = mine.stream().filter(kept::contains).toList();
        Set<String> inMine = new HashSet<>(mineOrder);
        Set<String> stayed = stayed(base.stream().filter(kept::contains).toList(), mineOrder);
        List<String> order = new ArrayList<>(theirs.stream().filter(id -> kept.contains(id) && (!inMine.contains(id) || stayed.contains(id))).toList());
        Set<String> there = new HashSet<>(order);
        for (int i = 0; i < mineOrder.size(); i++) {
            if (there.add(mineOrder.get(i))) {
                order.add(i == 0 ? 0 : order.indexOf(mineOrder.get(i - 1)) + 1, mineOrder.get(i));
            }
        }
        return order;
    }

    /**
     * Those that may have moved: of two that changed places either may have. All of both but those without which fewer would stay; these are
     * the only ones at their length in any longest increasing subsequence.
     */
    static Set<String> mayHaveMoved(List<String> before, List<String> after) {
        Map<String, Integer> at = new HashMap<>();
        before.forEach(id -> at.put(id, at.size()));
        List<String> both = after.stream().filter(at::containsKey).toList();
        int[] places = both.stream().mapToInt(at::get).toArray();
        int[] upTo = longest(places);
        int[] from = longest(IntStream.range(0, places.length).map(i -> -places[places.length - 1 - i]).toArray());
        int longest = IntStream.of(upTo).max().orElse(0);
        int[] candidates = new int[longest + 1];
        List<Integer> inSome = IntStream.range(0, places.length).filter(i -> upTo[i] + from[places.length - 1 - i] - 1 == longest).boxed().toList();
        inSome.forEach(i -> candidates[upTo[i]]++);
        Set<String> moved = new LinkedHashSet<>(both);
        inSome.stream().filter(i -> candidates[upTo[i]] == 1).forEach(i -> moved.remove(both.get(i)));
        return moved;
    }

    /** Of each the length of the longest increasing subsequence that ends with it. */
    private static int[] longest(int[] places) {
        int[] lengths = new int[places.length];
        int[] tails = new int[places.length];
        int most = 0;
        for (int i = 0; i < places.length; i++) {
            int found = Arrays.binarySearch(tails, 0, most, places[i]);
            int length = found < 0 ? -found - 1 : found;
            tails[length] = places[i];
            lengths[i] = length + 1;
            most = Math.max(most, length + 1);
        }
        return lengths;
    }

    /** What stands before it; empty for the first. */
    static String before(List<String> order, String id) {
        int at = order.indexOf(id);
        return at <= 0 ? "" : order.get(at - 1);
    }

    /** The most that stand in the same order before and after (longest increasing subsequence, by patience sorting, O(n log n)). */
    static Set<String> stayed(List<String> before, List<String> after) {
        Map<String, Integer> at = new LinkedHashMap<>();
        before.forEach(id -> at.put(id, at.size()));
        List<String> both = after.stream().filter(at::containsKey).toList();
        int[] previous = new int[both.size()];
        List<Integer> tails = new ArrayList<>();
        for (int i = 0; i < both.size(); i++) {
            int place = at.getOrDefault(both.get(i), 0);
            int low = 0;
            int high = tails.size();
            while (low < high) {
                int middle = (low + high) / 2;
                if (at.getOrDefault(both.get(tails.get(middle)), 0) < place) {
                    low = middle + 1;
                } else {
                    high = middle;
                }
            }
            previous[i] = low == 0 ? -1 : tails.get(low - 1);
            if (low == tails.size()) {
                tails.add(i);
            } else {
                tails.set(low, i);
            }
        }
        Set<String> stayed = new HashSet<>();
        for (int i = tails.isEmpty() ? -1 : tails.get(tails.size() - 1); i >= 0; i = previous[i]) {
            stayed.add(both.get(i));
        }
        return stayed;
    }
}
