package org.dwimble.core.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;

import java.util.List;
import java.util.Map;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoardTest {

    private static Button wide(String id, int row, int column, int rows, int columns) {
        return Button.word(id, new Cell(row, column), id, null, Kind.THING).withStanding(new Standing(new Cell(row, column), new Span(rows, columns)));
    }

    @Test
    void twoButtonsCannotShareACell() {
        assertThatThrownBy(() -> Board.empty("b", "Harbour", new Shape(2, 2)).withButtons(List.of(wide("crab", 0, 0, 1, 2), wide("gull", 0, 1, 1, 1))))
            .isInstanceOf(Unacceptable.class).hasMessage("cell-taken {board=Harbour, button=gull, column=2, row=1}");
    }

    @ParameterizedTest
    @CsvSource({"0,0,1,1,true", "0,0,2,2,true", "1,1,1,1,true", "1,1,1,2,false", "1,1,2,1,false", "2,0,1,1,false", "0,2,1,1,false"})
    void aButtonStandsOnTheBoardOrNotAtAll(int row, int column, int rows, int columns, boolean fits) {
        boolean fitted = fits(() -> Board.empty("b", "Harbour", new Shape(2, 2)).with(wide("crab", row, column, rows, columns)));
        assertThat(fitted).isEqualTo(fits);
    }

    private static boolean fits(Runnable run) {
        try {
            run.run();
            return true;
        } catch (Unacceptable e) {
            assertThat(e).hasMessageContaining("over-the-edge");
            return false;
        }
    }

    @ParameterizedTest
    @CsvSource({"1,1,true", "40,40,true", "41,40,false", "40,41,false", "0,3,false"})
    void aBoardHasOneToFortyLinesEachWay(int rows, int columns, boolean can) {
        if (can) {
            assertThat(Board.empty("b", "Big", new Shape(rows, columns)).emptyCells()).hasSize(rows * columns);
        } else {
            assertThatThrownBy(() -> Board.empty("b", "Big", new Shape(rows, columns))).hasMessageContaining("board-size");
        }
    }

    @Test
    void emptyCellsAreFilledFromTheMarkedOneOnAndThenFromTheTop() {
        Board b = board("b", "I . go", ". see .");
        assertThat(b.emptyCellsFrom(new Cell(1, 0), java.util.Set.of())).containsExactly(new Cell(1, 0), new Cell(1, 2), new Cell(0, 1));
        assertThat(board("full", "I go").emptyCellsFrom(new Cell(0, 0), java.util.Set.of())).isEmpty();
    }

    @Test
    void aWideButtonIsFoundFromEveryCellItCovers() {
        Board b = Board.empty("b", "Harbour", new Shape(3, 3)).with(wide("ferry", 1, 1, 2, 2));
        assertThat(b.at(new Cell(2, 2))).map(Button::id).hasValue("ferry");
        assertThat(b.at(new Cell(0, 1))).isEmpty();
        assertThat(b.emptyCells()).hasSize(5);
    }

    @Test
    void aLabelOfTenThousandCharactersIsRefusedWithItsLength() {
        assertThatThrownBy(() -> Button.word("x", new Cell(0, 0), "a".repeat(10_000), null, Kind.THING))
            .isInstanceOf(Unacceptable.class).hasMessage("too-long {has=10000, most=100, what=label}");
    }

    @ParameterizedTest
    @CsvSource({"'  two   words ', 'two words'", "'tab\tand\nline', 'tab and line'", "'👩🏽‍🦽 مرحبا', '👩🏽‍🦽 مرحبا'",
        "'e\u0301te\u0301', '\u00e9t\u00e9'", "'a\u0000b', 'ab'"})
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
        assertThatThrownBy(() -> Button.word("x", new Cell(0, 0), "  ", null, Kind.THING)).hasMessageContaining("no-label-no-picture");
        assertThat(Button.word("x", new Cell(0, 0), "", "base/kite", Kind.THING).label()).isEmpty();
        assertThatThrownBy(() -> Button.word("x", new Cell(0, 0), "", "../../etc/passwd", Kind.THING)).hasMessageContaining("unknown-picture");
    }

    @Test
    void sayingNothingIsNotSayingTheLabel() {
        Button opener = Button.leading("x", new Cell(0, 0), "food", null, new Leads.Opens("food"));
        assertThat(opener.spoken()).isEmpty();
        assertThat(opener.isWord()).isFalse();
        assertThat(opener.withActs(opener.acts().withSays(Says.LABEL)).spoken()).isEqualTo("food");
        assertThat(opener.withActs(opener.acts().withSays(new Says.Words("I am hungry"))).spoken()).isEqualTo("I am hungry");
    }

    @Test
    void everyNumberOfACellAndASpanIsBoundedSoThatSumsCannotOverflow() {
        for (int n : new int[] {-1, Board.MOST_LINES, Integer.MAX_VALUE, Integer.MIN_VALUE}) {
            assertThatThrownBy(() -> new Cell(n, 0)).hasMessageContaining("cell-off-board");
            assertThatThrownBy(() -> new Cell(0, n)).hasMessageContaining("cell-off-board");
        }
        for (int n : new int[] {0, -1, Board.MOST_LINES + 1, Integer.MAX_VALUE}) {
            assertThatThrownBy(() -> new Span(n, 1)).hasMessageContaining("span-size");
            assertThatThrownBy(() -> new Span(1, n)).hasMessageContaining("span-size");
        }
        assertThatThrownBy(() -> Board.empty("b", "Harbour", new Shape(2, 2)).with(wide("crab", 39, 39, 40, 40))).hasMessageContaining("over-the-edge");
    }

    @Test
    void aVocabularyIsBoundedInBoardsAndButtons() {
        List<Board> boards = java.util.stream.IntStream.rangeClosed(1, Vocabulary.MOST_BOARDS).mapToObj(i -> board("b" + i, "I")).toList();
        Vocabulary full = Vocabulary.of("v", "b1", "en", boards);
        assertThatThrownBy(() -> full.with(board("one more", "I"))).hasMessage("too-many-boards {has=2001, most=2000}");
        List<Button> crowd = new java.util.ArrayList<>();
        for (int i = 0; i < 1600; i++) {
            crowd.add(wide("w" + i, i / 40, i % 40, 1, 1));
        }
        Board crowded = Board.empty("c", "c", new Shape(40, 40)).withButtons(crowd);
        List<Board> crowds = java.util.stream.IntStream.rangeClosed(1, 63)
            .mapToObj(i -> new Board("c" + i, "c", crowded.shape(), crowded.look(), crowded.buttons(), Board.Facts.NONE, Extras.NONE)).toList();
        assertThatThrownBy(() -> Vocabulary.of("v", "c1", "en", crowds)).hasMessage("too-many-buttons {has=100800, most=100000}");
    }

    @Test
    void aBoardTellsEveryPictureAndSoundInIt() {
        String photo = "own/" + "a".repeat(64);
        String sound = "own/" + "b".repeat(64);
        String listed = "own/" + "c".repeat(64);
        Button b = wide("crab", 0, 0, 1, 1);
        Board board = Board.empty("b", "b", new Shape(1, 1))
            .with(b.withFace(b.face().withLayers(List.of(Layer.whole("base/kite"), Layer.whole(photo)))).withActs(b.acts().withSound(sound)))
            .withFacts(new Board.Facts(Map.of(listed, tools.jackson.databind.node.StringNode.valueOf("x")), Map.of()));
        assertThat(board.media()).containsExactly("base/kite", photo, sound, listed);
    }

    @Test
    void aWordOnTwoBoardsIsCountedOnceAndOpenersAreNotWords() {
        Vocabulary v = org.dwimble.core.Boards.vocabulary(board("home", "I Go food>food"), board("food", "go apple home:home"));
        assertThat(Counts.of(v)).isEqualTo(new Counts(3, 3, 2, 6, List.of(), 0));
    }

    private static Button layered(Layer... layers) {
        return Button.word("x", new Cell(0, 0), "two", null, Kind.THING).withFace(new Face("two", List.of(layers), Kind.THING));
    }

    @Test
    void aLayeredButtonIsKnownByItsFirstPicture() {
        Button two = layered(Layer.whole("base/kite"), new Layer("core/not", 0, 0, 1000));
        assertThat(two.picture()).isEqualTo("base/kite");
        assertThat(two.pictures()).containsExactly("base/kite", "core/not");
        assertThat(Button.word("x", new Cell(0, 0), "one", "base/kite", Kind.THING).layers()).containsExactly(Layer.whole("base/kite"));
    }

    @Test
    void aLayerStaysInsideItsSquare() {
        assertThat(new Layer("base/kite", 900, -50, 400)).isEqualTo(new Layer("base/kite", 600, 0, 400));
        assertThat(new Layer("base/kite", 0, 0, 5).size()).isEqualTo(100);
        assertThat(new Layer("base/kite", 0, 0, 5_000)).isEqualTo(Layer.whole("base/kite"));
        assertThatThrownBy(() -> new Layer("http://e/x.png", 0, 0, 100)).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> layered(java.util.Collections.nCopies(7, Layer.whole("base/kite")).toArray(Layer[]::new)))
            .hasMessageContaining("too-many-layers {most=6}");
    }

    @Test
    void everyKindHasAColourOfItsOwn() {
        assertThat(Kind.values()).extracting(KindColours::of).doesNotContainNull().doesNotHaveDuplicates();
        assertThat(KindColours.of(Kind.WHO).hex()).isEqualTo("#7b3f8c");
    }
}
