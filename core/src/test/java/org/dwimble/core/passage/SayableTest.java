package org.dwimble.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.passage.Sayable.Can;
import org.dwimble.core.passage.Sayable.Found;
import org.dwimble.core.passage.Sayable.Line;
import org.dwimble.core.passage.Sayable.Sort;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.words.Forms;
import org.junit.jupiter.api.Test;

class SayableTest {
    private static final Forms FORMS = Forms.english();
    private static final Set<String> ORDINARY = Set.of("go", "child", "crab", "boat", "will", "is", "harbour", "rose", "run", "and", "in", "sea", "the", "do",
        "we",
        "whelk");
    private static final Vocabulary WORDS = vocabulary(
        board("home", "go child the sea>sea", "do not it is", "we three Odile ."),
        board("sea", "crab boat apples .", "swim shell . home:home"));

    private static Found found(Vocabulary words, String text) {
        Sayable sayable = new Sayable(words, Revealed.of(words), FORMS, ORDINARY::contains);
        return sayable.of(Passage.read(text, sayable.locale()));
    }

    private static Line line(Found found, String written) {
        return found.lines().stream().filter(l -> l.written().contains(written)).findFirst().orElseThrow();
    }

    private static Line line(String text, String written) {
        return line(found(WORDS, text), written);
    }

    private static Vocabulary with(Vocabulary words, Button button) {
        Board on = words.boardOf(button.id()).orElse(words.homeBoard());
        return words.with(on.with(button));
    }

    private static Button button(String id) {
        return WORDS.boardOf(id).flatMap(b -> b.button(id)).orElseThrow();
    }

    @Test
    void wordsAreSaidAsTheyAreWrittenOrByAnyOfTheirForms() {
        assertThat(line("The CRAB", "CRAB")).satisfies(crab -> {
            assertThat(crab.can()).isEqualTo(Can.SAID);
            assertThat(crab.word()).isEqualTo("crab");
            assertThat(crab.taps()).isEqualTo(2);
            assertThat(crab.places()).singleElement().satisfies(p -> assertThat(p.board()).isEqualTo("sea"));
        });
        assertThat(line("we went", "went").word()).isEqualTo("go");
        assertThat(line("the children", "children").word()).isEqualTo("child");
        assertThat(line("an apple", "apple").word()).as("the button has the form").isEqualTo("apples");
        Found both = found(WORDS, "go, went and going");
        assertThat(line(both, "went").written()).containsExactly("go", "went", "going");
        assertThat(line(both, "went").times()).isEqualTo(3);
    }

    @Test
    void wordsRunTogetherAreSaidByEachOfTheirsIfAllAreThere() {
        assertThat(line("we don’t", "don’t")).satisfies(l -> {
            assertThat(l.can()).isEqualTo(Can.SAID);
            assertThat(l.taps()).isEqualTo(2);
            assertThat(l.places()).extracting(p -> p.button().label()).containsExactly("do", "not");
        });
        assertThat(line("it's", "it's").can()).isEqualTo(Can.SAID);
        assertThat(line("the crab's boat", "crab's").places()).as("whose it is").extracting(p -> p.button().label()).containsExactly("crab");
        assertThat(line("we won't go", "won't").can()).isEqualTo(Can.MISSING);
        assertThat(line("the whelk’s boats", "whelk’s").word()).isEqualTo("whelk");
        assertThat(line("'s go", "go").can()).isEqualTo(Can.SAID);
    }

    @Test
    void whatOneButtonSaysTogetherGoesBeforeItsWords() {
        Button like = Button.word("home/i", new Cell(2, 3), "the sea", null, Kind.SOCIAL);
        Found together = found(with(WORDS, like), "We go to the sea.");
        assertThat(line(together, "the sea").can()).isEqualTo(Can.SAID);
        assertThat(together.words()).isEqualTo(5);
        assertThat(together.said()).isEqualTo(4);
        assertThat(line(together, "to").can()).isEqualTo(Can.MISSING);
        assertThat(found(with(WORDS, like), "See the. Sea!").lines()).as("a sentence ends between them").noneMatch(l -> l.written().contains("the Sea"));
        Button held = Facet.HOLD.with(Button.word("home/i", new Cell(2, 3), "do not", null, Kind.SOCIAL), new Hold("", null, null, null, false));
        assertThat(found(with(WORDS, held), "we do not go").lines()).as("what is held together can be said singly").allMatch(l -> l.can() == Can.SAID);
        Button later = Facet.HOLD.with(Button.word("home/i", new Cell(2, 3), "low tide", null, Kind.SOCIAL), new Hold("", null, null, null, false));
        assertThat(line(found(with(WORDS, later), "at low tide"), "low tide").can()).isEqualTo(Can.HELD);
    }

    @Test
    void namesAndNumbersAreToldApart() {
        Found told = found(WORDS, "Rose saw Piran in Whitby. Piran had 3 crabs and 17 boats. Odile rose.");
        assertThat(line(told, "Piran").sort()).isEqualTo(Sort.NAME);
        assertThat(line(told, "Piran").times()).isEqualTo(2);
        assertThat(line(told, "Piran").can()).isEqualTo(Can.MISSING);
        assertThat(line(told, "Whitby").word()).isEqualTo("Whitby");
        assertThat(line(told, "Odile")).satisfies(o -> {
            assertThat(o.sort()).isEqualTo(Sort.NAME);
            assertThat(o.can()).as("a name with a button").isEqualTo(Can.SAID);
        });
        assertThat(line(told, "rose").sort()).as("an ordinary word, and no name where one begins with it").isEqualTo(Sort.WORD);
        assertThat(line(told, "3")).satisfies(three -> {
            assertThat(three.sort()).isEqualTo(Sort.NUMBER);
            assertThat(three.word()).isEqualTo("three");
        });
        assertThat(line(told, "17").can()).isEqualTo(Can.MISSING);
        Found his = found(WORDS, "Isn't it Piran’s boat? Don't go, Piran.");
        assertThat(his.lines()).filteredOn(l -> l.sort() == Sort.NAME).singleElement().satisfies(piran -> {
            assertThat(piran.word()).isEqualTo("Piran");
            assertThat(piran.times()).isEqualTo(2);
        });
        assertThat(found(WORDS, "PIRAN GOES").lines()).as("all in large letters nothing is told by them").allMatch(l -> l.sort() == Sort.WORD);
    }

    @Test
    void theShareIsOfWordsWithoutNamesAndNumbers() {
        Found half = found(WORDS, "Piran 4 go go go whelk");
        assertThat(half.words()).isEqualTo(4);
        assertThat(half.percent()).isEqualTo(75);
        assertThat(half.saidOf()).isEqualTo(1);
        assertThat(half.different()).isEqualTo(2);
        assertThat(half.lines()).first().satisfies(l -> assertThat(l.word()).isEqualTo("go"));
        assertThat(found(WORDS, "4 5").percent()).isEqualTo(100);
        assertThat(found(WORDS, "go ".repeat(199) + "whelk").percent()).as("all only if it is all").isEqualTo(99);
    }

    @Test
    void whatWaitsAndWhatIsHeldIsToldAndWhatCanBeSaidNowGoesBefore() {
        Vocabulary held = with(WORDS, Facet.HOLD.with(button("sea/crab"), new Hold("", null, null, null, false)));
        assertThat(line(found(held, "crab"), "crab").can()).isEqualTo(Can.HELD);
        Button again = Button.word("home/again", new Cell(2, 3), "crabs", null, null);
        assertThat(line(found(with(held, again), "crab"), "crab").can()).as("another form can be said now").isEqualTo(Can.SAID);
        Plan plan = new Plan(List.of(new Step("one", "First", null, null), new Step("two", "Then", null, null)), 1);
        Vocabulary planned = WORDS.with(WORDS.whole().withPlan(plan));
        Vocabulary shown = with(with(planned, Facet.STEP.with(button("home/go"), "one")), Facet.STEP.with(button("sea/boat"), "two"));
        assertThat(line(found(shown, "go"), "go").can()).isEqualTo(Can.SAID);
        assertThat(line(found(shown, "boats"), "boats").can()).isEqualTo(Can.WAITS);
    }

    @Test
    void ofSeveralButtonsTheOneOfFewestTapsCounts() {
        Button near = Button.word("home/crab", new Cell(2, 3), "crab", null, null);
        assertThat(line(found(with(WORDS, near), "crab"), "crab").taps()).isEqualTo(1);
        Vocabulary apart = vocabulary(board("home", "go ."), board("attic", "kite ."));
        assertThat(line(found(apart, "kite"), "kite")).satisfies(kite -> {
            assertThat(kite.can()).as("no taps lead there").isEqualTo(Can.NO_WAY);
            assertThat(kite.taps()).isZero();
        });
        Vocabulary shut = with(WORDS, Facet.HOLD.with(button("home/sea"), new Hold("", null, null, null, false)));
        assertThat(line(found(shut, "crab"), "crab").can()).as("the way there is held").isEqualTo(Can.NO_WAY);
    }

    @Test
    void inAnotherLanguageWordsAreSoughtAsTheyStand() {
        Vocabulary polish = Vocabulary.of("słowa", "home", "pl", List.of(board("home", "łódka krab idę .")));
        Found found = found(polish, "Idę. Łódka, kraby! Widzę Piotra.");
        assertThat(line(found, "Łódka").can()).isEqualTo(Can.SAID);
        assertThat(line(found, "kraby").can()).isEqualTo(Can.MISSING);
        assertThat(line(found, "Piotra").sort()).isEqualTo(Sort.NAME);
        Vocabulary german = Vocabulary.of("Wörter", "home", "de", List.of(board("home", "Boot Krabbe")));
        assertThat(line(found(german, "Das Boot und die Muschel"), "Muschel").sort()).as("where every noun is large").isEqualTo(Sort.WORD);
        Vocabulary greek = Vocabulary.of("λέξεις", "home", "el", List.of(board("home", "θάλασσα .")));
        assertThat(found(greek, "η θάλασσα").said()).isEqualTo(1);
        assertThat(found(WORDS, "η θάλασσα").said()).isZero();
    }

    @Test
    void whatIsNoTextIsRefusedAndOneWordTenThousandTimesIsOne() {
        assertThatThrownBy(() -> Passage.read(" … !", Locale.UK)).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told().key()).isEqualTo("passage-without-words"));
        assertThatThrownBy(() -> Passage.read("go ".repeat(700_000), Locale.UK)).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told().key()).isEqualTo("passage-too-long"));
        assertThat(found(WORDS, "whelk ".repeat(10_000)).lines()).singleElement().satisfies(l -> assertThat(l.times()).isEqualTo(10_000));
    }
}
