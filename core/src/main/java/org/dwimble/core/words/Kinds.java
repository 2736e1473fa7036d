package org.dwimble.core.words;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.dwimble.core.board.Kind;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.picture.PictureLibrary;
import org.jspecify.annotations.Nullable;

/**
 * Guesses the kind of a typed word: first from a hand-made list of the words that make up most of speech, then
 * from the drawer its picture is kept in, then from how often the senses of the word are met as each part of
 * speech (WordNet's counts). Of a word with several meanings the one its picture shows counts first: to fly is
 * done, a fly is a thing. Always changeable on the button.
 */
public final class Kinds {
    private final Map<String, Kind> byWord;
    private final Map<String, Kind> byGroup;

    private final Map<String, Kind> bySense;

    private Kinds(Map<String, Kind> byWord, Map<String, Kind> byGroup, Map<String, Kind> bySense) {
        this.byWord = byWord;
        this.byGroup = byGroup;
        this.bySense = bySense;
    }

    /** The lists beside this class, {@code kinds.txt} and {@code kinds-by-group.txt}, and {@code kinds.tsv} of the library. */
    public static Kinds read(Function<String, InputStream> open) {
        Map<String, Kind> bySense = new HashMap<>();
        PictureLibrary.rows(open, "kinds.tsv", 2).forEach(row -> bySense.put(Spelling.fold(row[0]), Kind.of(row[1])));
        return new Kinds(lines("kinds.txt"), lines("kinds-by-group.txt"), bySense);
    }

    /** @param word in lower case */
    public Kind of(String word, @Nullable Picture picture) {
        Kind drawn = picture == null ? null : ofGroup(picture.group());
        if (drawn != null && drawn != Kind.LITTLE && picture != null && !picture.gloss().isEmpty()) {
            return drawn;
        }
        Kind listed = byWord.get(Spelling.fold(word));
        if (listed != null) {
            return listed;
        }
        return drawn != null ? drawn : bySense.getOrDefault(Spelling.fold(word), Kind.THING);
    }

    /** True for a word of the language, whichever kind it is of, and not only somebody's name. */
    public boolean ordinary(String word) {
        String folded = Spelling.fold(word);
        return bySense.containsKey(folded) || byWord.containsKey(folded);
    }

    private @Nullable Kind ofGroup(String group) {
        int dash = group.indexOf('-');
        Kind whole = byGroup.get(group);
        return whole != null || dash < 0 ? whole : byGroup.get(group.substring(0, dash));
    }

    private static Map<String, Kind> lines(String file) {
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(Kinds.class.getResourceAsStream(file), StandardCharsets.UTF_8))) {
            return read(reader.lines().toList(), file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Each line is a kind, a colon, and words parted by commas. {@code #} begins a comment line. A word may stand once only. */
    static Map<String, Kind> read(List<String> lines, String file) {
        Map<String, Kind> kinds = new HashMap<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).trim();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            int colon = line.indexOf(':');
            if (colon < 0) {
                throw new IllegalArgumentException(file + " line " + (i + 1) + ": no colon after the kind");
            }
            Kind kind = Kind.of(line.substring(0, colon).trim());
            for (String word : line.substring(colon + 1).split(",")) {
                String key = file.contains("group") ? word.trim() : Spelling.fold(word);
                if (!key.isEmpty() && kinds.put(key, kind) != null) {
                    throw new IllegalArgumentException(file + " line " + (i + 1) + ": “" + word.trim() + "” stands twice");
                }
            }
        }
        return kinds;
    }
}
