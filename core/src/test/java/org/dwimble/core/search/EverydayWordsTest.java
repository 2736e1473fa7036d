package org.dwimble.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.ShippedLibrary.SEARCH;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a therapist types all day gets the right picture by itself. The words were written down before the search was tuned. */
class EverydayWordsTest {

    private record Expected(String word, List<String> pictures) {
    }

    private static List<Expected> expected() throws IOException {
        try (BufferedReader reader = new BufferedReader(
            new InputStreamReader(EverydayWordsTest.class.getResourceAsStream("/org/dwimble/core/words/everyday-words.tsv"), StandardCharsets.UTF_8))) {
            return reader.lines().filter(l -> !l.startsWith("#")).map(l -> l.split("\t")).map(c -> new Expected(c[0], List.of(c[1].split(" ")))).toList();
        }
    }

    @Test
    void ofEverydayWords95InAHundredHaveTheRightPictureFirstAnd99AmongTheFirstFive() throws IOException {
        List<Expected> words = expected();
        List<String> notFirst = new ArrayList<>();
        List<String> notAmongFive = new ArrayList<>();
        for (Expected e : words) {
            List<String> found = SEARCH.find(Asked.typed(e.word, 5)).stream().map(f -> f.picture().id()).toList();
            if (found.isEmpty() || !e.pictures.contains(found.get(0))) {
                notFirst.add(e.word + " got " + found);
            }
            if (found.stream().noneMatch(e.pictures::contains)) {
                notAmongFive.add(e.word);
            }
        }
        assertThat(words).hasSizeGreaterThanOrEqualTo(300);
        assertThat(notFirst.size()).as("not first: %s", notFirst).isLessThanOrEqualTo(words.size() * 5 / 100);
        assertThat(notAmongFive.size()).as("not among five: %s", notAmongFive).isLessThanOrEqualTo(words.size() / 100);
    }

    @Test
    void whatComesFirstIsWhatTheWordGetsByItself() throws IOException {
        assertThat(expected()).filteredOn(e -> !SEARCH.best(e.word).map(p -> e.pictures.contains(p.id())).orElse(false)).extracting(Expected::word)
            .hasSizeLessThanOrEqualTo(expected().size() * 5 / 100);
    }
}
