package org.dwimble.core.search;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Meanings;
import org.dwimble.core.words.Spelling;

/** What a word is among: the categories of the pictures that are called by it, and what it is a kind of by its meaning. */
public final class WordCategories {
    private final Map<String, Set<String>> byName = new HashMap<>();
    private final Meanings meanings;

    /** @param forms so that a category is found by its singular too */
    public WordCategories(List<Picture> pictures, Meanings meanings, Forms forms) {
        this.meanings = meanings;
        for (Picture picture : pictures) {
            Stream.concat(Stream.of(picture.name()), picture.also().stream()).forEach(name -> {
                Set<String> categories = byName.computeIfAbsent(Spelling.fold(name), n -> new HashSet<>());
                picture.categories().forEach(c -> categories.addAll(forms.inflected(c.toLowerCase(Locale.ROOT))));
            });
        }
    }

    /** In lower case, each also in the singular; empty for a word no picture is called by. */
    public Set<String> of(String word) {
        return byName.getOrDefault(Spelling.fold(word), Set.of());
    }

    /** The same, and what it is a kind of by its meaning. */
    public Set<String> kindsOf(String word) {
        Set<String> kinds = new HashSet<>(meanings.of(Spelling.fold(word)).kindOf());
        kinds.addAll(of(word));
        return kinds;
    }
}
