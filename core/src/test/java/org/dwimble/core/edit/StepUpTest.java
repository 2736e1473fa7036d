package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.whole.StepUp;
import org.dwimble.core.edit.words.PutFarApart;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.route.Routes;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class StepUpTest {
    private static final String SOUND = "own/" + "ab".repeat(32);
    private final AtomicInteger next = new AtomicInteger();
    private final Supplier<String> ids = () -> "n" + next.incrementAndGet();

    private static Button word(String id, int row, int column, String label) {
        return Button.word(id, new Cell(row, column), label, "base/" + label.toLowerCase(Locale.ROOT), Kind.THING);
    }

    /** Home opens eat; more is on both, crisps on eat alone. */
    private static Vocabulary starter() {
        Board home = Board.empty("home", "Home", new Shape(2, 2)).with(List.of(word("s1", 0, 0, "more"),
            Button.leading("s2", new Cell(0, 1), "eat", null, new Leads.Opens("eat")), word("s3", 1, 0, "stop")));
        Board eat = Board.empty("eat", "Eating", new Shape(2, 2)).with(List.of(word("s4", 0, 0, "crisps"), word("s5", 0, 1, "more"),
            Button.leading("s6", new Cell(1, 1), "home", "base/house", Leads.HOME)));
        return Vocabulary.of("Starter", "home", "en", List.of(home, eat));
    }

    private Vocabulary first(String... words) {
        Board board = FirstBoard.of(4, false, UsualScreen.COMMON.screen(), Hand.USUAL).board("f", "Wren’s first board", null, null);
        List<ReadyWord> ready = List.of(words).stream().map(w -> new ReadyWord(w, "own/" + "cd".repeat(32), null)).toList();
        Vocabulary now = new PutFarApart("f", ready).on(Vocabulary.of("Wren’s", "f", "en", List.of(board)), ids).after();
        return now.with(now.homeBoard().with(List.of(now.homeBoard().buttons().get(0).withActs(now.homeBoard().buttons().get(0).acts().withSound(SOUND)))));
    }

    @Test
    void aWordThatIsThereGoesToItsNearestPlaceAndStaysTheSameWord() {
        Vocabulary now = first("crisps", "duck", "more");
        Button crisps = now.homeBoard().buttons().get(0);
        Change change = new StepUp(starter()).on(now, ids);
        Vocabulary after = change.after();
        Button there = after.boardOf(crisps.id()).orElseThrow().button(crisps.id()).orElseThrow();
        assertThat(after.boardOf(crisps.id()).orElseThrow().name()).isEqualTo("Eating");
        assertThat(there.sound()).isEqualTo(SOUND);
        assertThat(there.pictures()).isEqualTo(crisps.pictures());
        assertThat(there.cell()).isEqualTo(new Cell(0, 0));
        assertThat(after.name()).isEqualTo("Wren’s");
        assertThat(after.homeBoard().name()).isEqualTo("Home");
        StepUp.Report report = StepUp.report(change);
        assertThat(report.moved()).containsExactlyInAnyOrder(new StepUp.GoesTo("crisps", "Eating", 2), new StepUp.GoesTo("more", "Home", 1));
        assertThat(report.stays()).containsExactly("duck");
    }

    @Test
    void whatStaysKeepsItsCellAndIsReachedFromHomeAndBack() {
        Vocabulary now = first("crisps", "duck");
        Change change = new StepUp(starter()).on(now, ids);
        Board kept = change.after().at("f");
        Button duck = now.homeBoard().buttons().stream().filter(b -> b.label().equals("duck")).findFirst().orElseThrow();
        assertThat(kept.button(duck.id()).orElseThrow().standing()).isEqualTo(duck.standing());
        assertThat(Routes.of(change.after()).unreachable()).isEmpty();
        assertThat(Routes.of(change.after()).withNoWayOut()).isEmpty();
        assertThat(Routes.of(change.after()).to("f").orElseThrow()).hasSize(1);
    }

    @Test
    void aBoardThatKeepsNoWordGoesAndAFullOneGetsARowBelow() {
        assertThat(new StepUp(starter()).on(first("crisps", "more"), ids).after().boards()).containsOnlyKeys("home", "eat");
        Vocabulary full = new StepUp(starter()).on(first("duck", "kite", "bath", "owl"), ids).after();
        assertThat(full.at("f").rows()).isEqualTo(3);
        assertThat(full.at("f").buttons()).filteredOn(Button::isWay).isNotEmpty();
        Board roomless = starter().homeBoard().with(List.of(word("s9", 1, 1, "go")));
        assertThat(new StepUp(starter().with(roomless)).on(first("duck"), ids).after().homeBoard().rows()).isEqualTo(3);
    }

    @Test
    void idsThatAreTakenComeInUnderOthersAndLeadWhereTheyLed() {
        Vocabulary like = starter().withName("mine");
        Vocabulary after = new StepUp(starter()).on(like, ids).after();
        assertThat(after.homeBoard().name()).isEqualTo("Home");
        Button eat = after.homeBoard().buttons().stream().filter(b -> b.label().equals("eat")).findFirst().orElseThrow();
        assertThat(after.at(((Leads.Opens) eat.leads()).board()).name()).isEqualTo("Eating");
        assertThat(after.at(after.home()).button("s1")).as("the word that was there is the same").isPresent();
    }

    @Test
    void aFirstSentenceIsNotEndedByAWordThatHasMovedOn() {
        Board board = FirstBoard.of(4, true, UsualScreen.COMMON.screen(), Hand.USUAL).board("f", "first", word("w", 0, 0, "Wren"), word("x", 0, 0, "wants"));
        Vocabulary now = new PutFarApart("f", List.of(new ReadyWord("crisps", null, null))).on(Vocabulary.of("v", "f", "en", List.of(board)), ids).after();
        Vocabulary after = new StepUp(starter()).on(now, ids).after();
        Board eating = after.at("eat");
        assertThat(eating.at(new Cell(0, 0)).orElseThrow().doings()).isEmpty();
        assertThat(eating.at(new Cell(0, 0)).orElseThrow().kind()).isEqualTo(Kind.THING);
    }

    @Test
    void aWholeVocabularyIsNoFirstBoard() {
        List<Board> many = IntStream.range(0, 11).mapToObj(i -> Board.empty("b" + i, "b" + i, new Shape(1, 2))).toList();
        assertThatThrownBy(() -> new StepUp(starter()).on(Vocabulary.of("v", "b0", "en", many), ids)).isInstanceOf(Unacceptable.class)
            .extracting("told.key").isEqualTo("step-up-large");
    }
}
