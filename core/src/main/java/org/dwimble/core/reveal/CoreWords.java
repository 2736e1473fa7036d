package org.dwimble.core.reveal;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.dwimble.core.text.Listed;

/** Words that ask, refuse, go on and end, and are of use in every topic, as reviewed by hand. */
public final class CoreWords {
    /** In small letters, the first ones first. */
    public static final List<String> ALL = Listed.lines(CoreWords.class, "first-core-words.txt").stream().flatMap(l -> Listed.words(l).stream())
        .map(w -> w.toLowerCase(Locale.ROOT)).toList();
    private static final Set<String> SET = Set.copyOf(ALL);

    private CoreWords() {
    }

    /** How many serve more than a core word, from 0; as many as there are for any other word. */
    public static int rank(String word) {
        int rank = ALL.indexOf(word.toLowerCase(Locale.ROOT));
        return rank < 0 ? ALL.size() : rank;
    }

    /** True of a core word, whatever its capitals. */
    public static boolean has(String word) {
        return SET.contains(word.toLowerCase(Locale.ROOT));
    }
}
