package org.dwimble.core.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.support.Supports.material;
import static org.dwimble.core.support.Supports.page;
import static org.dwimble.core.support.Supports.words;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.core.wordlist.ListedWord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class OfferedTest {
    private static final String[] MANY = IntStream.range(0, 36).mapToObj(i -> "word " + i).toArray(String[]::new);

    static Stream<Support> all() {
        return Offered.ALL.stream();
    }

    private static Stream<Rect> rects(Page page) {
        return page.marks().stream()
            .flatMap(m -> m instanceof Mark.Card c ? Stream.of(c.rect()) : m instanceof Mark.Picture p ? Stream.of(p.rect()) : Stream.empty());
    }

    @ParameterizedTest
    @MethodSource("all")
    void whateverIsMadeLiesOnItsPaper(Support support) {
        for (Paper paper : List.of(Paper.A4, Paper.A5, Paper.TABLOID)) {
            for (PageSetup.Turn turn : PageSetup.Turn.values()) {
                for (Page side : support.lay(material(page(paper, turn), words(MANY))).pages()) {
                    Rect all = new Rect(org.dwimble.core.measure.Length.ZERO, org.dwimble.core.measure.Length.ZERO, side.width(), side.height());
                    assertThat(rects(side)).allMatch(r -> Supports.within(r, all));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void withNoWordsItIsAnEmptyFrame(Support support) {
        Page frame = support.lay(material(Supports.UPRIGHT, List.of())).pages().get(0);
        assertThat(Supports.pictures(frame)).isEmpty();
        assertThat(Supports.texts(frame)).as("the foot at least").contains("Ferry trip");
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyWordIsOnSomeSheetButOfWhatDealsThemOutOrPutsThemOnDays(Support support) {
        Laid laid = support.lay(material(page(Paper.A4, PageSetup.Turn.BEST), words(MANY)));
        if (!(support instanceof Dominoes || support instanceof RollAndSay || support instanceof CalendarPage)) {
            assertThat(laid.pages().stream().flatMap(p -> Supports.shown(p).stream())).contains(MANY);
        }
    }

    @Test
    void everySupportHasTwoExamplesOrThreeToBeginWithThatCanBePrinted() {
        Map<String, List<Examples.Example>> bySupport = Examples.all().stream().collect(Collectors.groupingBy(Examples.Example::support));
        assertThat(bySupport.keySet()).containsExactlyInAnyOrderElementsOf(Offered.ALL.stream().map(Support::name).toList());
        assertThat(bySupport.values()).allMatch(e -> e.size() == 2 || e.size() == 3);
        Examples.all().forEach(e -> {
            String[] typed = WordLine.read(e.words()).stream().map(WordLine.Entry::label).toArray(String[]::new);
            assertThat(Supports.lay(Offered.usual(e.support()), page(Paper.A4, PageSetup.Turn.BEST), typed).sheets()).as(e.name()).isPositive();
        });
    }

    @Test
    void whatASupportCannotBeWithoutIsRefused() {
        Strip usual = Strip.USUAL;
        assertThatThrownBy(() -> new Strip(usual.standing(), usual.inRow(), usual.side(), null, usual.start(), usual.minutes(), usual.done()))
            .isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> ListedWord.of("a", "bag", "x", null)).hasMessageContaining("unknown-picture");
    }
}
