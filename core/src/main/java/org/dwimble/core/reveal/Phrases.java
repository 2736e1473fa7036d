package org.dwimble.core.reveal;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.dwimble.core.board.Kind;
import org.dwimble.core.text.Listed;
import org.jspecify.annotations.Nullable;

/**
 * Which two words a person puts together in a first phrase, by reviewed patterns ({@code two-word-patterns.txt}) and not by all pairs of
 * kinds: "the want" is no phrase.
 */
final class Phrases {
    /** One side of a pattern. */
    private record Side(Set<Kind> kinds, Set<String> words, Set<String> not) {
        boolean has(String word, @Nullable Kind kind) {
            return words.contains(word) || kind != null && kinds.contains(kind) && !not.contains(word);
        }
    }

    /**
     * How a word fits others: in which patterns it stands first, and in which second. Many words fit alike.
     *
     * @param later true of a word that comes after the stage of two words
     */
    record Fits(BitSet first, BitSet second, boolean later) {
        /** True if a person says the two, this one first. */
        boolean before(Fits other) {
            return first.intersects(other.second);
        }

        boolean combines(Fits other) {
            return before(other) || other.before(this);
        }
    }

    private final List<Side> firsts = new ArrayList<>();
    private final List<Side> seconds = new ArrayList<>();
    private final Set<String> later;

    private Phrases(List<String> patterns, Set<String> later) {
        this.later = later;
        for (String pattern : patterns) {
            String[] sides = pattern.split(">", -1);
            if (sides.length != 2) {
                throw new IllegalArgumentException("two-word-patterns.txt: “" + pattern + "” is not what stands first > what stands second");
            }
            firsts.add(side(sides[0]));
            seconds.add(side(sides[1]));
        }
    }

    static Phrases shipped() {
        return new Phrases(Listed.lines(Phrases.class, "two-word-patterns.txt"), Listed.lines(Phrases.class, "later-words.txt").stream()
            .flatMap(line -> Listed.words(line).stream()).collect(Collectors.toSet()));
    }

    private static Side side(String text) {
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        Set<String> words = new HashSet<>();
        Set<String> not = new HashSet<>();
        for (String word : Listed.words(text.toLowerCase(Locale.ROOT))) {
            if (word.startsWith("[")) {
                kinds.add(Kind.of(word.substring(1, word.length() - 1)));
            } else if (word.startsWith("-")) {
                not.add(word.substring(1));
            } else {
                words.add(word);
            }
        }
        return new Side(kinds, words, not);
    }

    /** @param word in lower case @param kind null if nobody knows */
    Fits fits(String word, @Nullable Kind kind) {
        BitSet first = new BitSet();
        BitSet second = new BitSet();
        boolean comesLater = later.contains(word);
        for (int i = 0; i < firsts.size() && !comesLater; i++) {
            first.set(i, firsts.get(i).has(word, kind));
            second.set(i, seconds.get(i).has(word, kind));
        }
        return new Fits(first, second, comesLater);
    }
}
