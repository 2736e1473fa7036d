package org.dwimble.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;
import static org.dwimble.core.sheet.PlainType.PLAIN;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Boards larger than a sheet, several boards as a book, and keyguards. */
class BoardBookTest {
    private static final Screen TABLET = Screen.ofDiagonal(10.2, 4, 3);
    private static final Screen WALL = Screen.ofDiagonal(24, 16, 9);
    private static final Predicate<Button> ALL = b -> true;

    private final Vocabulary boats = vocabulary(
        board("home", "I want harbour>harbour", "food>food go ."),
        board("harbour", "crab gull boats>boats", "back:back home:home net"),
        board("food", "fish crab .", "back:back home:home ."),
        board("boats", "ferry dinghy .", "back:back home:home ."),
        board("lost", "whale . .", "back:back home:home ."),
        board("blank", ". . .", "back:back home:home ."));

    private static BoardSheet.Setup setup(BoardSheet.Size size, int percent, BoardSheet.Ink ink, Screen screen) {
        return new BoardSheet.Setup(Paper.A4, true, size, percent, false, ink, screen);
    }

    private List<Page> book(boolean tabs, boolean index) {
        return BoardBook.lay(boats, BoardBook.inOrder(boats, "home", ALL), ALL, setup(BoardSheet.Size.PAGE, 100, BoardSheet.Ink.FULL, TABLET),
            new BoardBook.Binding(tabs, index), Board::name, PLAIN);
    }

    private static List<String> words(Page page) {
        return Mark.all(page.marks()).filter(Mark.Writing.class::isInstance).map(m -> ((Mark.Writing) m).text()).toList();
    }

    private static Stream<Mark.Line> lines(Page page, boolean dashed) {
        return page.marks().stream().filter(Mark.Line.class::isInstance).map(Mark.Line.class::cast).filter(l -> l.dashed() == dashed);
    }

    @Test
    void aBoardLargerThanASheetComesOnSeveralThatShowTheirOverlapTwice() {
        Board wide = board("b", "I go see want eat play", "1 2 3 4 5 6");
        List<Page> pages = BoardSheet.lay(wide, vocabulary(wide).whole(), ALL, setup(BoardSheet.Size.SCREEN, 100, BoardSheet.Ink.FULL, WALL), "Harbour", PLAIN);
        assertThat(pages).hasSize(4);
        assertThat(pages.get(0).notes()).containsExactly(Told.of("over-several-sheets", "sheets", 4, "percent", 54));
        TalkLayout screen = new TalkLayout(WALL, 2, 6);
        Rect room = BoardSheet.room(setup(BoardSheet.Size.SCREEN, 100, BoardSheet.Ink.FULL, WALL), Length.ZERO);
        for (Page page : pages) {
            Mark.Within seen = (Mark.Within) page.marks().get(0);
            assertThat(seen.window().right()).isLessThanOrEqualTo(room.right());
            assertThat(seen.window().bottom()).isLessThanOrEqualTo(room.bottom());
            assertThat(seen.marks().stream().filter(Mark.Card.class::isInstance).map(m -> ((Mark.Card) m).rect().width())).as("at true size")
                .isNotEmpty().containsOnly(screen.cellWidth());
        }
        assertThat(pages.stream().flatMap(p -> words(p).stream()).distinct()).contains("I", "go", "see", "want", "eat", "play", "1", "6");
        assertThat(pages.stream().flatMap(p -> words(p).stream()).filter("I"::equals)).as("what lies on one sheet alone is drawn on that alone").hasSize(1);
        String twice = words(pages.get(0)).stream().filter(words(pages.get(1))::contains).findFirst().orElseThrow();
        assertThat(x(pages.get(1), twice).minus(x(pages.get(0), twice))).as("each sheet goes on where the one before ends, less what is shown twice")
            .isEqualTo(room.width().minus(Poster.OVERLAP).times(-1));
        assertThat(lines(pages.get(0), false).filter(l -> l.x1().equals(room.right().minus(Poster.OVERLAP)))).as("where the next one’s edge goes").hasSize(2);
        assertThat(lines(pages.get(1), true)).as("its edge is cut").anyMatch(l -> l.x1().equals(room.x()) && l.x2().equals(room.x()));
        assertThat(words(pages.get(3))).anyMatch(w -> w.startsWith("row 2, column 2 of 4 sheets to glue"));
    }

    private static Length x(Page page, String word) {
        return Mark.all(page.marks()).filter(m -> m instanceof Mark.Writing w && w.text().equals(word)).map(m -> ((Mark.Writing) m).x()).findFirst()
            .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"54,1", "55,2", "100,4", "200,12"})
    void whatIsScaledTakesTheSheetsItNeeds(int percent, int sheets) {
        Board b = board("b", "I go");
        assertThat(BoardSheet.lay(b, vocabulary(b).whole(), ALL, setup(BoardSheet.Size.SCALED, percent, BoardSheet.Ink.FULL, WALL), "", PLAIN)).hasSize(sheets);
    }

    @Test
    void aSizeThatIsNoneIsRefused() {
        assertThatThrownBy(() -> setup(BoardSheet.Size.SCALED, 0, BoardSheet.Ink.FULL, TABLET)).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> setup(BoardSheet.Size.SCALED, 401, BoardSheet.Ink.FULL, TABLET)).isInstanceOf(Unacceptable.class);
    }

    @Test
    void inkIsSavedByWhiteCardsWithThinEdges() {
        Board b = board("b", "I go").withLook(Look.PLAIN.withFill(Colour.of("#203060")));
        List<Mark> full = BoardSheet.lay(b, vocabulary(b).whole(), ALL, setup(BoardSheet.Size.PAGE, 100, BoardSheet.Ink.FULL, TABLET), "", PLAIN).get(0)
            .marks();
        List<Mark> saving = BoardSheet.lay(b, vocabulary(b).whole(), ALL, setup(BoardSheet.Size.PAGE, 100, BoardSheet.Ink.SAVING, TABLET), "", PLAIN).get(0)
            .marks();
        assertThat(full).anyMatch(m -> m instanceof Mark.Card c && c.fill() != null).anyMatch(m -> m instanceof Mark.Writing w && w.onDark());
        assertThat(saving).noneMatch(m -> m instanceof Mark.Card c && (c.fill() != null || c.edge().micrometres() > 0))
            .noneMatch(m -> m instanceof Mark.Writing w && w.onDark());
    }

    @Test
    void boardsComeAsOneLeafsAndThoseThatShowNothingAreLeftOut() {
        assertThat(BoardBook.inOrder(boats, "home", ALL)).extracting(Board::id).containsExactly("home", "harbour", "boats", "food", "lost");
        assertThat(BoardBook.inOrder(boats, "harbour", ALL)).extracting(Board::id).containsExactly("harbour", "boats");
        assertThat(BoardBook.inOrder(boats, "home", b -> !b.id().equals("harbour/boats") && !b.id().startsWith("boats/"))).as("a way that is not shown")
            .extracting(Board::id).containsExactly("home", "harbour", "food", "lost");
    }

    @Test
    void buttonsThatOpenABoardTellItsPage() {
        List<Page> book = book(false, false);
        assertThat(book).hasSize(5);
        assertThat(words(book.get(0))).contains("p. 2", "p. 4").anyMatch(w -> w.startsWith("page 1 · home"));
        assertThat(words(book.get(1))).contains("p. 3");
        assertThat(words(book.get(3))).anyMatch(w -> w.startsWith("page 4 · food")).noneMatch(w -> w.startsWith("p. "));
    }

    @Test
    void tabsStandBelowOneAnotherAndTheRestOfTheStripIsCutOff() {
        List<Page> book = book(true, false);
        Rect room = BoardSheet.room(setup(BoardSheet.Size.PAGE, 100, BoardSheet.Ink.FULL, TABLET), Length.ZERO);
        assertThat(lines(book.get(0), true)).as("home has no tab").singleElement().satisfies(l -> assertThat(l.y2().minus(l.y1())).isEqualTo(room.height()));
        Rect harbour = tab(book.get(1), room);
        assertThat(tab(book.get(2), room)).as("boats belong to the harbour").isEqualTo(harbour);
        assertThat(tab(book.get(3), room).y()).isEqualTo(harbour.bottom());
        assertThat(harbour.right()).isEqualTo(room.right());
        assertThat(words(book.get(1))).contains("harbour");
        for (Page page : book) {
            assertThat(page.marks().stream().filter(Mark.Card.class::isInstance).map(m -> ((Mark.Card) m).rect()).filter(r -> r.right()
                .compareTo(room.right()) < 0))
                .as("boards keep clear of the strip").allMatch(r -> r.right().compareTo(room.right().minus(Length.mm(20))) < 0);
        }
    }

    private static Rect tab(Page page, Rect room) {
        return page.marks().stream().filter(Mark.Card.class::isInstance).map(m -> ((Mark.Card) m).rect()).filter(r -> r.right().equals(room.right()))
            .findFirst()
            .orElseThrow();
    }

    @Test
    void theIndexHasEveryWordThatIsShownWithItsPages() {
        List<Page> book = book(false, true);
        List<String> index = words(book.get(book.size() - 1));
        assertThat(index.get(0)).isEqualTo("Where the words are");
        assertThat(index.subList(1, index.indexOf("crab") + 2)).containsExactly("crab", "2, 4");
        assertThat(index.subList(index.indexOf("ferry"), index.indexOf("ferry") + 2)).containsExactly("ferry", "3");
        assertThat(index).doesNotContain("back", "home").anyMatch(w -> w.startsWith("page 6 · "));
    }

    @Test
    void aKeyguardHasItsOpeningsWhereTheButtonsAreOnTheScreen() {
        Board b = board("b", "I want .", "go see net");
        BoardSheet.Setup setup = setup(BoardSheet.Size.PAGE, 100, BoardSheet.Ink.FULL, TABLET);
        List<Page> pages = Keyguard.lay(b, vocabulary(b).whole(), x -> !x.label().equals("net"), setup, "keyguard", PLAIN);
        assertThat(pages).hasSize(1);
        List<Rect> cards = pages.get(0).marks().stream().filter(Mark.Card.class::isInstance).map(m -> ((Mark.Card) m).rect()).toList();
        Rect plate = cards.get(0);
        assertThat(plate.width()).isEqualTo(TABLET.width());
        assertThat(plate.height()).isEqualTo(TABLET.height());
        assertThat(cards).as("plate, message and four words that are shown").hasSize(6);
        TalkLayout layout = new TalkLayout(TABLET, 2, 3);
        Rect want = cards.get(3);
        assertThat(want.width()).isEqualTo(layout.cellWidth());
        assertThat(want.x().minus(plate.x()).mm()).isCloseTo(TABLET.width().mm() * TalkLayout.MARGIN + layout.cellWidth().mm() + layout.gapLength()
            .mm(), within(0.01));
        Rect go = cards.get(4);
        assertThat(plate.bottom().minus(go.bottom()).mm()).as("the lowest row ends a margin above the edge").isCloseTo(TABLET.width().mm() * TalkLayout.MARGIN,
            within(0.01));
        assertThat(Keyguard.lay(b, vocabulary(b).whole(), ALL, setup(BoardSheet.Size.PAGE, 100, BoardSheet.Ink.FULL, WALL), "keyguard", PLAIN))
            .hasSize(4).first().satisfies(p -> assertThat(p.notes()).hasSize(1));
    }
}
