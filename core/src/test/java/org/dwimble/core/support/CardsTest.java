package org.dwimble.core.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.dwimble.core.support.Supports.UPRIGHT;
import static org.dwimble.core.support.Supports.cards;
import static org.dwimble.core.support.Supports.lay;
import static org.dwimble.core.support.Supports.material;
import static org.dwimble.core.support.Supports.page;
import static org.dwimble.core.support.Supports.pictures;
import static org.dwimble.core.support.Supports.shown;

import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CardsTest {
    private static Cards sized(double width, double height, double gap) {
        return new Cards(Length.mm(width), Length.mm(height), 0, Length.mm(gap), Cards.Lines.EDGE, Length.ZERO, Cards.Back.NONE, Cards.Flip.LONG, false);
    }

    private static Cards backed(Cards.Back back, Cards.Flip flip) {
        return new Cards(Length.mm(50), Length.mm(40), 0, Length.mm(5), Cards.Lines.EDGE, Length.ZERO, back, flip, false);
    }

    private static String[] many(int count) {
        return IntStream.range(0, count).mapToObj(i -> "w" + i).toArray(String[]::new);
    }

    @Test
    void aCardIsExactlyAsLargeAsAskedAndLiesWithinTheMargins() {
        Page sheet = lay(sized(50, 40, 5), UPRIGHT, many(10)).pages().get(0);
        Rect room = Frame.of(UPRIGHT, false).room();
        assertThat(cards(sheet)).hasSize(10).allSatisfy(card -> {
            assertThat(card.width()).isEqualTo(Length.mm(50));
            assertThat(card.height()).isEqualTo(Length.mm(40));
            assertThat(Supports.within(card, room)).isTrue();
        });
        assertThat(cards(sheet).get(1).x().minus(cards(sheet).get(0).right())).isEqualTo(Length.mm(5));
        assertThat(cards(sheet).get(3).y().minus(cards(sheet).get(0).bottom())).as("three across on 190 mm").isEqualTo(Length.mm(5));
    }

    @Test
    void picturesLieInTheirCardsAndNeverOverEachOther() {
        Page sheet = lay(sized(30, 45, 0), UPRIGHT, many(20)).pages().get(0);
        List<Rect> pictures = pictures(sheet);
        for (int i = 0; i < pictures.size(); i++) {
            assertThat(Supports.within(pictures.get(i), cards(sheet).get(i))).isTrue();
            for (int other = 0; other < i; other++) {
                assertThat(Supports.apart(pictures.get(i), pictures.get(other))).isTrue();
            }
        }
    }

    @Test
    void moreThanASheetTakesGoesOnInOrder() {
        Laid laid = lay(sized(50, 40, 5), UPRIGHT, many(40));
        assertThat(laid.sheets()).isEqualTo(3);
        assertThat(laid.pages().stream().flatMap(p -> shown(p).stream())).containsExactly(many(40));
    }

    @Test
    void aWordIsPrintedAsOftenAsTheListSays() {
        List<Printed> thrice = Collections.nCopies(3, Printed.of("seal", "base/seal"));
        assertThat(cards(sized(50, 40, 5).lay(material(UPRIGHT, thrice)).pages().get(0))).hasSize(3);
    }

    @Test
    void allLabelsOfASheetAreOneSizeTheLargestTheLongestAllows() {
        Page sheet = lay(sized(50, 40, 5), UPRIGHT, "bus", "tide pool at the harbour", "crab").pages().get(0);
        List<Length> sizes = sheet.marks().stream().filter(Mark.Writing.class::isInstance).map(Mark.Writing.class::cast)
            .filter(w -> w.centred()).map(Mark.Writing::size).distinct().toList();
        assertThat(sizes).hasSize(1);
        assertThat(sizes.get(0).mm()).as("two lines of 1.25 em in the lowest 28 percent of the card within its rim")
            .isCloseTo(0.28 * (40 - 2 * 0.06 * 40) / 2 / 1.25, within(0.01));
    }

    @ParameterizedTest
    @EnumSource(Cards.Flip.class)
    void eachBackLiesBehindItsCard(Cards.Flip flip) {
        for (PageSetup.Turn turn : List.of(PageSetup.Turn.UPRIGHT, PageSetup.Turn.LYING)) {
            Laid laid = lay(backed(Cards.Back.SAME, flip), page(Paper.A4, turn), "ferry", "bag", "seal", "crab");
            Page front = laid.pages().get(0);
            Page back = laid.pages().get(1);
            assertThat(back.back()).isTrue();
            assertThat(laid.sheets()).isEqualTo(1);
            boolean overUpright = flip == Cards.Flip.LONG == (turn == PageSetup.Turn.UPRIGHT);
            for (int i = 0; i < 4; i++) {
                Rect card = cards(front).get(i);
                Rect behind = cards(back).get(i);
                assertThat(behind.x()).isEqualTo(overUpright ? front.width().minus(card.right()) : card.x());
                assertThat(behind.y()).isEqualTo(overUpright ? card.y() : front.height().minus(card.bottom()));
            }
            assertThat(shown(back)).containsExactly("ferry", "bag", "seal", "crab");
        }
    }

    @Test
    void aPatternTellsNothingOfTheCard() {
        Page back = lay(backed(Cards.Back.PATTERN, Cards.Flip.LONG), UPRIGHT, "ferry", "bag").pages().get(1);
        assertThat(Supports.texts(back)).isEmpty();
        assertThat(pictures(back)).isEmpty();
        assertThat(back.marks()).hasAtLeastOneElementOfType(Mark.Stroke.class);
        assertThat(Supports.texts(lay(backed(Cards.Back.WORD, Cards.Flip.LONG), UPRIGHT, "ferry").pages().get(1))).containsExactly("ferry");
    }

    @Test
    void paperLiesAsNeedsFewerSheetsAndSaysSo() {
        Laid laid = lay(sized(130, 80, 4), page(Paper.A4, PageSetup.Turn.BEST), many(4));
        assertThat(laid.lyingDown()).isTrue();
        assertThat(laid.sheets()).isEqualTo(1);
        assertThat(laid.why().key()).isEqualTo("lying-fewer");
    }

    @Test
    void byNumberTheCardsAreAsLargeAsTheyCanBe() {
        Cards twelve = new Cards(Length.mm(50), Length.mm(50), 12, Length.mm(4), Cards.Lines.EDGE, Length.ZERO, Cards.Back.NONE, Cards.Flip.LONG, false);
        List<Rect> cards = cards(lay(twelve, UPRIGHT, many(12)).pages().get(0));
        assertThat(cards).hasSize(12);
        assertThat(cards.get(0).width()).as("three across, four down on 190 x 269 mm").isEqualTo(Length.mm(190).minus(Length.mm(8)).part(3));
    }

    @Test
    void whenAFewCardsNeedOneMoreSheetTheSizeAtWhichAllFitIsTold() {
        Laid laid = lay(sized(46, 46, 4), UPRIGHT, many(18));
        assertThat(laid.sheets()).isEqualTo(2);
        assertThat(laid.notes()).singleElement().satisfies(n -> {
            assertThat(n.key()).isEqualTo("cards-fewer");
            assertThat(n.with()).containsEntry("fit", 15L).containsEntry("of", 18L).containsEntry("smaller", "44.5");
        });
    }

    @Test
    void whatCannotLieOnPaperIsRefusedWithTheReason() {
        assertThatThrownBy(() -> lay(sized(250, 40, 4), UPRIGHT, "ferry")).isInstanceOf(Unacceptable.class).hasMessageContaining("card-too-large");
        assertThatThrownBy(() -> sized(5, 40, 4)).isInstanceOf(Unacceptable.class);
        PageSetup margins = new PageSetup(Paper.A5, new PageSetup.Size(Length.mm(100), Length.mm(100)), PageSetup.Turn.BEST, Length.mm(45),
            UPRIGHT.labels(), UPRIGHT.type());
        assertThatThrownBy(() -> lay(sized(20, 20, 0), margins, "ferry")).isInstanceOf(Unacceptable.class).hasMessageContaining("paper-no-room");
    }

    @Test
    void noWordsAreAnEmptyFrameAndAWordWithoutAPictureIsWrittenLarge() {
        assertThat(cards(lay(sized(50, 40, 5), UPRIGHT).pages().get(0))).hasSize(1);
        Page sheet = sized(50, 40, 5).lay(material(UPRIGHT, List.of(Printed.of("kettle", null)))).pages().get(0);
        assertThat(Supports.texts(sheet)).contains("kettle");
        Page long200 = sized(50, 40, 5).lay(material(UPRIGHT, List.of(Printed.of("a".repeat(200), null)))).pages().get(0);
        assertThat(Supports.texts(long200)).anyMatch(t -> t.endsWith("…"));
    }

    @Test
    void whatIsNotIsCrossedOutOverItsPictures() {
        Printed not = new Printed("run", null, List.of("base/run", "base/shoe"), true, null, null, "not run");
        Page sheet = sized(50, 40, 5).lay(material(UPRIGHT, List.of(not))).pages().get(0);
        assertThat(pictures(sheet)).hasSize(2);
        assertThat(sheet.marks().stream().filter(Mark.Stroke.class::isInstance)).hasSize(2);
    }
}
