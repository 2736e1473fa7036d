package org.dwimble.core.search;

import java.io.InputStream;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.picture.PictureLibrary;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Meanings;
import org.dwimble.core.words.Spelling;

/** What a word is among: the categories of the pictures that are called by it, and what it is a kind of by its meaning. */
public final class WordCategories {
    private final Map<String, Set<String>> byName = new HashMap<>();
    private final Map<String, List<String>> pictured = new HashMap<>();
    private final Map<String, List<String>> topics;
    private final Meanings meanings;
    private final Forms forms;

    /**
     * @param topics what words without a picture are about, from {@link #readTopics}
     * @param forms  so that a category is found by its singular too, and a topic by any form of its word
     */
    public WordCategories(List<Picture> pictures, Map<String, List<String>> topics, Meanings meanings, Forms forms) {
        this.meanings = meanings;
        this.topics = topics;
        this.forms = forms;
        for (Picture picture : pictures) {
            Stream.concat(Stream.of(picture.name()), picture.also().stream()).forEach(name -> {
                Set<String> categories = byName.computeIfAbsent(Spelling.fold(name), n -> new HashSet<>());
                picture.categories().forEach(c -> categories.addAll(forms.inflected(c.toLowerCase(Locale.ROOT))));
                pictured.putIfAbsent(Spelling.fold(name), picture.categories());
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

    /** Reads {@code topics.tsv} of the library: by the folded word, the categories it is about, likeliest first. */
    public static Map<String, List<String>> readTopics(Function<String, InputStream> open) {
        Map<String, List<String>> topics = new HashMap<>();
        PictureLibrary.rows(open, "topics.tsv", 2).forEach(row -> topics.put(Spelling.fold(row[0]), PictureLibrary.list(row[1])));
        return topics;
    }

    /**
     * The categories a word is about, as pictures name them, likeliest first: those of a picture called so, else those its meaning
     * puts it in, else those of the word it is a form of, else of its last word ("red kettle" is about what kettle is about). Empty
     * for a word nothing is known of.
     */
    public List<String> topicsOf(String word) {
        String folded = Spelling.fold(word);
        List<String> known = forms.inflected(folded).stream().map(this::topicsOfWord).filter(found -> !found.isEmpty())
            .findFirst().orElse(List.of());
        int last = folded.lastIndexOf(' ');
        return known.isEmpty() && last > 0 ? topicsOf(folded.substring(last + 1)) : known;
    }

    private List<String> topicsOfWord(String folded) {
        List<String> ofPicture = pictured.getOrDefault(folded, List.of());
        return ofPicture.isEmpty() ? topics.getOrDefault(folded, List.of()) : ofPicture;
    }
}
