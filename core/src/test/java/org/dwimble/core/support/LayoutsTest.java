package org.dwimble.core.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.support.Supports.UPRIGHT;
import static org.dwimble.core.support.Supports.cards;
import static org.dwimble.core.support.Supports.lay;
import static org.dwimble.core.support.Supports.page;
import static org.dwimble.core.support.Supports.pictures;
import static org.dwimble.core.support.Supports.shown;
import static org.dwimble.core.support.Supports.texts;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Cell;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

/** Each support by the numbers of its layout. */
class LayoutsTest {
    private static final PageSetup LYING = page(Paper.A4, PageSetup.Turn.LYING);

    private static Strip strip(boolean standing, int inRow, Strip.Heads heads, Strip.Done done) {
        return new Strip(standing, inRow, Length.mm(45), heads, 9 * 60, 45, done);
    }

    @Test
    void aStripRunsOnInOrderTouchingAndEndsInAPocket() {
        Page sheet = lay(strip(false, 4, Strip.Heads.NUMBERS, Strip.Done.POCKET), LYING, "ferry", "bag", "seal", "crab", "snack").pages().get(0);
        List<Rect> squares = cards(sheet);
        assertThat(squares).hasSize(5).allMatch(s -> s.width().equals(Length.mm(45)) && s.height().equals(Length.mm(45)));
        assertThat(squares.get(1).x()).isEqualTo(squares.get(0).right());
        assertThat(squares.get(4).x()).as("four in a row, the fifth below").isEqualTo(squares.get(0).x());
        assertThat(texts(sheet)).contains("1", "5", "done");
    }

    @Test
    void aStandingStripGoesDownAndHasBoxesToTick() {
        Page sheet = lay(strip(true, 3, Strip.Heads.NONE, Strip.Done.BOXES), UPRIGHT, "ferry", "bag", "seal", "crab").pages().get(0);
        List<Rect> squares = cards(sheet).stream().filter(r -> r.width().equals(Length.mm(45))).toList();
        assertThat(cards(sheet)).as("a box each").hasSize(8);
        assertThat(squares.get(1).x()).isEqualTo(squares.get(0).x());
        assertThat(squares.get(1).y().compareTo(squares.get(0).bottom())).isPositive();
        assertThat(squares.get(3).x().compareTo(squares.get(0).right())).as("the fourth begins beside").isPositive();
    }

    @Test
    void overAStripStandClockTimesOrPartsOfTheDay() {
        assertThat(texts(lay(strip(false, 0, Strip.Heads.CLOCK, Strip.Done.NONE), LYING, "a", "b", "c").pages().get(0))).contains("9:00", "9:45", "10:30");
        assertThat(texts(lay(strip(false, 0, Strip.Heads.PARTS, Strip.Done.NONE), LYING, "a", "b", "c", "d", "e", "f").pages().get(0)))
            .containsSubsequence("morning", "midday", "afternoon", "evening");
        assertThat(texts(lay(strip(false, 0, Strip.Heads.NOW_NEXT, Strip.Done.NONE), LYING, "a", "b").pages().get(0))).contains("now", "next");
    }

    @Test
    void firstAndThenStandInPairsEachInAFrame() {
        Laid laid = lay(new FirstThen(2, "First", "Then"), UPRIGHT, "wash", "play", "eat", "sleep", "read");
        assertThat(laid.sheets()).isEqualTo(2);
        assertThat(shown(laid.pages().get(0))).containsExactly("wash", "play", "eat", "sleep");
        assertThat(texts(laid.pages().get(0))).contains("First", "Then");
        assertThat(cards(laid.pages().get(1))).as("the last pair waits for its second").hasSize(2);
    }

    @Test
    void choicesAreSquareAndAsLargeAsTheSheetAllows() {
        for (int n = 2; n <= 8; n++) {
            List<Rect> cards = cards(lay(new Choices(n, "Which?"), LYING, "a", "b").pages().get(0));
            assertThat(cards).hasSize(n).allMatch(c -> c.width().equals(c.height()));
        }
        assertThatThrownBy(() -> new Choices(9, "")).isInstanceOf(Unacceptable.class);
    }

    @Test
    void aTokenBoardHasAPlaceForEachTokenAndTheTokensToCut() {
        Laid laid = lay(new TokenBoard(7, "I am working for", true), UPRIGHT, "ferry");
        assertThat(laid.sheets()).isEqualTo(2);
        assertThat(cards(laid.pages().get(0))).as("seven places and what is worked for").hasSize(8);
        List<Rect> tokens = cards(laid.pages().get(1));
        assertThat(tokens).hasSize(7);
        assertThat(tokens.get(0).width()).as("a token fills its place").isEqualTo(cards(laid.pages().get(0)).get(1).width());
    }

    @Test
    void rulesAreNumberedOnOverSheets() {
        Laid laid = lay(new Rules(3, "Our rules", true), UPRIGHT, "a", "b", "c", "d");
        assertThat(laid.sheets()).isEqualTo(2);
        assertThat(texts(laid.pages().get(1))).contains("Our rules", "4", "d");
    }

    @Test
    void theFirstFeelingIsLowestAndColoursGoFromCalmToTooMuch() {
        Page sheet = lay(new FeelingsScale(5, "", null, null), UPRIGHT, "calm", "fine", "worried", "cross", "furious").pages().get(0);
        List<Mark.Card> rows = sheet.marks().stream().filter(Mark.Card.class::isInstance).map(Mark.Card.class::cast).toList();
        assertThat(rows).hasSize(5).extracting(Mark.Card::fill).doesNotHaveDuplicates();
        assertThat(rows.get(0).rect().y().compareTo(rows.get(4).rect().y())).isPositive();
        assertThat(shown(sheet)).containsExactly("calm", "fine", "worried", "cross", "furious");
    }

    @Test
    void aScaleBeginsAsStrengthsOfOneColourWithoutNumbers() {
        Page sheet = lay(FeelingsScale.USUAL, UPRIGHT, "calm", "worried", "angry", "furious").pages().get(0);
        List<org.dwimble.core.look.Colour> fills = sheet.marks().stream().filter(Mark.Card.class::isInstance).map(m -> ((Mark.Card) m).fill()).toList();
        assertThat(fills).hasSize(4).doesNotHaveDuplicates();
        assertThat(fills.stream().map(c -> c.red() + c.green() + c.blue()).toList()).as("each stronger than the one below")
            .isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(texts(sheet)).doesNotContain("1", "2", "3", "4");
        assertThatThrownBy(() -> new FeelingsScale(4, "", true, "puce")).hasMessageContaining("no-such-paper");
    }

    @Test
    void aConversationCardHasLinesToWriteOn() {
        Page sheet = lay(new ConversationCards(4, 3), UPRIGHT, "What did you see?").pages().get(0);
        assertThat(sheet.marks().stream().filter(m -> m instanceof Mark.Line l && !l.dashed())).as("three on each of four cards, and the ruler")
            .hasSize(12 + 3);
    }

    @Test
    void aGridFillsItsCellsInOrderAndLeavesTheEmptyOnes() {
        OwnGrid grid = new OwnGrid(2, 3, List.of(1, 4, 99), Length.mm(3), "Snack", false);
        Page sheet = lay(grid, LYING, "a", "b", "c", "d").pages().get(0);
        assertThat(grid.empty()).containsExactly(1, 4);
        List<Rect> cells = cards(sheet);
        assertThat(cells).hasSize(4);
        assertThat(cells.get(1).x().minus(cells.get(0).right())).as("one cell is left out").isEqualTo(cells.get(0).width().plus(Length.mm(6)));
        assertThat(shown(sheet)).containsExactly("a", "b", "c", "d");
        assertThatThrownBy(() -> new OwnGrid(1, 1, List.of(0), Length.ZERO, "", false)).isInstanceOf(Unacceptable.class);
    }

    @Test
    void aBookletFoldedIsReadInOrder() {
        Laid laid = lay(new Story(Story.Bound.BOOKLET, Length.ZERO, false, ""), LYING, "1", "2", "3", "4", "5", "6", "7");
        assertThat(laid.sheets()).isEqualTo(2);
        assertThat(laid.pages()).extracting(Supports::shown).containsExactly(List.of("1"), List.of("2", "7"), List.of("6", "3"), List.of("4", "5"));
        List<Rect> inner = pictures(laid.pages().get(3));
        assertThat(inner.get(0).x().compareTo(inner.get(1).x())).isNegative();
    }

    @Test
    void theInnerSheetsOfABookletMoveTowardsTheFold() {
        Laid flat = lay(new Story(Story.Bound.BOOKLET, Length.ZERO, false, ""), LYING, "1", "2", "3", "4", "5", "6", "7", "8");
        Laid crept = lay(new Story(Story.Bound.BOOKLET, Length.mm(2), false, ""), LYING, "1", "2", "3", "4", "5", "6", "7", "8");
        assertThat(pictures(crept.pages().get(0))).isEqualTo(pictures(flat.pages().get(0)));
        assertThat(pictures(crept.pages().get(3)).get(0).x().minus(pictures(flat.pages().get(3)).get(0).x())).isEqualTo(Length.mm(2));
        assertThat(pictures(crept.pages().get(3)).get(1).x().minus(pictures(flat.pages().get(3)).get(1).x())).isEqualTo(Length.mm(-2));
    }

    @Test
    void aPhotoStandsBesideTheNameAndNothingElseStandsThere() {
        Material plain = new Material("Home", Supports.words("ferry", "bag", "seal"), UPRIGHT, Supports.PLAIN, "Home · Ilse");
        Page with = Cards.USUAL.lay(plain.withPhoto("own/ilse")).pages().get(0);
        Rect photo = pictures(with).stream().filter(r -> r.y().compareTo(UPRIGHT.height(false).minus(Length.mm(40))) > 0).reduce((a, b) -> b).orElseThrow();
        assertThat(photo).isEqualTo(new Rect(UPRIGHT.margin(), UPRIGHT.height(false).minus(UPRIGHT.margin()).minus(Length.mm(15)), Length.mm(15),
            Length.mm(15)));
        Mark.Writing name = with.marks().stream().filter(m -> m instanceof Mark.Writing w && w.text().contains("Ilse")).map(Mark.Writing.class::cast)
            .findFirst().orElseThrow();
        assertThat(name.x()).isEqualTo(UPRIGHT.margin().plus(Length.mm(17)));
        assertThat(cards(with)).isNotEmpty().allMatch(card -> card.y().plus(card.height()).compareTo(photo.y()) <= 0);
        assertThat(pictures(Cards.USUAL.lay(plain).pages().get(0))).doesNotContain(photo);
    }

    @Test
    void smallPicturesStandOverTheWordsThatHaveOne() {
        List<Printed> story = List.of(Printed.of("We saw a seal on the ferry.", null));
        Material of = new Material("Trip", story, UPRIGHT, Supports.PLAIN, null, "Trip",
            word -> List.of("seal", "ferry.").contains(word) ? Optional.of("base/" + word.replace(".", "")) : Optional.empty(),
            Material.Ways.NONE);
        Page sheet = new Story(Story.Bound.ONE, Length.ZERO, true, "").lay(of).pages().get(0);
        assertThat(shown(sheet)).containsExactly("seal", "ferry");
        assertThat(texts(sheet)).containsSubsequence("We", "saw", "a", "seal");
    }

    @Test
    void aLongTextIsBrokenBetweenWordsAndMadeSmallerUntilItFits() {
        List<String> lines = Paragraph.lines("We took the ferry over the water", Length.mm(50), Length.mm(5), Supports.PLAIN);
        assertThat(lines).containsExactly("We took the ferry", "over the water");
        assertThat(Paragraph.lines("", Length.mm(50), Length.mm(5), Supports.PLAIN)).isEmpty();
        Length size = Paragraph.fitting("word ".repeat(200).trim(), Length.mm(150), Length.mm(80), Length.points(30), Length.points(9), 1.4, Supports.PLAIN);
        assertThat(size.compareTo(Length.points(30))).isNegative();
        assertThat(size.compareTo(Length.points(9))).isPositive();
    }

    @Test
    void aMonthHasItsDaysUnderTheirWeekdaysAndTheWeekBeginsAsThereItDoes() {
        CalendarPage december = new CalendarPage(CalendarPage.Span.MONTH, LocalDate.of(2026, 12, 9), 1, "nl", "",
            "4 December: lighthouse, fish\n24 December: 7 things");
        Page sheet = lay(december, LYING, "lighthouse").pages().get(0);
        assertThat(cards(sheet)).hasSize(31);
        assertThat(texts(sheet)).startsWith("December 2026", "Monday").contains("31", "Sunday");
        assertThat(cards(sheet).get(0).x()).as("the first is a Tuesday").isEqualTo(cards(sheet).get(7).x()).isGreaterThan(cards(sheet).get(6).x());
        assertThat(shown(sheet)).as("of the list").containsExactly("lighthouse");
        assertThat(texts(sheet)).contains("fish");
        Page america = lay(new CalendarPage(CalendarPage.Span.MONTH, LocalDate.of(2026, 12, 1), 1, "us", "", ""), LYING).pages().get(0);
        assertThat(texts(america)).startsWith("December 2026", "Sunday");
        assertThat(cards(america).get(0).x()).as("the first is the third of a week from Sunday").isEqualTo(cards(america).get(7).x());
    }

    @Test
    void aWeekAndTheFirstYearAreComputedTooAndLinesWithoutADayAreTold() {
        Laid weeks = lay(new CalendarPage(CalendarPage.Span.WEEK, LocalDate.of(2026, 12, 30), 2, "", "", "one day: kite"), LYING);
        assertThat(weeks.sheets()).isEqualTo(2);
        assertThat(texts(weeks.pages().get(0))).startsWith("28 December to 3 January 2027");
        assertThat(weeks.notes()).singleElement().satisfies(n -> assertThat(n.key()).isEqualTo("days-unread"));
        assertThat(cards(lay(new CalendarPage(CalendarPage.Span.MONTH, LocalDate.of(1, 1, 1), 1, "nl", "", ""), LYING).pages().get(0))).hasSize(31);
    }

    @Test
    void aGoingHomePageHasTheNextWordsUnderEachHeading() {
        GoingHome page = new GoingHome("My day", List.of(new GoingHome.Section("What we did", 2), new GoingHome.Section("How I felt", 3)), 2);
        Laid laid = lay(page, UPRIGHT, "swim", "bake", "happy", "tired", "cross");
        assertThat(laid.sheets()).isEqualTo(1);
        assertThat(texts(laid.pages().get(0))).containsSubsequence("My day", "What we did", "swim", "bake", "How I felt", "happy");
        assertThat(cards(laid.pages().get(0)).get(2).y()).isGreaterThan(cards(laid.pages().get(0)).get(1).y());
        assertThat(lay(page, UPRIGHT, "a", "b", "c", "d", "e", "f").sheets()).isEqualTo(2);
    }

    @Test
    void theWayToAWordIsAGridATapWithTheCellThatIsTapped() {
        Material.Tap home = new Material.Tap("Home", 2, 4, new Cell(1, 3));
        Material.Tap sea = new Material.Tap("Sea", 3, 2, new Cell(0, 1));
        Material of = new Material("New", Supports.words("seal", "wardrobe"), UPRIGHT, Supports.PLAIN, null, "New", Material.Symbols.NONE,
            word -> word.text().equals("seal") ? List.of(home, sea) : List.of());
        Laid laid = new WaysToWords(4, "New words").lay(of);
        Page sheet = laid.pages().get(0);
        assertThat(texts(sheet)).containsSubsequence("New words", "seal", "Home", "Sea", "wardrobe", "not on the boards");
        assertThat(laid.notes()).extracting(Told::key).containsExactly("ways-not-there");
        List<Rect> cards = Supports.cards(sheet);
        Rect grid = cards.get(1);
        Rect tapped = cards.get(2);
        assertThat(tapped.width()).isEqualTo(grid.width().part(4));
        assertThat(tapped.x()).isEqualTo(grid.x().plus(tapped.width().times(3)));
        assertThat(tapped.y()).isEqualTo(grid.y().plus(grid.height().part(2)));
        assertThat(cards.get(3).x()).as("the next tap stands to the right").isGreaterThan(grid.right());
        assertThat(cards).hasSize(6).allMatch(r -> r.right().compareTo(sheet.width().minus(Length.mm(9))) < 0);
    }
}
