package org.dwimble.core.sound;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.dwimble.core.picture.PictureLibrary;

/** How English words are said. Some have more than one reading: tear, wind. */
public final class PronouncingDictionary {
    private final Map<String, String> readings = new HashMap<>();

    /** Reads {@code sounds.tsv} of the library; a line is taken apart only when its word is asked for. */
    public static PronouncingDictionary read(Function<String, InputStream> open) {
        PronouncingDictionary dictionary = new PronouncingDictionary();
        PictureLibrary.rows(open, "sounds.tsv", 2).forEach(row -> dictionary.readings.put(row[0], row[1]));
        return dictionary;
    }

    /** The readings of a word, or of several words said one after the other; none if a word is not known. */
    public List<Reading> of(String words) {
        List<Reading> said = List.of();
        for (String word : words.toLowerCase(Locale.ROOT).replace('\'', '’').split("[^\\p{L}’]+")) {
            if (word.isEmpty()) {
                continue;
            }
            String written = readings.getOrDefault(word, readings.get(word.replace('’', '\'')));
            if (written == null) {
                return List.of();
            }
            List<Reading> next = PictureLibrary.list(written).stream().map(Reading::of).toList();
            said = said.isEmpty() ? next : together(said, next);
        }
        return said;
    }

    private static List<Reading> together(List<Reading> before, List<Reading> next) {
        List<Reading> all = new ArrayList<>();
        for (Reading b : before) {
            for (Reading n : next) {
                all.add(b.then(n));
            }
        }
        return all.size() > 4 ? all.subList(0, 4) : all;
    }
}
