package org.dwimble.core.first;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.Effect;
import org.dwimble.core.edit.boards.BeginSentence;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.grammar.Fitting;
import org.dwimble.core.measure.Length;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.talk.Around;
import org.dwimble.core.talk.Talking;
import org.dwimble.core.talk.Tapped;
import org.dwimble.core.talk.Token;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FirstBoardTest {
    private static final Screen TABLET = UsualScreen.COMMON.screen();

    @ParameterizedTest
    @CsvSource({"2,1,2", "3,1,3", "4,2,2", "5,2,3", "6,2,3", "7,2,4", "8,2,4", "9,3,3"})
    void theGridIsThatOfAllItIsToHoldOneDay(int cells, int rows, int columns) {
        assertThat(FirstBoard.of(cells, false, TABLET, Hand.USUAL).shape()).isEqualTo(new Shape(rows, columns));
        assertThat(FirstBoard.of(cells, false, new Screen(TABLET.height(), TABLET.width()), Hand.USUAL).shape()).isEqualTo(new Shape(columns, rows));
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 1, 10})
    void fewerThanTwoCellsAreNoChoiceAndMoreThanNineNoFirstBoard(int cells) {
        assertThatThrownBy(() -> FirstBoard.of(cells, false, TABLET, Hand.USUAL)).isInstanceOf(Unacceptable.class).extracting("told.key")
            .isEqualTo("first-board-cells");
    }

    @Test
    void theGapIsWhatTheHandNeedsInMillimetresOnAnyScreen() {
        for (UsualScreen usual : UsualScreen.ALL.subList(1, UsualScreen.ALL.size())) {
            FirstBoard board = FirstBoard.of(4, false, usual.screen(), new Hand(Length.mm(20), Length.mm(15), ""));
            assertThat(board.gapLength().mm()).isCloseTo(15, org.assertj.core.data.Offset.offset(usual.screen().width().mm() / 2_000));
            assertThat(board.board("b", "b", null, null).look().gap()).isEqualTo(board.gap());
        }
    }

    @Test
    void cellsKeepTheSizeThatWasFoundRightAndTheGapGivesWay() {
        Hand hand = new Hand(Length.mm(55), Length.mm(40), "his palm rests");
        FirstBoard two = FirstBoard.of(2, false, TABLET, hand);
        assertThat(two.gapLength().mm()).isBetween(39.5, 40.5);
        FirstBoard six = FirstBoard.of(6, false, TABLET, hand);
        assertThat(six.largeEnough()).isTrue();
        assertThat(six.gapLength().mm()).isBetween(5.0, 39.0);
        assertThat(six.cellWidth().mm()).isGreaterThanOrEqualTo(55);
        assertThat(six.cellHeight().mm()).isGreaterThanOrEqualTo(55);
        assertThat(FirstBoard.of(9, false, TABLET, hand).largeEnough()).isFalse();
    }

    @Test
    void theFirstStandInOppositeCornersAndLaterOnesBetweenThem() {
        assertThat(FirstBoard.order(board(4))).containsExactly(cell(0, 0), cell(1, 1), cell(0, 1), cell(1, 0));
        assertThat(FirstBoard.order(board(9))).startsWith(cell(0, 0), cell(2, 2), cell(0, 2), cell(2, 0), cell(1, 1));
        assertThat(FirstBoard.order(board(3))).containsExactly(cell(0, 0), cell(0, 2), cell(0, 1));
    }

    @Test
    void whereWordsGoIsTheSameWhetherTheyComeTogetherOrOneByOne() {
        Board board = board(9);
        List<Cell> together = FirstBoard.order(board);
        for (Cell cell : together) {
            assertThat(FirstBoard.order(board).get(0)).isEqualTo(cell);
            board = board.with(List.of(Button.word("b" + cell, cell, "word", null, null)));
        }
        assertThat(FirstBoard.order(board)).isEmpty();
    }

    private static Board board(int cells) {
        return FirstBoard.of(cells, false, TABLET, Hand.USUAL).board("b", "first", null, null);
    }

    private static Cell cell(int row, int column) {
        return new Cell(row, column);
    }

    @Test
    void aSentenceHasARowOfItsOwnAboveTheChoicesWhichEndIt() {
        Button wren = Button.word("w", cell(0, 0), "Wren", null, Kind.WHO);
        Button wants = Button.word("x", cell(0, 0), "wants", null, Kind.DO);
        Board board = FirstBoard.of(6, true, TABLET, Hand.USUAL).board("b", "first", wren, wants);
        assertThat(board.shape()).isEqualTo(new Shape(3, 3));
        assertThat(board.buttons()).extracting(Button::label).containsExactly("Wren", "wants");
        assertThat(board.emptyCells()).allMatch(c -> c.row() > 0);
        assertThat(FirstBoard.order(board)).startsWith(cell(1, 0), cell(2, 2));
        Board two = board.with(List.of(Button.word("c", cell(1, 0), "crisps", null, null).withActs(FirstBoard.actsOn(board))));
        Around around = new Around("b", b -> true, new Fitting(List.of()), "", List.of());
        Tapped tapped = new Tapped(Talking.at("b"), List.of(), false);
        for (Button button : two.buttons()) {
            tapped = tapped.after().tap(button, around);
        }
        assertThat(tapped.performed()).containsExactly(Effect.Say.plainly("Wren wants crisps"), new Effect.NextTurn());
        Tapped anew = tapped.after().tap(two.buttons().get(0), around);
        assertThat(anew.after().message()).extracting(Token::text).containsExactly("Wren");
        assertThat(FirstBoard.actsOn(board(4))).isEqualTo(Acts.SPEAK);
    }

    @Test
    void aBoardThatIsThereGetsItsSentenceAboveAndOnlyWordsThatJustSpokeEndIt() {
        Button opens = Button.leading("o", cell(1, 1), "more", null, Leads.HOME);
        Board narrow = Board.empty("b", "first", new Shape(2, 1)).with(List.of(Button.word("c", cell(0, 0), "crisps", null, Kind.THING)));
        AtomicInteger made = new AtomicInteger();
        Supplier<String> ids = () -> "n" + made.incrementAndGet();
        BeginSentence begin = new BeginSentence("b", new ReadyWord("Wren", null, Kind.WHO), new ReadyWord("wants", null, Kind.DO));
        Board wide = begin.on(Vocabulary.of("v", "b", "en", List.of(narrow)), ids).after().homeBoard();
        assertThat(wide.shape()).isEqualTo(new Shape(3, 2));
        assertThat(wide.buttons()).extracting(b -> b.label() + b.cell().row() + b.cell().column()).containsExactly("Wren00", "wants01", "crisps10");
        assertThat(wide.button("c").orElseThrow().acts()).isEqualTo(FirstBoard.actsOn(wide));
        Board led = FirstBoard.beginning(Board.empty("b", "first", new Shape(2, 2)), Button.word("w", cell(0, 0), "Wren", null, null),
            Button.word("x", cell(0, 0), "wants", null, null)).with(List.of(opens));
        assertThat(FirstBoard.hasSentence(led)).isTrue();
        refused("first-sentence-there", () -> begin.on(Vocabulary.of("v", "b", "en", List.of(led)), ids));
    }

    @Test
    void aSentenceOnAScreenHeldUprightHasRoomForBothItsWords() {
        assertThat(FirstBoard.of(2, true, new Screen(TABLET.height(), TABLET.width()), Hand.USUAL).shape()).isEqualTo(new Shape(3, 2));
    }

    @Test
    void itIsLaidOutForAllThatIsBroughtAsLongAsTheHandCanHitIt() {
        Hand hand = new Hand(Length.mm(55), Length.mm(10), "");
        assertThat(FirstBoard.holding(4, 2, false, TABLET, hand).cells()).isEqualTo(4);
        assertThat(FirstBoard.holding(2, 5, false, TABLET, hand).cells()).isEqualTo(5);
        refused("first-board-holds", () -> FirstBoard.holding(2, 9, false, TABLET, hand));
        refused("first-board-small", () -> FirstBoard.holding(9, 0, false, TABLET, hand));
        assertThat(FirstBoard.holding(2, 9, false, TABLET, Hand.USUAL).cells()).isEqualTo(9);
        refused("first-board-holds", () -> FirstBoard.holding(2, 10, false, TABLET, Hand.USUAL));
    }

    private static void refused(String key, ThrowingCallable made) {
        assertThatThrownBy(made).isInstanceOf(Unacceptable.class).extracting("told.key").isEqualTo(key);
    }
}
