package org.dwimble.core.search;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a board speaks of, by the categories of its words' pictures: of a word's several meanings the one of these is meant. */
public final class SpokenOf {
    public static final SpokenOf NOTHING = new SpokenOf(Map.of(), 0);
    /** Fewer words of a category are there by chance. */
    private static final int LEAST = 3;
    /** A board speaks of a category if one in so many of its words is in it. */
    private static final int ONE_IN = 3;

    private final Map<String, Integer> words;
    private final int all;

    private SpokenOf(Map<String, Integer> words, int all) {
        this.words = words;
        this.all = all;
    }

    /** @param categories of the picture of each word; words without a picture, or whose picture is in none, are not given or empty */
    public static SpokenOf words(Collection<List<String>> categories) {
        Map<String, Integer> words = new HashMap<>();
        categories.stream().flatMap(List::stream).forEach(category -> words.merge(category, 1, Integer::sum));
        return new SpokenOf(words, categories.size());
    }

    /** How many of its words are in a category, if it speaks of that; else 0. */
    int words(String category) {
        int of = words.getOrDefault(category, 0);
        return of >= LEAST && of * ONE_IN >= all ? of : 0;
    }

    /** Of some categories the one it speaks of most, the first where two are alike; empty if it speaks of none. */
    Optional<String> most(List<String> categories) {
        return categories.stream().filter(c -> words(c) > 0).reduce((a, b) -> words(b) > words(a) ? b : a);
    }
}
