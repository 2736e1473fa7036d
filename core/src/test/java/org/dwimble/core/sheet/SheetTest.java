package org.dwimble.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;
import static org.dwimble.core.sheet.PlainType.PLAIN;

import java.util.List;
import java.util.Objects;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Shown;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.Look;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.told.Told;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheetTest {
    private static final Screen TABLET = Screen.ofDiagonal(10.2, 4, 3);

    @ParameterizedTest
    @CsvSource({"0.0005,1", "-0.0005,0", "-0.0015,-1", "0.0004,0", "-0.0006,-1", "2.5,2500"})
    void lengthsRoundToTheNearestMicrometreAndHalvesUp(double mm, long micrometres) {
        assertThat(Length.mm(mm).micrometres()).isEqualTo(micrometres);
    }

    @Test
    void anInchIsExact() {
        assertThat(Length.inches(1)).isEqualTo(new Length(25_400));
        assertThat(Length.points(72)).isEqualTo(new Length(25_400));
        assertThat(Paper.LETTER.width(false)).isEqualTo(new Length(215_900));
        assertThat(Paper.A4.width(true)).isEqualTo(Length.mm(297));
    }

    @Test
    void theCellsMessageAndMarginsTogetherMakeUpTheScreen() {
        TalkLayout layout = new TalkLayout(TABLET, 5, 8);
        double width = TABLET.width().mm();
        assertThat(layout.gridWidth().mm() + 2 * TalkLayout.MARGIN * width).isCloseTo(width, within(0.01));
        double height = layout.gridHeight().mm() + 2 * TalkLayout.MARGIN * width + layout.gapLength().mm() + TalkLayout.MESSAGE * TABLET.height().mm();
        assertThat(height).isCloseTo(TABLET.height().mm(), within(0.01));
    }

    @Test
    void aCellIsSmallIfEitherSideIsUnderAFingertip() {
        assertThat(new TalkLayout(TABLET, 5, 8).small()).isFalse();
        assertThat(new TalkLayout(TABLET, 2, 18).small()).as("narrow").isTrue();
        assertThat(new TalkLayout(TABLET, 12, 3).small()).as("low").isTrue();
    }

    private static Page lay(Board board, Paper paper, boolean lying, BoardSheet.Size size, boolean cut) {
        List<Page> pages = BoardSheet.lay(board, vocabulary(board).whole(), Revealed.of(vocabulary(board))::shows, new BoardSheet.Setup(paper, lying,
            size, 80, cut,
            BoardSheet.Ink.FULL, TABLET), "Ilse’s words · Harbour", PLAIN);
        assertThat(pages).hasSize(1);
        return pages.get(0);
    }

    private static List<Rect> cards(Page page) {
        return page.marks().stream().filter(Mark.Card.class::isInstance).map(m -> ((Mark.Card) m).rect()).toList();
    }

    @Test
    void onPaperACellIsExactlyAsLargeAsOnTheScreen() {
        Board b = board("b", "I want go see", "crab gull seal net");
        TalkLayout screen = new TalkLayout(TABLET, 2, 4);
        Page page = lay(b, Paper.A4, true, BoardSheet.Size.SCREEN, false);
        assertThat(cards(page)).hasSize(8).allSatisfy(card -> {
            assertThat(card.width()).isEqualTo(screen.cellWidth());
            assertThat(card.height()).isEqualTo(screen.cellHeight());
        });
        assertThat(cards(page).get(1).x().minus(cards(page).get(0).x())).isEqualTo(screen.cellWidth().plus(screen.gapLength()));
        assertThat(page.notes()).isEmpty();
    }

    @Test
    void whatTheBoardLooksLikeIsPrinted() {
        Board b = board("b", "I want", "go see");
        Button i = b.buttons().get(0);
        Board dressed = b.withShape(new Shape(2, 2, List.of(), List.of(2, 1))).withLook(new Look(null, null, 4, null, null, 0, null, null,
            ColouredPaper.OAT.colour(), null))
            .with(i.withShown(i.shown().withLook(Look.PLAIN.withFill(Colour.of("#203060")))));
        Page page = lay(dressed, Paper.A4, true, BoardSheet.Size.PAGE, false);
        List<Mark.Card> drawn = page.marks().stream().filter(Mark.Card.class::isInstance).map(Mark.Card.class::cast).toList();
        assertThat(drawn.get(0).fill()).as("behind the buttons").isEqualTo(ColouredPaper.OAT.colour());
        assertThat(drawn.get(1).fill()).isEqualTo(Colour.of("#203060"));
        assertThat(drawn.get(1).rect().width().mm()).as("twice as wide").isCloseTo(drawn.get(2).rect().width().mm() * 2, within(0.01));
        assertThat(drawn.get(1).radius()).isEqualTo(Length.ZERO);
        assertThat(drawn.get(1).edge().mm()).isGreaterThan(1);
        assertThat(page.marks().stream().filter(Mark.Writing.class::isInstance).map(Mark.Writing.class::cast).filter(m -> m.text().equals("I")))
            .allMatch(Mark.Writing::onDark);
    }

    @Test
    void lettersAllAlikeAreAsLargeAsTheLongestLabelAllows() {
        Board b = board("b", "I wheelbarrow", "go see").withLook(new Look(null, null, null, null, null, null, TypeSize.EQUAL, null, null, null));
        Page page = lay(b, Paper.A4, true, BoardSheet.Size.SCREEN, false);
        assertThat(page.marks().stream().filter(Mark.Writing.class::isInstance).map(Mark.Writing.class::cast).filter(Mark.Writing::centred)
            .map(Mark.Writing::size).distinct()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"A4,true", "A4,false", "LETTER,true", "LETTER,false"})
    void nothingIsDrawnBeyondTheEdgeOfThePaper(Paper paper, boolean lying) {
        for (BoardSheet.Size size : BoardSheet.Size.values()) {
            Board b = board("b", "I want go", "crab gull seal", "net . .");
            for (Page page : BoardSheet.lay(b, vocabulary(b).whole(), any -> true, new BoardSheet.Setup(paper, lying, size, 130, true, BoardSheet.Ink.FULL,
                TABLET), "", PLAIN)) {
                assertThat(page.width()).isEqualTo(paper.width(lying));
                assertThat(page.marks().stream().map(m -> m instanceof Mark.Within w ? w.window() : m instanceof Mark.Card c ? c.rect() : null)
                    .filter(Objects::nonNull)).isNotEmpty().allSatisfy(c -> {
                        assertThat(c.x()).isGreaterThanOrEqualTo(BoardSheet.EDGE);
                        assertThat(c.right()).isLessThanOrEqualTo(page.width().minus(BoardSheet.EDGE));
                        assertThat(c.bottom()).isLessThanOrEqualTo(page.height().minus(BoardSheet.EDGE));
                    });
            }
        }
    }

    @Test
    void cutLinesRunHalfWayBetweenTheCells() {
        Page page = lay(board("b", "I go", "see net"), Paper.A4, true, BoardSheet.Size.PAGE, true);
        List<Mark.Line> cuts = page.marks().stream().filter(Mark.Line.class::isInstance).map(Mark.Line.class::cast).filter(Mark.Line::dashed).toList();
        assertThat(cuts).hasSize(6);
        Length middle = cards(page).get(0).right().plus(cards(page).get(1).x().minus(cards(page).get(0).right()).times(0.5));
        assertThat(cuts.get(1).x1().mm()).isCloseTo(middle.mm(), within(0.002));
        assertThat(lay(board("b", "I go"), Paper.A4, true, BoardSheet.Size.PAGE, false).marks()).noneMatch(m -> m instanceof Mark.Line l && l.dashed());
    }

    @Test
    void theRulerAtTheFootIsFiftyMillimetres() {
        Page page = lay(board("b", "I"), Paper.LETTER, false, BoardSheet.Size.PAGE, false);
        assertThat(page.marks()).anyMatch(m -> m instanceof Mark.Line l && !l.dashed() && l.x2().minus(l.x1()).equals(Length.mm(50)));
    }

    @Test
    void aButtonThatOpensABoardIsTwoStackedCardsAndAHiddenOneIsNotPrinted() {
        Board b = board("b", "food>food crab");
        assertThat(cards(lay(b, Paper.A4, true, BoardSheet.Size.PAGE, false))).hasSize(3);
        Button crab = b.button("b/crab").orElseThrow();
        Button hidden = crab.withShown(Shown.NO);
        assertThat(cards(lay(b.with(hidden), Paper.A4, true, BoardSheet.Size.PAGE, false))).hasSize(2);
    }

    private static FittedLabel fit(String label, double width, double height) {
        return FittedLabel.fit(label, Length.mm(width), Length.mm(height), Length.mm(8), PLAIN);
    }

    @Test
    void aLabelIsSetAsLargeAsItFits() {
        assertThat(fit("crab", 40, 20).size()).isEqualTo(Length.mm(8));
        assertThat(fit("a very long word line", 20, 20).lines()).hasSize(2);
        FittedLabel one = fit("helicopter", 20, 20);
        assertThat(one.lines()).containsExactly("helicopter");
        assertThat(PLAIN.width("helicopter", one.size())).isLessThanOrEqualTo(Length.mm(20));
        assertThat(PLAIN.width("helicopter", one.size().times(1 / 0.95))).isGreaterThan(Length.mm(20));
    }

    @Test
    void onlyWhatFitsNowhereIsCutAndItIsSaid() {
        FittedLabel cut = fit("x".repeat(90), 20, 20);
        assertThat(cut.whole()).isFalse();
        assertThat(cut.size()).isEqualTo(FittedLabel.SMALLEST);
        assertThat(cut.lines().get(0)).endsWith("…");
        Board b = Board.empty("b", "b", new Shape(3, 9)).with(Button.word("x", new Cell(0, 0), "x".repeat(90), null, Kind.THING));
        assertThat(lay(b, Paper.A4, false, BoardSheet.Size.PAGE, false).notes()).singleElement().extracting(Told::key).isEqualTo("cut-short-on-paper");
        assertThat(fit("", 20, 20).lines()).isEmpty();
    }

    @Test
    void charactersThatCannotBeDrawnAreLeftOutAndSaid() {
        Board b = Board.empty("b", "b", new Shape(1, 1)).with(Button.word("x", new Cell(0, 0), "crab 🦀", null, Kind.THING));
        Page page = lay(b, Paper.A4, true, BoardSheet.Size.PAGE, false);
        assertThat(page.marks()).anyMatch(m -> m instanceof Mark.Writing w && w.text().equals("crab"));
        assertThat(page.notes()).containsExactly(Told.of("left-out-on-paper", "label", "crab 🦀"));
    }

    @Test
    void everyKindHasAMarkInsideItsSquare() {
        Rect square = new Rect(Length.mm(10), Length.mm(10), Length.mm(2), Length.mm(2));
        for (Kind kind : Kind.values()) {
            assertThat(KindShape.of(kind, square)).as(kind.word()).allSatisfy(p -> {
                assertThat(p.x().mm()).isBetween(9.8, 12.2);
                assertThat(p.y().mm()).isBetween(9.8, 12.2);
            });
        }
        assertThat(KindShape.of(Kind.QUESTION, square)).isEmpty();
    }
}
