package org.dwimble.core.predict;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.picture.PictureLibrary.Named;
import org.dwimble.core.words.Frequency;
import org.junit.jupiter.api.Test;

class CommonWordsTest {
    private static final Frequency FREQUENCY = Frequency.read(file -> new ByteArrayInputStream("dog\nhouse\nhound\n".getBytes(StandardCharsets.UTF_8)));
    private static final List<Picture> LIBRARY = List.of(picture("base/dog", "dog"), picture("base/house", "house"), picture("wide/hound", "hound"),
        picture("wide/dog", "dog"), picture("base/doghouse", "doghouse"));
    private static final List<Named> GERMAN = List.of(new Named("base/dog", "Hund", List.of("Haustier", "treuer Freund")), new Named("base/house", "Haus",
        List.of("Hütte")), new Named("wide/dog", "Hund", List.of()), new Named("base/doghouse", "ein kleines Haus", List.of("Hundehütte")));

    private static Picture picture(String id, String name) {
        return new Picture(id, name, List.of(), List.of(), "", List.of(), false);
    }

    private static List<String> offered(CommonWords words, String typed) {
        return new Predicting(new Ranked(List.of(), w -> 1), words, List.of()).offered(typed, List.of(), 9);
    }

    @Test
    void aWordIsAsCommonAsWhatItNamesIsInEnglish() {
        CommonWords german = CommonWords.named(LIBRARY, GERMAN, FREQUENCY);
        assertThat(offered(german, "h")).containsExactly("Hund", "Haus", "Haustier", "Hütte", "Hundehütte");
        assertThat(german.picture("Hund")).as("the best picture for it").isEqualTo("base/dog");
        assertThat(german.picture("Haustier")).as("what a picture is only found by is not what it shows").isNull();
    }

    @Test
    void englishWordsAreThoseSaidMostWithThePictureCalledSo() {
        CommonWords english = CommonWords.english(LIBRARY, FREQUENCY);
        assertThat(offered(english, "ho")).containsExactly("house", "hound");
        assertThat(english.picture("house")).isEqualTo("base/house");
        assertThat(english.picture("of")).isNull();
    }
}
