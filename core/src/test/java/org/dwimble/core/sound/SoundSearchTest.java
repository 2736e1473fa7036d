package org.dwimble.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.ShippedLibrary.LIBRARY;
import static org.dwimble.core.ShippedLibrary.SOUNDS;

import java.util.List;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SoundSearchTest {
    private static final SoundSearch SEARCH = new SoundSearch(LIBRARY.pictures(), SOUNDS);

    private static Reading said(String word) {
        return SOUNDS.of(word).get(0);
    }

    private static List<String> words(SoundQuestion question) {
        return SEARCH.find(question, p -> true, 10_000).stream().map(SoundSearch.Heard::word).toList();
    }

    @Test
    void aSoundIsHeardNotSpelt() {
        List<String> k = words(new SoundQuestion.StartsWith(Phone.of("K")));
        assertThat(k).contains("cup", "kite", "queen", "cat", "clown").doesNotContain("city", "knee", "chair", "knot");
        assertThat(words(new SoundQuestion.StartsWith(Phone.of("N")))).contains("knot", "nose").doesNotContain("king");
        assertThat(words(new SoundQuestion.EndsWith(Phone.of("K")))).contains("duck", "cake", "book").doesNotContain("kite");
        assertThat(words(new SoundQuestion.HasInside(Phone.of("K")))).contains("bucket", "monkey", "basket").doesNotContain("cup", "duck");
        assertThat(words(new SoundQuestion.EndsWith(Phone.of("Z")))).contains("nose", "cheese");
    }

    @ParameterizedTest
    @CsvSource({"cat, hat, cup", "kite, light, kit", "bear, chair, beer", "whale, snail, wheel", "moon, spoon, man"})
    void wordsRhymeFromTheirStressedVowelOn(String word, String rhymes, String not) {
        assertThat(words(new SoundQuestion.RhymesWith(said(word)))).contains(rhymes).doesNotContain(not, word);
    }

    @Test
    void aWordWithTwoReadingsHasBothAndEachItsRhymes() {
        assertThat(SOUNDS.of("tear")).extracting(Reading::ipa).containsExactly("/tɛɹ/", "/tɪɹ/");
        assertThat(words(new SoundQuestion.RhymesWith(SOUNDS.of("tear").get(0)))).contains("bear").doesNotContain("ear");
        assertThat(words(new SoundQuestion.RhymesWith(SOUNDS.of("tear").get(1)))).contains("ear").doesNotContain("bear");
    }

    @Test
    void wordsOneSoundApartAreAsLongAndDifferInOne() {
        assertThat(words(new SoundQuestion.OneSoundApart(said("cat")))).contains("hat", "bat", "rat").doesNotContain("cat", "at", "cats");
        assertThat(SoundSearch.apart(said("goat"), said("coat"))).isZero();
        assertThat(SoundSearch.apart(said("coat"), said("coat"))).isEqualTo(-1);
        assertThat(SoundSearch.apart(said("coat"), said("boats"))).isEqualTo(-1);
    }

    @Test
    void minimalPairsOfTwoSoundsStandSideBySide() {
        List<SoundSearch.Pair> pairs = SEARCH.pairs(Phone.of("K"), Phone.of("G"), p -> true, 50);
        assertThat(pairs).anyMatch(p -> p.one().word().equals("coat") && p.other().word().equals("goat") && p.at() == 0);
        assertThat(pairs).allMatch(p -> SoundSearch.apart(p.one().reading(), p.other().reading()) == p.at());
        assertThat(SEARCH.pairs(Phone.of("K"), Phone.of("K"), p -> true, 50)).isEmpty();
    }

    @Test
    void anOwnPictureComesBeforeTheLibrarysAndHidesItFromNobodyElse() {
        Picture ours = new Picture("own/1", "Cup", List.of(), List.of(), "own", List.of(), false);
        SoundSearch both = SEARCH.with(List.of(ours));
        SoundQuestion k = new SoundQuestion.StartsWith(Phone.of("K"));
        assertThat(both.find(k, p -> true, 10_000)).filteredOn(h -> h.word().equalsIgnoreCase("cup")).extracting(SoundSearch.Heard::picture)
            .containsExactly(ours);
        assertThat(both.find(k, p -> !p.own(), 10_000)).filteredOn(h -> h.word().equalsIgnoreCase("cup")).hasSize(1).allMatch(h -> !h.picture().own());
        assertThat(both.with(List.of()).find(k, p -> true, 10_000)).isEqualTo(SEARCH.find(k, p -> true, 10_000));
    }

    @Test
    void shapeAndSyllablesCountSoundsAndNotLetters() {
        assertThat(said("kite").shape()).isEqualTo("CVC");
        assertThat(said("train").shape()).isEqualTo("CCVC");
        assertThat(said("banana").syllables()).isEqualTo(3);
        assertThat(words(new SoundQuestion.HasShape("CVC"))).contains("kite", "fish", "sheep").doesNotContain("train", "bee");
        assertThat(words(new SoundQuestion.HasSyllables(4))).contains("caterpillar").doesNotContain("banana");
        assertThat(said("ice cream").shape()).isEqualTo("VCCCVC");
    }

    @Test
    void whatIsNoSoundOrShapeIsSaidInASentence() {
        assertThatThrownBy(() -> Phone.of("Q")).isInstanceOf(Unacceptable.class).hasMessageContaining("unknown-phone {code=Q}");
        assertThatThrownBy(() -> new SoundQuestion.HasShape("CXC")).isInstanceOf(Unacceptable.class).hasMessage("unknown-shape {shape=CXC}");
        assertThatThrownBy(() -> new SoundQuestion.HasSyllables(0)).isInstanceOf(Unacceptable.class);
        assertThat(SOUNDS.of("qwrtz")).isEmpty();
        assertThat(SOUNDS.of("")).isEmpty();
    }

    @Test
    void aSoundIsToldWithoutAPhoneticAlphabetByItsExampleWord() {
        for (Phone phone : Phone.all()) {
            assertThat(SOUNDS.of(phone.example())).as(phone.code()).isNotEmpty().anyMatch(r -> r.phones().contains(phone));
        }
        assertThat(said("kite").spelt()).isEqualTo("k·eye·t");
    }
}
