package org.dwimble.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    private final PictureSearch pictures = new PictureSearch(List.of(
        new LibraryPicture("base/kite", "kite", List.of(), List.of("fly", "sky", "toy"), "game"),
        new LibraryPicture("base/cup-with-straw", "drink", List.of("cup", "thirsty", "cup with straw"), List.of("juice"), "drink"),
        new LibraryPicture("base/plunger", "plunger", List.of(), List.of("cup", "force"), "household"),
        new LibraryPicture("base/glass", "glass", List.of(), List.of(), "drink"),
        new LibraryPicture("base/glasses", "glasses", List.of(), List.of("eye"), "clothing"),
        new LibraryPicture("base/kiwi", "kiwi fruit", List.of(), List.of("food"), "food-fruit"),
        new LibraryPicture("base/cafe", "café", List.of(), List.of(), "place-building"),
        new LibraryPicture("base/running", "run", List.of("running"), List.of(), "person-activity")));
    private final Kinds kinds = Kinds.shipped();

    private List<String> found(String query) {
        return pictures.find(query, 10).stream().map(f -> f.picture().name()).toList();
    }

    @Test
    void theWordItselfComesBeforeWordsThatStartSoAndKeywordsComeLast() {
        assertThat(found("ki")).containsExactly("kite", "kiwi fruit");
        assertThat(found("kite")).containsExactly("kite");
        assertThat(found("cup")).containsExactly("drink", "plunger");
        assertThat(found("fruit")).containsExactly("kiwi fruit");
        assertThat(found("zebra")).isEmpty();
        assertThat(found("  ")).isEmpty();
    }

    @Test
    void aWordInsideAnotherIsNotAWholeWord() {
        assertThat(found("lunge")).isEmpty();
    }

    @Test
    void accentsAndCapitalsMakeNoDifferenceAndPluralsFindTheOneThing() {
        assertThat(found("CAFE")).containsExactly("café");
        assertThat(found("kites")).containsExactly("kite");
        assertThat(found("glasses")).first().isEqualTo("glasses");
    }

    @Test
    void aTypedWordOnlyGetsAPictureThatBelongsToIt() {
        assertThat(pictures.best("cup")).map(LibraryPicture::id).hasValue("base/cup-with-straw");
        assertThat(pictures.best("ki")).isEmpty();
        assertThat(pictures.best("juice")).map(LibraryPicture::name).hasValue("drink");
        assertThat(pictures.called("juice")).isEmpty();
    }

    @Test
    void everyReasonIsAPhraseForThePerson() {
        assertThat(pictures.find("cup", 1).get(0).why().words()).isEqualTo("also called so");
    }

    @Test
    void theWordLineIsReadByLineBreaksAndCommasAndAnEqualsSignGivesALabel() {
        assertThat(WordLine.read("kite")).containsExactly(new WordLine.Entry("kite", "kite"));
        assertThat(WordLine.read("ferry, tide pool\ncrab;;gull\r\n ,")).extracting(WordLine.Entry::label).containsExactly("ferry", "tide pool", "crab", "gull");
        assertThat(WordLine.read("kite=Big Red")).containsExactly(new WordLine.Entry("kite", "Big Red"));
        assertThat(WordLine.read("=x")).containsExactly(new WordLine.Entry("=x", "=x"));
        assertThat(WordLine.read("2+2=")).containsExactly(new WordLine.Entry("2+2=", "2+2="));
        assertThat(WordLine.read(" \n ")).isEmpty();
    }

    private Board put(String text, Board on, Cell from, List<Cell> keptFree) {
        return WordLine.put(text, on, from, keptFree, null, pictures, kinds, ids()).apply(vocabulary(on)).boards().get(on.id());
    }

    @Test
    void typedWordsFillTheEmptyCellsFromTheMarkedOneOn() {
        Board b = board("b", "I . .", "go . .");
        assertThat(drawn(put("kite, cup, run", b, new Cell(1, 1), List.of()))).containsExactly("I run .", "go kite cup");
    }

    @Test
    void aTypedButtonHasItsPictureLabelAndKind() {
        Button kite = put("kite=Big Red", board("b", ". ."), new Cell(0, 1), List.of()).at(new Cell(0, 1)).orElseThrow();
        assertThat(kite.label()).isEqualTo("Big Red");
        assertThat(kite.picture()).isEqualTo("base/kite");
        assertThat(kite.kind()).isEqualTo(Kind.THING);
        assertThat(kite.spoken()).isEqualTo("Big Red");
    }

    @Test
    void cellsKeptFreeArePassedOverUnlessOneIsMarked() {
        Board b = board("b", ". .", ". .");
        List<Cell> kept = List.of(new Cell(1, 0), new Cell(1, 1));
        assertThat(drawn(put("kite, cup", b, new Cell(0, 1), kept))).containsExactly("cup kite", ". .");
        assertThat(drawn(put("kite", b, new Cell(1, 0), kept))).containsExactly(". .", "kite .");
        assertThatThrownBy(() -> put("kite, cup, run", b, new Cell(0, 0), kept)).hasMessageContaining("2 empty cells");
    }

    @Test
    void anEmptyWordLineAndAFullBoardAreSaidInASentenceAndNothingIsPut() {
        assertThatThrownBy(() -> put(" , ", board("b", ". ."), new Cell(0, 0), List.of())).isInstanceOf(Unacceptable.class).hasMessage("The word line is empty. Type a word, then press Enter.");
        assertThatThrownBy(() -> put("kite", board("harbour", "I go"), new Cell(0, 0), List.of())).hasMessageContaining("Every cell of harbour is taken");
        assertThatThrownBy(() -> put("kite, cup, run", board("b", ". ."), new Cell(0, 0), List.of())).hasMessageContaining("3 words, and b has 2 empty cells");
    }

    @ParameterizedTest
    @CsvSource({"want,do", "I,who", "please,social", "big,describing", "where,question", "under,where", "of,little", "don’t,little", "thank you,social"})
    void commonWordsHaveTheirKindByHand(String word, String kind) {
        assertThat(kinds.of(word, null).word()).isEqualTo(kind);
    }

    @Test
    void otherWordsGoByTheDrawerOfTheirPictureAndElseAreThings() {
        assertThat(kinds.of("bistro", pictures.byId("base/cafe").orElseThrow())).isEqualTo(Kind.WHERE);
        assertThat(kinds.of("sprint", pictures.byId("base/running").orElseThrow())).isEqualTo(Kind.DO);
        assertThat(kinds.of("grommet", null)).isEqualTo(Kind.THING);
    }

    @Test
    void aBadLineOfAListIsNamed() {
        assertThatThrownBy(() -> Kinds.read(List.of("# comment", "do want"), "kinds.txt")).hasMessage("kinds.txt line 2: no colon after the kind");
        assertThatThrownBy(() -> Kinds.read(List.of("do: want", "who: want"), "kinds.txt")).hasMessage("kinds.txt line 2: “want” stands twice");
    }

    @ParameterizedTest
    @CsvSource({"running,run", "mice,mouse", "goes,go", "wanted,want", "babies,baby", "bigger,big", "making,make", "m,be", "didn,do", "happiest,happy", "boxes,box", "tried,try"})
    void aFormBelongsToItsWord(String form, String word) {
        assertThat(Forms.english().wordsOf(form)).contains(word);
    }

    @ParameterizedTest
    @CsvSource({"his,hi", "thing,th", "is,i", "miss,mis", "as,a", "went,wen"})
    void aWordThatOnlyLooksLikeAFormIsNone(String form, String notThis) {
        assertThat(Forms.english().wordsOf(form)).doesNotContain(notThis);
    }

    @Test
    void coverageCountsRunningWordsAndTheirForms() {
        Map<String, Long> counts = Map.of("I", 50L, "wanted", 20L, "crab", 10L, "xylophone", 20L);
        assertThat(Coverage.of(List.of(board("b", "i want crab>crab")), counts, Forms.english())).isEqualTo(0.70);
        assertThat(Coverage.of(List.of(board("b", "i")), Map.of(), Forms.english())).isZero();
    }
}
