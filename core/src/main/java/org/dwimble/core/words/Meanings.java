package org.dwimble.core.words;

import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.dwimble.core.picture.PictureLibrary;

/** For words the library may not have: words it has that mean the same, and things it has that they are a kind of. */
public final class Meanings {
    /**
     * Words are folded, likeliest first.
     *
     * @param first  those that mean the same in the sense the word is met in most often
     * @param same   those that mean the same in its other senses, or nearly the same
     * @param kindOf wider words, nearest first
     */
    public record Meaning(List<String> first, List<String> same, List<String> kindOf) {
        static final Meaning NONE = new Meaning(List.of(), List.of(), List.of());
    }

    private final Map<String, Meaning> byWord = new HashMap<>();

    /** Reads {@code meanings.tsv} of the library. */
    public static Meanings read(Function<String, InputStream> open) {
        Meanings meanings = new Meanings();
        for (String[] row : PictureLibrary.rows(open, "meanings.tsv", 4)) {
            meanings.byWord.put(Spelling.fold(row[0]), new Meaning(folded(row[1]), folded(row[2]), folded(row[3])));
        }
        return meanings;
    }

    private static List<String> folded(String cell) {
        return PictureLibrary.list(cell).stream().map(Spelling::fold).toList();
    }

    /** @param word folded */
    public Meaning of(String word) {
        return byWord.getOrDefault(word, Meaning.NONE);
    }
}
