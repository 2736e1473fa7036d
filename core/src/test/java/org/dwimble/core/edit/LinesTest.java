package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.boards.InsertLine;
import org.dwimble.core.edit.boards.LayRows;
import org.dwimble.core.edit.boards.MoveLine;
import org.dwimble.core.edit.boards.RemoveLine;
import org.dwimble.core.edit.boards.SizeLine;
import org.dwimble.core.edit.boards.SplitCell;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.edit.words.StretchButton;
import org.dwimble.core.edit.words.TakeOff;
import org.dwimble.core.pattern.Pattern;
import org.dwimble.core.route.Siblings;
import org.junit.jupiter.api.Test;

/** Rows, columns, and buttons over several cells. */
class LinesTest {
    private final Vocabulary boards = vocabulary(board("den", "bed lamp . mat", "rug . box ."), board("hut", "door"));

    private Board den(Intention... made) {
        Vocabulary now = boards;
        for (Intention intention : made) {
            now = intention.on(now, ids()).after();
        }
        return now.boards().get("den");
    }

    private static Standing of(Board board, String button) {
        return board.button("den/" + button).orElseThrow().standing();
    }

    private int moving(Intention intention) {
        return Moves.of(intention.on(boards, ids())).size();
    }

    @Test
    void aButtonIsStretchedOverFreeCellsAndNeverOverAnother() {
        assertThat(of(den(new StretchButton("den", "den/lamp", new Span(1, 2))), "lamp")).isEqualTo(new Standing(new Cell(0, 1), new Span(1, 2)));
        assertThatThrownBy(() -> den(new StretchButton("den", "den/bed", new Span(1, 2)))).hasMessageContaining("stretch-over").hasMessageContaining("lamp");
        assertThatThrownBy(() -> den(new StretchButton("den", "den/mat", new Span(1, 2)))).hasMessageContaining("stretch-over-edge");
        assertThat(moving(new StretchButton("den", "den/lamp", new Span(2, 1)))).isZero();
    }

    @Test
    void aSplitCellIsTwoHalvesAndNothingMoves() {
        Board split = den(new SplitCell("den", new Cell(0, 1), Axis.COLUMNS));
        assertThat(split.shape()).isEqualTo(new Shape(2, 5, List.of(), List.of(2, 1, 1, 2, 2)));
        assertThat(of(split, "lamp")).as("keeps the first half").isEqualTo(Standing.at(new Cell(0, 1)));
        assertThat(split.at(new Cell(0, 2))).as("the other is free").isEmpty();
        assertThat(of(split, "mat").cell()).as("counted otherwise, but where it was").isEqualTo(new Cell(0, 4));
        assertThat(moving(new SplitCell("den", new Cell(0, 1), Axis.COLUMNS))).isZero();
        Board whole = den(new SplitCell("den", new Cell(0, 1), Axis.COLUMNS), new StretchButton("den", "den/lamp", new Span(1, 2)));
        assertThat(whole).as("joined again it is as before").isEqualTo(boards.boards().get("den"));
        assertThat(den(new StretchButton("den", "den/lamp", new Span(2, 1)), new SplitCell("den", new Cell(1, 1), Axis.ROWS)))
            .as("a button over two cells gives one back, and no line is needed").isEqualTo(boards.boards().get("den"));
    }

    @Test
    void whatIsBelowASplitGoesOnOverBothHalves() {
        Board split = den(new SplitCell("den", new Cell(0, 0), Axis.COLUMNS));
        assertThat(of(split, "rug")).isEqualTo(new Standing(new Cell(1, 0), new Span(1, 2)));
    }

    @Test
    void aWordPutIntoASplitColumnGetsAWholeCellWhereBothHalvesAreFree() {
        Board split = den(new SplitCell("den", new Cell(0, 1), Axis.COLUMNS), new PutWords("den", new Cell(0, 2),
            List.of(new ReadyWord("cup", null, Kind.THING), new ReadyWord("jug", null, Kind.THING), new ReadyWord("pan", null, Kind.THING))));
        assertThat(split.buttons().stream().filter(b -> b.label().equals("cup")).findFirst().orElseThrow().span()).as("the free half").isEqualTo(Span.ONE);
        assertThat(split.buttons().stream().filter(b -> b.label().equals("jug")).findFirst().orElseThrow().standing())
            .as("a cell as they were").isEqualTo(Standing.at(new Cell(0, 3)));
        assertThat(split.buttons().stream().filter(b -> b.label().equals("pan")).findFirst().orElseThrow().standing())
            .as("both halves of the cell below").isEqualTo(new Standing(new Cell(1, 1), new Span(1, 2)));
    }

    @Test
    void nothingIsSplitBelowWhatCanBeSeen() {
        Intention[] halves = new Intention[5];
        java.util.Arrays.fill(halves, new SplitCell("den", new Cell(0, 0), Axis.COLUMNS));
        assertThatThrownBy(() -> den(halves)).hasMessageContaining("split-too-small");
    }

    @Test
    void aLineComesInAndNothingMovesIfItIsTheLast() {
        assertThat(drawn(den(new InsertLine("den", Axis.ROWS, 1)))).containsExactly("bed lamp . mat", ". . . .", "rug . box .");
        assertThat(moving(new InsertLine("den", Axis.ROWS, 2))).as("by row and place").isEqualTo(0);
        assertThat(den(new StretchButton("den", "den/lamp", new Span(2, 1)), new InsertLine("den", Axis.ROWS, 1)).button("den/lamp").orElseThrow().span())
            .as("what goes across goes on across").isEqualTo(new Span(3, 1));
        Vocabulary tall = vocabulary(board("den", "a " + ".".repeat(1)).withShape(new Shape(40, 2)));
        assertThatThrownBy(() -> new InsertLine("den", Axis.ROWS, 40).on(tall, ids())).hasMessageContaining("too-many-lines");
    }

    @Test
    void onlyAnEmptyLineGoesOut() {
        assertThatThrownBy(() -> den(new RemoveLine("den", Axis.COLUMNS, 3))).hasMessageContaining("line-not-empty").hasMessageContaining("mat");
        assertThat(drawn(den(new TakeOff("den", "den/mat"), new RemoveLine("den", Axis.COLUMNS, 3)))).containsExactly("bed lamp .", "rug . box");
        assertThatThrownBy(() -> new RemoveLine("hut", Axis.ROWS, 0).on(boards, ids())).hasMessageContaining("last-line");
    }

    @Test
    void aLineMovesWithWhatStandsOnIt() {
        assertThat(drawn(den(new MoveLine("den", Axis.COLUMNS, 3, 1)))).containsExactly("bed mat lamp .", "rug . . box");
        assertThat(drawn(den(new MoveLine("den", Axis.COLUMNS, 0, 3)))).containsExactly("lamp . mat bed", ". box . rug");
        assertThat(drawn(den(new MoveLine("den", Axis.ROWS, 0, 1)))).containsExactly("rug . box .", "bed lamp . mat");
        assertThatThrownBy(() -> den(new StretchButton("den", "den/lamp", new Span(1, 2)), new MoveLine("den", Axis.COLUMNS, 1, 0)))
            .hasMessageContaining("line-has-wide");
        assertThat(moving(new MoveLine("den", Axis.ROWS, 0, 1))).isEqualTo(5);
    }

    @Test
    void aLineIsMadeWiderAndNoWordChangesItsCell() {
        Board wide = den(new SizeLine("den", Axis.COLUMNS, 0, 200));
        assertThat(wide.shape().widths()).containsExactly(2, 1, 1, 1);
        assertThat(drawn(wide)).isEqualTo(drawn(boards.boards().get("den")));
        assertThat(den(new SizeLine("den", Axis.COLUMNS, 0, 200), new SizeLine("den", Axis.COLUMNS, 0, 50)).shape()).isEqualTo(new Shape(2, 4));
        assertThatThrownBy(() -> new SizeLine("den", Axis.COLUMNS, 0, 1000)).hasMessageContaining("line-size");
    }

    @Test
    void aPatternIsLaidRowByRow() {
        Vocabulary wide = vocabulary(board("home", "I . . . . ."), board("a", ". . . . . .", ". . . . . ."), board("b", ". . . . . .", ". . . . . ."));
        Pattern days = Pattern.ALL.stream().filter(p -> p.key().equals("days")).findFirst().orElseThrow();
        List<ReadyWord> words = days.rows().stream().flatMap(List::stream).map(w -> new ReadyWord(w.label(), null, w.kind())).toList();
        Change made = new LayRows("Days", null, null, new Shape(4, 6), days, words).on(wide, ids());
        Board board = made.after().boards().get(made.added().get(0));
        assertThat(drawn(board).get(0)).startsWith("Monday Tuesday Wednesday Thursday Friday");
        assertThat(drawn(board).get(1)).startsWith("Saturday Sunday");
        Board small = new LayRows("Days", null, null, new Shape(2, 3), days, words).on(wide, ids()).after().boards().values().stream()
            .filter(b -> b.name().equals("Days")).findFirst().orElseThrow();
        assertThat(small.buttons()).as("a small board grows until all have room").hasSizeGreaterThanOrEqualTo(words.size());
        assertThat(Siblings.of(wide, null).shape(4, null)).as("the side nobody told is its siblings'").isEqualTo(new Shape(4, 6));
        assertThat(Pattern.ALL).extracting(Pattern::key).doesNotHaveDuplicates().hasSize(14);
    }
}
