package org.dwimble.core.wordlist;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.support.Support;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Two changes of one list brought together: what either changed against what both saw is taken; what both changed, each otherwise,
 * is met. An edit made on an older version, an undo (which is the version before, seen from the one it made) and going back are all this.
 * The usual three-way merge, by words and their parts; the order is that of {@code theirs}, with what {@code mine} added or moved behind
 * the word it stands behind there.
 *
 * @param list what comes of it; {@code theirs} where they met
 * @param met  what both changed; null if nothing
 */
public record Merged(WordList list, @Nullable Met met) {
    /** @param word the word both changed; null if it is about the list as a whole @param what the part, such as {@code text} */
    public record Met(@Nullable String word, String what) {
    }

    /** @param base what both changes were made on */
    public static Merged of(WordList base, WordList mine, WordList theirs) {
        return new Merging().of(base, mine, theirs);
    }

    private static final class Merging {
        private @Nullable Met met;

        private Merged of(WordList base, WordList mine, WordList theirs) {
            Map<String, ListedWord> was = byId(base);
            Map<String, ListedWord> mineById = byId(mine);
            Map<String, ListedWord> theirsById = byId(theirs);
            Map<String, ListedWord> words = new LinkedHashMap<>();
            for (String id : union(theirsById.keySet(), mineById.keySet())) {
                ListedWord word = word(id, was.get(id), mineById.get(id), theirsById.get(id));
                if (word != null) {
                    words.put(id, word);
                }
            }
            meetInPlace(base, mine, theirs, words.keySet());
            List<ListedWord> ordered = ordered(base, mine, theirs, words.keySet()).stream().map(words::get).toList();
            Map<String, Support> supports = new TreeMap<>();
            for (String name : union(theirs.supports().keySet(), mine.supports().keySet())) {
                supports.put(name, record(name, base.support(name), mine.support(name), theirs.support(name)));
            }
            WordList merged = new WordList(some(null, "name", base, mine, theirs, WordList::name), ordered,
                part(null, "second", base.second(), mine.second(), theirs.second()),
                some(null, "support", base, mine, theirs, WordList::now), supports, record("page", base.page(), mine.page(), theirs.page()),
                some(null, "rows", base, mine, theirs, WordList::rows), some(null, "later", base, mine, theirs, WordList::later));
            return new Merged(met == null ? merged : theirs, met);
        }

        /** A word both moved, or may have, each to another place: behind another word than it stands behind there. */
        private void meetInPlace(WordList base, WordList mine, WordList theirs, Set<String> kept) {
            List<String> before = ids(base, kept);
            List<String> mineOrder = ids(mine, kept);
            List<String> theirOrder = ids(theirs, kept);
            if (met != null || moved(before, mineOrder).isEmpty() || moved(before, theirOrder).isEmpty()) {
                return;
            }
            for (String id : mineOrder) {
                if (before.contains(id) && theirOrder.contains(id) && !before(mineOrder, id).equals(before(theirOrder, id))
                    && mayHaveMoved(id, before, mineOrder) && mayHaveMoved(id, before, theirOrder)) {
                    met = new Met(id, "place");
                    return;
                }
            }
        }

        private @Nullable ListedWord word(String id, @Nullable ListedWord was, @Nullable ListedWord mine, @Nullable ListedWord theirs) {
            if (was == null || mine == null || theirs == null) {
                return part(id, "word", was, mine, theirs);
            }
            return new ListedWord(id, some(id, "text", was, mine, theirs, ListedWord::text), some(id, "pictures", was, mine, theirs, ListedWord::pictures),
                some(id, "not", was, mine, theirs, ListedWord::not), some(id, "times", was, mine, theirs, ListedWord::times),
                part(id, "second", was.second(), mine.second(), theirs.second()), part(id, "kind", was.kind(), mine.kind(), theirs.kind()),
                part(id, "paper", was.paper(), mine.paper(), theirs.paper()));
        }

        /** A set-up part by part, so that two parts of one are changed one after the other, or by two people, and neither is lost. */
        @SuppressWarnings("unchecked")
        private <R> R record(String what, R was, R mine, R theirs) {
            RecordComponent[] parts = was.getClass().getRecordComponents();
            Object[] merged = new Object[parts.length];
            try {
                for (int i = 0; i < parts.length; i++) {
                    Method of = parts[i].getAccessor();
                    merged[i] = part(null, what, of.invoke(was), of.invoke(mine), of.invoke(theirs));
                }
                Class<?>[] types = Stream.of(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
                return (R) was.getClass().getDeclaredConstructor(types).newInstance(merged);
            } catch (InvocationTargetException e) {
                if (e.getCause() instanceof Unacceptable together) {
                    throw together;
                }
                throw new IllegalStateException(e);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(was.getClass() + " is no record that can be put together", e);
            }
        }

        private <W, T> T some(@Nullable String word, String what, W was, W mine, W theirs, Function<W, T> of) {
            return Objects.requireNonNull(part(word, what, of.apply(was), of.apply(mine), of.apply(theirs)));
        }

        private <T> @Nullable T part(@Nullable String word, String what, @Nullable T was, @Nullable T mine, @Nullable T theirs) {
            if (Objects.equals(mine, was) || Objects.equals(mine, theirs)) {
                return theirs;
            }
            if (!Objects.equals(theirs, was) && met == null) {
                met = new Met(word, what);
            }
            return mine;
        }
    }

    private static Map<String, ListedWord> byId(WordList list) {
        return list.words().stream().collect(Collectors.toMap(ListedWord::id, w -> w, (a, b) -> a, LinkedHashMap::new));
    }

    private static Set<String> union(Set<String> one, Set<String> other) {
        Set<String> all = new LinkedHashSet<>(one);
        all.addAll(other);
        return all;
    }

    private static List<String> ordered(WordList base, WordList mine, WordList theirs, Set<String> kept) {
        List<String> mineOrder = ids(mine, kept);
        Set<String> stayed = stayed(ids(base, kept), mineOrder);
        List<String> order = new ArrayList<>(ids(theirs, kept));
        order.removeIf(id -> mineOrder.contains(id) && !stayed.contains(id));
        for (int i = 0; i < mineOrder.size(); i++) {
            String id = mineOrder.get(i);
            if (!order.contains(id)) {
                order.add(i == 0 ? 0 : order.indexOf(mineOrder.get(i - 1)) + 1, id);
            }
        }
        return order;
    }

    private static List<String> ids(WordList list, Set<String> kept) {
        return list.words().stream().map(ListedWord::id).filter(kept::contains).toList();
    }

    /** Words of both that do not stand in the order they had. */
    private static Set<String> moved(List<String> before, List<String> after) {
        Set<String> moved = new LinkedHashSet<>(after);
        moved.retainAll(before);
        moved.removeAll(stayed(before, after));
        return moved;
    }

    /** True if as many of the others stayed without it as with it: of two that changed places either may have moved. */
    private static boolean mayHaveMoved(String id, List<String> before, List<String> after) {
        List<String> without = after.stream().filter(other -> !other.equals(id)).toList();
        return stayed(before, after).size() == stayed(before, without).size();
    }

    /** What stands before it; empty for the first. */
    private static String before(List<String> order, String id) {
        int at = order.indexOf(id);
        return at <= 0 ? "" : order.get(at - 1);
    }

    /** The most words that stand in the same order before and after (longest increasing subsequence, by patience sorting, O(n log n)). */
    private static Set<String> stayed(List<String> before, List<String> after) {
        Map<String, Integer> at = new LinkedHashMap<>();
        before.forEach(id -> at.put(id, at.size()));
        List<String> both = after.stream().filter(at::containsKey).toList();
        int[] previous = new int[both.size()];
        List<Integer> tails = new ArrayList<>();
        for (int i = 0; i < both.size(); i++) {
            int place = at.get(both.get(i));
            int low = 0;
            int high = tails.size();
            while (low < high) {
                int middle = (low + high) / 2;
                if (at.get(both.get(tails.get(middle))) < place) {
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
