package org.dwimble.core.grow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.document.WholeDocument;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.grow.GrowInSteps;
import org.dwimble.core.edit.grow.GrowWord;
import org.dwimble.core.edit.grow.ShrinkWord;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.edit.plan.MoveStep;
import org.dwimble.core.edit.plan.RemoveStep;
import org.dwimble.core.plan.Step;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class GrowInStepsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final Vocabulary HERE = vocabulary(
        board("home", "I drink eat", "stop play ."));
    private static final Vocabulary THERE = Origin.marked(vocabulary(
        board("start", "I kitchen>kitchen eat>eat", ". . ."),
        board("kitchen", "milk drink juice", "back:back home:home tea"),
        board("eat", "apple eat soup", "back:back home:home bread")), "7", 3);

    private static GrowInSteps plan(boolean drinkSays) {
        return new GrowInSteps(List.of(List.of(new GrowWord("home", "home/drink", THERE, "kitchen", drinkSays)),
            List.of(new GrowWord("home", "home/eat", THERE, "eat", true))), new Ahead("Words grow", "So far", TODAY.plusDays(7), 14, TODAY));
    }

    private static Vocabulary laid() {
        return plan(false).on(HERE, ids()).after();
    }

    private static Vocabulary at(Vocabulary now, int number) {
        return new GoToStep(now.plan().steps().get(number - 1).id(), TODAY).on(now, ids()).after();
    }

    private static Set<String> said(Vocabulary now) {
        Revealed revealed = Revealed.of(now);
        return now.boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> revealed.shows(b) && b.isWord() && !b.isWay())
            .map(Button::spoken).collect(Collectors.toSet());
    }

    private static Button drink(Vocabulary now) {
        return now.homeBoard().button("home/drink").orElseThrow();
    }

    @Test
    void untilItsStepAWordOnlySpeaksAndNothingMoves() {
        Vocabulary laid = laid();
        assertThat(laid.plan().steps()).extracting(Step::name, Step::planned).containsExactly(tuple("So far", null),
            tuple("Words grow 1", TODAY.plusDays(7)), tuple("Words grow 2", TODAY.plusDays(21)));
        assertThat(said(laid)).isEqualTo(said(HERE));
        assertThat(Revealed.of(laid).leadsNowhereYet()).contains("home/drink", "home/eat");
        assertThat(drink(laid).isWord()).as("its first tap says it still").isTrue();
        HERE.homeBoard().buttons().forEach(b -> assertThat(laid.homeBoard().button(b.id()).orElseThrow().standing()).isEqualTo(b.standing()));
    }

    @Test
    void atItsStepItOpensItsBoardAndItsFirstTapSaysItOnlyIfThatWasMeant() {
        Vocabulary second = at(laid(), 2);
        assertThat(said(second)).contains("milk", "juice", "tea", "drink").doesNotContain("apple", "soup");
        assertThat(Revealed.of(second).leadsNowhereYet()).containsExactly("home/eat");
        assertThat(drink(second).isWord()).isFalse();
        assertThat(drink(at(plan(true).on(HERE, ids()).after(), 2)).isWord()).isTrue();
        assertThat(said(at(second, 3))).contains("apple", "soup");
    }

    @Test
    void eachStepIsTakenBackByItself() {
        Vocabulary laid = laid();
        assertThat(at(at(laid, 3), 2).boards()).isEqualTo(at(laid, 2).boards());
        assertThat(at(at(laid, 3), 1).boards()).isEqualTo(laid.boards());
        Vocabulary shrunk = new ShrinkWord("home", "home/drink", origin -> THERE.boardOf(origin.button()).flatMap(b -> b.button(origin.button())))
            .on(at(laid, 3), ids()).after();
        assertThat(drink(shrunk).isWord()).as("one word again, and the other stays grown").isTrue();
        assertThat(said(shrunk)).contains("soup").doesNotContain("milk");
    }

    @Test
    void theyComeNextInThePlanThereIs() {
        Vocabulary planned = at(laid(), 2);
        Board toys = board("toys", "play ball kite", "back:back home:home .");
        Vocabulary more = planned.with(Origin.marked(vocabulary(toys), "9", 1).at("toys"));
        Vocabulary both = new GrowInSteps(List.of(List.of(new GrowWord("home", "home/play", null, "toys", true))), new Ahead("Then", "", null, 7, TODAY))
            .on(more, () -> "new " + UUID.randomUUID()).after();
        assertThat(both.plan().steps()).extracting(Step::name).containsExactly("So far", "Words grow 1", "Then", "Words grow 2");
        assertThat(both.plan().at()).isEqualTo(2);
        assertThat(both.at("toys").buttons()).filteredOn(Button::isWord).as("what waited there comes with it")
            .allMatch(b -> both.plan().steps().get(2).id().equals(b.shown().step()));
        assertThat(said(both)).doesNotContain("kite");
        assertThat(said(at(both, 3))).contains("kite");
    }

    @Test
    void whatAStepDoesIsKeptInTheDocumentAndGoesWithItsWordsIfTheStepGoes() {
        Vocabulary laid = laid();
        assertThat(WholeDocument.read(WholeDocument.write(laid.whole())).plan()).isEqualTo(laid.plan());
        Vocabulary second = at(laid, 2);
        assertThat(WholeDocument.read(WholeDocument.write(second.whole())).plan()).isEqualTo(second.plan());
        Vocabulary without = new RemoveStep(laid.plan().steps().get(1).id()).on(laid, ids()).after();
        assertThat(drink(at(without, 2)).isWord()).isFalse();
    }

    @Test
    void whatCannotBePlannedSaysWhy() {
        refused(HERE, new GrowInSteps(List.of(), new Ahead("a", "b", null, 7, null)), "nothing-to-change");
        GrowWord drink = new GrowWord("home", "home/drink", THERE, "kitchen", true);
        refused(HERE, new GrowInSteps(List.of(List.of(drink), List.of(drink)), new Ahead("a", "b", null, 7, null)), "grow-leads-already");
        refused(HERE, new GrowInSteps(List.of(List.of(drink)), new Ahead(" ", "b", null, 7, null)), "step-without-name");
        Vocabulary laid = laid();
        refused(laid, new MoveStep(laid.plan().steps().get(1).id(), 1), "step-moves-words");
        assertThat(Optional.of(new MoveStep(laid.plan().steps().get(1).id(), 3).on(laid, ids()))).as("those that wait go in any order").isPresent();
    }

    private static void refused(Vocabulary now, Intention intention, String key) {
        assertThatThrownBy(() -> intention.on(now, ids())).isInstanceOfSatisfying(Unacceptable.class, e -> assertThat(e.told().key()).isEqualTo(key));
    }
}
