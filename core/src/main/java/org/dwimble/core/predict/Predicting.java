package org.dwimble.core.predict;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.dwimble.core.words.Spelling;
import org.jspecify.annotations.Nullable;

/**
 * Offers words for what is being spelt. Those of the student's own vocabulary come first, then {@link CommonWords} of the language. Within each, a word weighs
 * <pre>
 *   P(w) = how common it is + {@value #LATELY} · how often it was said lately + {@value #PAIRED} · how often lately after the word before
 * </pre>
 * where how common it is goes by its rank (Zipf's law, see {@link org.dwimble.core.words.Frequency}), and what was said lately is a cache of the words said,
 * as R. Kuhn and R. De Mori, A Cache-Based Natural Language Model for Speech Recognition (1990), have it, with pairs of words beside single ones. What was
 * said lately is brought by whoever asks; nothing of it is kept here.
 */
public final class Predicting {
    /** Words said lately that count, the last ones. */
    public static final int REMEMBERED = 200;
    private static final double LATELY = 2;
    private static final double PAIRED = 8;
    private final Ranked own;
    private final Ranked common;
    private final Set<String> keptBack;

    /**
     * @param own      words of the student's vocabulary as they are written
     * @param common   words of the language
     * @param keptBack words that are not offered though they are common: the student has them, and does not see them now
     */
    public Predicting(Ranked own, Ranked common, Collection<String> keptBack) {
        this.own = own;
        this.common = common;
        this.keptBack = keptBack.stream().map(Spelling::fold).collect(Collectors.toSet());
    }

    /** As above, with what common words are known of a language. */
    public Predicting(Ranked own, CommonWords common, Collection<String> keptBack) {
        this(own, common.ranked(), keptBack);
    }

    /**
     * The best first; a word already spelt to its end is offered too. Without a letter only own words are offered.
     *
     * @param typed what is spelt so far
     * @param said  words said lately, the last one last; the last is what stands before
     * @param most  how many at most
     */
    public List<String> offered(String typed, List<String> said, int most) {
        List<String> lately = said.subList(Math.max(0, said.size() - REMEMBERED), said.size()).stream().map(Spelling::fold).toList();
        Map<String, Long> often = lately.stream().collect(Collectors.groupingBy(w -> w, Collectors.counting()));
        String before = lately.isEmpty() ? null : lately.get(lately.size() - 1);
        Map<String, Long> after = IntStream.range(1, lately.size()).filter(i -> lately.get(i - 1).equals(before)).mapToObj(lately::get)
            .collect(Collectors.groupingBy(w -> w, Collectors.counting()));
        ToDoubleFunction<Ranked.Entry> score = e -> e.weight() + LATELY * share(often, e.folded(), lately.size())
            + PAIRED * share(after, e.folded(), Math.max(1, after.size()));
        String begins = Spelling.fold(typed);
        List<String> best = new ArrayList<>(own.best(begins, e -> true, score, most));
        if (!begins.isEmpty() && best.size() < most) {
            best.addAll(common.best(begins, e -> !own.has(e.folded()) && !keptBack.contains(e.folded()), score, most - best.size()));
        }
        return best;
    }

    private static double share(Map<String, Long> counts, String word, int all) {
        Long count = counts.get(word);
        return count == null ? 0 : (double) count / all;
    }

    /**
     * In which cell each word is offered. What is still offered keeps its cell while a word is typed; the others come into the cells that are left, the best
     * first.
     *
     * @param shown  word by cell, as they were; null or missing where there is none
     * @param ranked the best first
     * @param cells  how many there are
     */
    public static List<@Nullable String> kept(List<@Nullable String> shown, List<String> ranked, int cells) {
        List<String> among = ranked.subList(0, Math.min(cells, ranked.size()));
        @Nullable
        String[] kept = new String[cells];
        for (int i = 0; i < Math.min(cells, shown.size()); i++) {
            String there = shown.get(i);
            kept[i] = there != null && among.contains(there) ? there : null;
        }
        List<String> coming = new ArrayList<>(among);
        coming.removeAll(Arrays.asList(kept));
        for (int i = 0; i < cells && !coming.isEmpty(); i++) {
            if (kept[i] == null) {
                kept[i] = coming.remove(0);
            }
        }
        return Arrays.asList(kept);
    }
}
