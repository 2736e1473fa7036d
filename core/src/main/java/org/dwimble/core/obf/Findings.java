package org.dwimble.core.obf;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;

/** What was met in a file that cannot be used as it is, each once, in the order met; what is met in many places is counted. Several threads may tell. */
final class Findings {
    private static final int MOST = 200;
    private static final int MOST_KEYS = 8;

    private final Set<Told> met = new LinkedHashSet<>();
    private final Map<String, Integer> counted = new TreeMap<>();
    private final Set<String> carried = new TreeSet<>();

    /** @param with names and values in turn, as in {@link Told#of} */
    synchronized void found(String key, Object... with) {
        met.add(Told.of(key, with));
    }

    /** Said once, with how often. */
    synchronized void counted(String key) {
        counted.merge(key, 1, Integer::sum);
    }

    /** Keys of the file that mean nothing here: they are kept for carrying away. Those of programs' own are nobody's business. */
    synchronized void carried(Set<String> keys) {
        keys.stream().filter(k -> !k.startsWith("ext_")).forEach(k -> carried.add(Text.cut(Text.tidy(k), 30)));
    }

    synchronized List<Told> listed() {
        List<Told> all = new ArrayList<>(met);
        counted.forEach((key, count) -> all.add(Told.of(key, "count", count)));
        if (!carried.isEmpty()) {
            all.add(Told.of("found-carried-along", "keys", carried.stream().limit(MOST_KEYS).toList(), "more", Math.max(0, carried.size() - MOST_KEYS)));
        }
        if (all.size() <= MOST) {
            return all;
        }
        List<Told> some = new ArrayList<>(all.subList(0, MOST));
        some.add(Told.of("found-more", "more", all.size() - MOST));
        return some;
    }
}
