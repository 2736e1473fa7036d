package org.dwimble.core.search;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A question to the search.
 *
 * @param text      as typed
 * @param how       what of a word has to match
 * @param languages preferred ones, as BCP 47 tags, the first preferred most; other languages are still found, after these
 * @param category  only pictures of it; null for all. With no text it lists the category.
 * @param most      how many to give, 1 or more
 * @param on        what the board it is for speaks of: of several meanings that one comes first
 */
public record Asked(String text, How how, List<String> languages, @Nullable String category, int most, SpokenOf on) {
    public enum How {
        /** All ways, best first: what a word typed on the bench gets. */
        TYPED,
        /** The name or another name is this word, and nothing else. */
        WHOLE_WORD,
        STARTS, ENDS, INSIDE,
        /** Other words for the same thing, and things that have to do with it. */
        MEANING;

        /** True if letters are asked for, wherever they stand, and not a word. */
        boolean letters() {
            return this == STARTS || this == ENDS || this == INSIDE;
        }
    }

    public Asked {
        languages = languages.isEmpty() ? List.of("en") : List.copyOf(languages);
        if (most < 1) {
            throw new IllegalArgumentException("most is " + most + "; ask for 1 or more");
        }
    }

    public Asked(String text, How how, List<String> languages, @Nullable String category, int most) {
        this(text, how, languages, category, most, SpokenOf.NOTHING);
    }

    /** The same, for a board that speaks of something. */
    public Asked on(SpokenOf spokenOf) {
        return new Asked(text, how, languages, category, most, spokenOf);
    }

    public static Asked typed(String text, int most) {
        return new Asked(text, How.TYPED, List.of("en"), null, most);
    }
}
