package org.dwimble.core.wordline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.picture;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Map;
import org.dwimble.core.ShippedLibrary;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.core.search.PictureIndex;
import org.dwimble.core.search.PictureSearch;
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

    private Board put(String text, Board on, Cell from, List<Cell> keptFree) {
        return WordLine.put(WordLine.read(text), on, from, keptFree, Guesses.of(pictures, ShippedLibrary.KINDS), ids()).apply(vocabulary(on)).boards().get(on.id());
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
}
