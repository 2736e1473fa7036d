package org.dwimble.core.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class BoardTest {

    private static Button wide(String id, int row, int column, int rows, int columns) {
        return new Button(id, new Cell(row, column), new Span(rows, columns), id, null, null, null, Kind.THING, null, null, false, null);
    }

    @Test
    void twoButtonsCannotShareACell() {
        assertThatThrownBy(() -> Board.empty("b", "Harbour", 2, 2).withButtons(List.of(wide("crab", 0, 0, 1, 2), wide("gull", 0, 1, 1, 1))))
            .isInstanceOf(Unacceptable.class).hasMessage("Row 1, place 2 of “Harbour” is taken already, so “gull” cannot stand there.");
    }

    @ParameterizedTest
    @CsvSource({"0,0,1,1,true", "0,0,2,2,true", "1,1,1,1,true", "1,1,1,2,false", "1,1,2,1,false", "2,0,1,1,false", "0,2,1,1,false"})
    void aButtonStandsOnTheBoardOrNotAtAll(int row, int column, int rows, int columns, boolean fits) {
        boolean fitted = fits(() -> Board.empty("b", "Harbour", 2, 2).with(wide("crab", row, column, rows, columns)));
        assertThat(fitted).isEqualTo(fits);
    }

    private static boolean fits(Runnable run) {
        try {
            run.run();
            return true;
        } catch (Unacceptable e) {
            assertThat(e).hasMessageContaining("hang over the edge");
            return false;
        }
    }

    @ParameterizedTest
    @CsvSource({"1,1,true", "40,40,true", "41,40,false", "40,41,false", "0,3,false"})
    void aBoardHasOneToFortyLinesEachWay(int rows, int columns, boolean can) {
        if (can) {
            assertThat(Board.empty("b", "Big", rows, columns).emptyCells()).hasSize(rows * columns);
        } else {
            assertThatThrownBy(() -> Board.empty("b", "Big", rows, columns)).hasMessageContaining("1 to 40 rows");
        }
    }

    @Test
    void emptyCellsAreFilledFromTheMarkedOneOnAndThenFromTheTop() {
        Board b = board("b", "I . go", ". see .");
        assertThat(b.emptyCellsFrom(new Cell(1, 0))).containsExactly(new Cell(1, 0), new Cell(1, 2), new Cell(0, 1));
        assertThat(board("full", "I go").emptyCellsFrom(new Cell(0, 0))).isEmpty();
    }

    @Test
    void aWideButtonIsFoundFromEveryCellItCovers() {
        Board b = Board.empty("b", "Harbour", 3, 3).with(wide("ferry", 1, 1, 2, 2));
        assertThat(b.at(new Cell(2, 2))).map(Button::id).hasValue("ferry");
        assertThat(b.at(new Cell(0, 1))).isEmpty();
        assertThat(b.emptyCells()).hasSize(5);
    }

    @Test
    void aLabelOfTenThousandCharactersIsRefusedWithItsLength() {
        assertThatThrownBy(() -> Button.word("x", new Cell(0, 0), "a".repeat(10_000), null, Kind.THING))
            .isInstanceOf(Unacceptable.class).hasMessage("A label can have up to 100 characters; this has 10,000. Nothing was changed.");
    }

    @ParameterizedTest
    @CsvSource({"'  two   words ', 'two words'", "'tab\tand\nline', 'tab and line'", "'👩🏽‍🦽 مرحبا', '👩🏽‍🦽 مرحبا'", "'e\u0301te\u0301', '\u00e9t\u00e9'", "'a\u0000b', 'ab'"})
    void labelsAreTidiedButEmojiAndOtherScriptsStay(String typed, String label) {
        assertThat(Button.word("x", new Cell(0, 0), typed, null, Kind.THING).label()).isEqualTo(label);
    }

    @Test
    void cuttingNeverHalvesACharacter() {
        assertThat(Text.cut("🦀🦀🦀", 2)).isEqualTo("🦀🦀");
        assertThat(Text.length("🦀🦀🦀")).isEqualTo(3);
    }

    @Test
    void aButtonNeedsALabelOrAPicture() {
        assertThatThrownBy(() -> Button.word("x", new Cell(0, 0), "  ", null, Kind.THING)).hasMessageContaining("a label or a picture");
        assertThat(Button.word("x", new Cell(0, 0), "", "base/kite", Kind.THING).label()).isEmpty();
        assertThatThrownBy(() -> Button.word("x", new Cell(0, 0), "", "../../etc/passwd", Kind.THING)).hasMessageContaining("not a picture");
    }

    @Test
    void sayingNothingIsNotSayingTheLabel() {
        Button opener = Button.leading("x", new Cell(0, 0), "food", null, new Leads.Opens("food"));
        assertThat(opener.spoken()).isEmpty();
        assertThat(opener.isWord()).isFalse();
        assertThat(opener.withSays(Says.LABEL).spoken()).isEqualTo("food");
        assertThat(opener.withSays(new Says.Words("I am hungry")).spoken()).isEqualTo("I am hungry");
    }

    @Test
    void equalBoardsHaveTheSameCanonicalJsonWhateverOrderTheyWereMadeIn() {
        JsonNode one = BoardJson.mapper().readTree("{\"z\":1.50,\"a\":[1e3]}");
        Board b = board("b", "I go", "see .");
        Board forwards = new Board("b", "b", 2, 2, b.buttons(), null, null, Map.of("ext_a", one, "ext_b", one));
        List<Button> reversed = new java.util.ArrayList<>(b.buttons());
        java.util.Collections.reverse(reversed);
        Board backwards = new Board("b", "b", 2, 2, reversed, null, null, new java.util.TreeMap<>(Map.of("ext_b", one, "ext_a", one)));
        assertThat(BoardJson.write(forwards)).isEqualTo(BoardJson.write(backwards));
        assertThat(BoardJson.read(BoardJson.write(forwards))).isEqualTo(forwards);
        assertThat(new String(BoardJson.write(forwards))).contains("1.50");
    }

    @Test
    void aWordOnTwoBoardsIsCountedOnceAndOpenersAreNotWords() {
        Vocabulary v = org.dwimble.core.Boards.vocabulary(board("home", "I Go food>food"), board("food", "go apple home:home"));
        assertThat(Counts.of(v)).isEqualTo(new Counts(3, 3, 2, 6));
    }

    private static Button layered(Layer... layers) {
        return new Button("x", new Cell(0, 0), Span.ONE, "two", Says.LABEL, null, List.of(layers), null, Kind.THING, Leads.STAYS, List.of(), false, null);
    }

    @Test
    void aLayeredButtonIsKnownByItsFirstPictureAndOneWholePictureIsNoLayer() {
        Button two = layered(Layer.whole("base/kite"), new Layer("core/not", 0, 0, 1000));
        assertThat(two.picture()).isEqualTo("base/kite");
        assertThat(two.pictures()).containsExactly("base/kite", "core/not");
        Button one = new Button("x", new Cell(0, 0), Span.ONE, "one", Says.LABEL, "base/kite", List.of(Layer.whole("base/kite")), null, Kind.THING, Leads.STAYS, List.of(), false, null);
        assertThat(one.layers()).isEmpty();
        assertThat(layered(new Layer("base/kite", 100, 0, 500)).layers()).hasSize(1);
    }

    @Test
    void aLayerStaysInsideItsSquare() {
        assertThat(new Layer("base/kite", 900, -50, 400)).isEqualTo(new Layer("base/kite", 600, 0, 400));
        assertThat(new Layer("base/kite", 0, 0, 5).size()).isEqualTo(100);
        assertThat(new Layer("base/kite", 0, 0, 5_000)).isEqualTo(Layer.whole("base/kite"));
        assertThatThrownBy(() -> new Layer("http://e/x.png", 0, 0, 100)).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> layered(java.util.Collections.nCopies(7, Layer.whole("base/kite")).toArray(Layer[]::new))).hasMessageContaining("up to 6 pictures");
    }
}
