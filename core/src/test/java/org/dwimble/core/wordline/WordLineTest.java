package org.dwimble.core.wordline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.picture;

import java.util.List;
import java.util.Map;
import org.dwimble.core.ShippedLibrary;
import org.dwimble.core.board.Kind;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.search.PictureIndex;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.words.Forms;
import org.junit.jupiter.api.Test;

class WordLineTest {
    private static final Forms FORMS = Forms.english();
    private final PictureSearch pictures = new PictureSearch(new PictureIndex(List.of(
        picture("base/kite", "kite", "", "fly,sky,toy", "game"),
        picture("base/cup-with-straw", "drink", "cup,thirsty", "juice", "drink"),
        picture("base/plunger", "plunger", "", "cup,force", "household"),
        picture("base/glass", "glass", "", "", "drink"),
        picture("base/glasses", "glasses", "", "eye", "clothing"),
        picture("base/kiwi", "kiwi fruit", "", "food", "food-fruit"),
        picture("base/cafe", "café", "", "", "place-building"),
        picture("base/running", "run", "", "", "person-activity")), Map.of(), FORMS), ShippedLibrary.MEANINGS, FORMS);
    @Test
    void theWordLineIsReadByLineBreaksAndCommasAndAnEqualsSignGivesALabel() {
        assertThat(WordLine.read("kite")).containsExactly(new WordLine.Entry("kite", "kite"));
        assertThat(WordLine.read("ferry, tide pool\ncrab;;gull\r\n ,")).extracting(WordLine.Entry::label).containsExactly("ferry", "tide pool", "crab", "gull");
        assertThat(WordLine.read("kite=Big Red")).containsExactly(new WordLine.Entry("kite", "Big Red"));
        assertThat(WordLine.read("=x")).containsExactly(new WordLine.Entry("=x", "=x"));
        assertThat(WordLine.read("2+2=")).containsExactly(new WordLine.Entry("2+2=", "2+2="));
        assertThat(WordLine.read(" \n ")).isEmpty();
    }

    @Test
    void aSignBehindAWordOpensABoardWithTheWordsBehindItLineByLine() {
        assertThat(WordLine.read("people at swimming >")).singleElement().satisfies(e -> {
            assertThat(e.label()).isEqualTo("people at swimming");
            assertThat(e.opens()).isEmpty();
        });
        List<WordLine.Entry> lines = WordLine.read("kite, sun=colours > red, blue; green\nshapes > circle \u23ce ferry");
        assertThat(lines).extracting(WordLine.Entry::label).containsExactly("kite", "colours", "shapes", "ferry");
        assertThat(lines.get(0).opens()).isNull();
        assertThat(lines.get(1).pictureWord()).isEqualTo("sun");
        assertThat(lines.get(1).opens()).extracting(WordLine.Entry::label).containsExactly("red", "blue", "green");
        assertThat(lines.get(2).opens()).extracting(WordLine.Entry::label).containsExactly("circle");
        assertThat(WordLine.read("> red")).as("a board without a name is none").isEmpty();
    }

    private List<ReadyWord> ready(String text) {
        return WordLine.ready(WordLine.read(text), Guesses.of(pictures, ShippedLibrary.KINDS));
    }

    @Test
    void aReadyWordHasItsPictureLabelAndKind() {
        assertThat(ready("kite=Big Red")).containsExactly(new ReadyWord("Big Red", "base/kite", Kind.THING));
        assertThat(ready("zzz")).extracting(ReadyWord::picture).containsExactly((String) null);
    }

    @Test
    void aPictureChosenByHandIsTaken() {
        assertThat(WordLine.ready(List.of(new WordLine.Entry("kite", "kite").withPicture("base/glass")), Guesses.of(pictures, ShippedLibrary.KINDS)))
            .extracting(ReadyWord::picture).containsExactly("base/glass");
    }

    @Test
    void nothingAndTooMuchAreRefusedBeforeAnythingIsSearched() {
        assertThatThrownBy(() -> ready(" , ")).isInstanceOf(Unacceptable.class).hasMessage("word-line-empty");
        String many = String.join(",", java.util.Collections.nCopies(PutWords.MOST + 1, "kite"));
        assertThatThrownBy(() -> WordLine.ready(WordLine.read(many), null)).hasMessage("too-many-words {has=401, most=400}");
    }

    @Test
    void aButtonOfASignIsCalledWhatItShows() {
        Guesses shipped = Guesses.of(ShippedLibrary.SEARCH, ShippedLibrary.KINDS);
        assertThat(WordLine.ready(WordLine.read("🐕, 🐕=Bracken, ♪, dog 🐕"), shipped)).extracting(ReadyWord::label).containsExactly("dog", "Bracken", "♪",
            "dog 🐕");
    }
}
