package org.dwimble.core.predict;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.dwimble.core.words.Spelling;

/** Words in the order of their letters, each with how common it is: those that begin alike stand beside each other. */
public final class Ranked {
    private static final Comparator<Entry> BY_LETTERS = Comparator.comparing(Entry::folded);
    private final Entry[] entries;

    /** @param word as it is written @param weight how common, above 0, at most 1 */
    record Entry(String folded, String word, double weight) {
    }

    /** Of words that are folded alike the first counts. @param weight how common a word is, above 0, at most 1 */
    public Ranked(Collection<String> words, ToDoubleFunction<String> weight) {
        Set<String> had = new HashSet<>();
        entries = words.stream().filter(w -> !w.isBlank() && had.add(Spelling.fold(w)))
            .map(w -> new Entry(Spelling.fold(w), w, weight.applyAsDouble(w))).sorted(BY_LETTERS).toArray(Entry[]::new);
    }

    boolean has(String folded) {
        return Arrays.binarySearch(entries, new Entry(folded, "", 0), BY_LETTERS) >= 0;
    }

    /** The best first. @param begins folded @param counts which of those that begin so */
    List<String> best(String begins, Predicate<Entry> counts, ToDoubleFunction<Entry> score, int most) {
        int first = Arrays.binarySearch(entries, new Entry(begins, "", 0), BY_LETTERS);
        Comparator<Entry> byScore = Comparator.comparingDouble(score).thenComparing(Entry::folded, Comparator.reverseOrder());
        PriorityQueue<Entry> best = new PriorityQueue<>(byScore);
        for (int i = first < 0 ? -first - 1 : first; i < entries.length && entries[i].folded.startsWith(begins); i++) {
            if (counts.test(entries[i])) {
                best.add(entries[i]);
            }
            if (best.size() > most) {
                best.poll();
            }
        }
        return best.stream().sorted(byScore.reversed()).map(Entry::word).toList();
    }
}
