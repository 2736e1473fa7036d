package org.dwimble.core.words;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Kind;
import org.jspecify.annotations.Nullable;

/**
 * Guesses the kind of a typed word: first from a hand-made list of the words that make up most of speech,
 * then from the drawer its picture is kept in. Always changeable on the button.
 */
public final class Kinds {
    private final Map<String, Kind> byWord;
    private final Map<String, Kind> byGroup;

    private Kinds(Map<String, Kind> byWord, Map<String, Kind> byGroup) {
        this.byWord = byWord;
        this.byGroup = byGroup;
    }

    /** The lists that ship with Dwimble: {@code kinds.txt} and {@code kinds-by-group.txt} beside this class. */
    public static Kinds shipped() {
        return new Kinds(lines("kinds.txt"), lines("kinds-by-group.txt"));
    }

    /** @param word in lower case */
    public Kind of(String word, @Nullable LibraryPicture picture) {
        Kind listed = byWord.get(PictureSearch.fold(word));
        if (listed != null) {
            return listed;
        }
        if (picture == null) {
            return Kind.THING;
        }
        Kind exact = byGroup.get(picture.group());
        if (exact != null) {
            return exact;
        }
        int dash = picture.group().indexOf('-');
        return byGroup.getOrDefault(dash < 0 ? picture.group() : picture.group().substring(0, dash), Kind.THING);
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
                String key = file.contains("group") ? word.trim() : PictureSearch.fold(word);
                if (!key.isEmpty() && kinds.put(key, kind) != null) {
                    throw new IllegalArgumentException(file + " line " + (i + 1) + ": “" + word.trim() + "” stands twice");
                }
            }
        }
        return kinds;
    }
}
