package org.dwimble.core.words;

import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.dwimble.core.picture.PictureLibrary;

/**
 * How often English words are said: by their rank among the commonest words of speech. What a word weighs is by Zipf’s law
 * (G. K. Zipf, Human Behavior and the Principle of Least Effort, 1949): in proportion to 1 / rank.
 */
public final class Frequency {
    private static final int HALF = 300;
    private final Map<String, Integer> ranks;
    private final double rare;

    private Frequency(Map<String, Integer> ranks) {
        this.ranks = ranks;
        this.rare = 1.0 / (ranks.size() + 1);
    }

    /** {@code common.tsv} of the library: a word a line, the commonest first. */
    public static Frequency read(Function<String, InputStream> open) {
        Map<String, Integer> ranks = new HashMap<>();
        PictureLibrary.rows(open, "common.tsv", 1).forEach(row -> ranks.putIfAbsent(Spelling.fold(row[0]), ranks.size() + 1));
        return new Frequency(ranks);
    }

    /** All that are known, the commonest first. */
    public List<String> words() {
        return ranks.entrySet().stream().sorted(Map.Entry.comparingByValue()).map(Map.Entry::getKey).toList();
    }

    /**
     * How common a word is, above 0, at most 1: falls to a half at the {@value #HALF}th word. Flatter than {@link #weight}, where a
     * word is not to be chosen for its commonness alone.
     */
    public double commonness(String said) {
        return 1 / (1 + (1 / weight(said) - 1) / HALF);
    }

    /**
     * What is said by it as a share, up to a constant: above 0, at most 1. Of several words the rarest counts; a word that is
     * not among the common ones weighs as much as the one after the last.
     */
    public double weight(String said) {
        double least = 1;
        for (String word : Spelling.fold(said).split("[^\\p{L}\\p{N}’'-]+")) {
            if (!word.isEmpty()) {
                Integer rank = ranks.get(word);
                least = Math.min(least, rank == null ? rare : 1.0 / rank);
            }
        }
        return least;
    }
}
