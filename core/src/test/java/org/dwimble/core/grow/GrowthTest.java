package org.dwimble.core.grow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.BringInTest;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Deltas;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.grow.GrowWord;
import org.dwimble.core.edit.grow.ShrinkWord;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.place.Fate;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Reverse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GrowthTest {
    private static final Vocabulary HERE = vocabulary(
        board("home", "I drink play>play", "eat stop more>more"),
        board("play", "ball kite .", "back:back home:home ."),
        board("more", "rain snow .", "back:back home:home ."));
    private static final Vocabulary THERE = Origin.marked(vocabulary(
        board("start", "I you kitchen>kitchen eat>eat", ". . . ."),
        board("kitchen", "milk drink juice tea", "back:back home:home eat>eat play>play"),
        board("eat", "apple bread soup drink", "back:back home:home . ."),
        board("play", "ball kite dice .", "back:back home:home . .")), "7", 3);
    private static final Function<Origin, Optional<Button>> CAME = origin -> THERE.boardOf(origin.button()).flatMap(b -> b.button(origin.button()));

    private static Growth growth(Vocabulary now) {
        return new Growth(now, Routes.of(now), Revealed.of(now));
    }

    private static Button word(Vocabulary in, String id) {
        return in.boardOf(id).flatMap(b -> b.button(id)).orElseThrow();
    }

    private static List<Growth.Proposal> proposals(Vocabulary now, String id, Vocabulary there) {
        return growth(now).of(now.boardOf(id).orElseThrow(), word(now, id), Kin.of(there));
    }

    private static List<Growth.Proposal> own(Vocabulary now, String id) {
        return growth(now).of(now.boardOf(id).orElseThrow(), word(now, id), Kin.ofOwn(now));
    }

    private static Vocabulary grown(Vocabulary now, boolean firstSays) {
        return new GrowWord("home", "home/drink", THERE, "kitchen", firstSays).on(now, ids()).after();
    }

    @Test
    void aWordCanGrowIntoTheBoardsItStandsOnThereWithTheWordsThatAreNotSaidHere() {
        assertThat(proposals(HERE, "home/drink", THERE)).satisfiesExactly(
            eat -> assertThat(eat.kin().id()).isEqualTo("eat"),
            kitchen -> {
                assertThat(kitchen.adds()).containsExactly("milk", "juice", "tea");
                assertThat(kitchen.at()).isEqualTo(new Cell(0, 1));
                assertThat(kitchen.from().isOwn()).isFalse();
            });
        assertThat(proposals(HERE, "home/eat", THERE)).as("what opens a board there, though it does not stand on it").singleElement()
            .satisfies(p -> assertThat(p.at()).isEqualTo(new Cell(1, 2)));
        assertThat(proposals(HERE, "play/ball", THERE)).as("it would add one word alone").isEmpty();
        assertThat(proposals(HERE, "home/play", THERE)).as("it opens a board already").isEmpty();
    }

    @Test
    void aWordGrowsIntoABoardThatIsHereIfWordsWaitThere() {
        Board play = HERE.at("play").with(Button.word("d", new Cell(0, 2), "drink", null, null));
        Board home = HERE.at("home").with(in(HERE.at("home"), "drink", "first"));
        Vocabulary waiting = HERE.with(home).with(play.with(List.of(in(play, "ball", "later"), in(play, "kite", "later"))))
            .with(HERE.whole().withPlan(new Plan(List.of(new Step("first", "First", null, null), new Step("later", "Later", null, null)), 1)));
        assertThat(own(waiting, "home/drink")).singleElement().satisfies(p -> {
            assertThat(p.from().isOwn()).isTrue();
            assertThat(p.adds()).containsExactly("ball", "kite");
        });
        Vocabulary held = HERE.with(play.with(play.buttons().stream().filter(b -> !b.isWay() && !b.id().equals("d")).map(b -> Facet.HOLD.with(b, Hold.PLAIN))
            .toList()));
        assertThat(own(held, "home/drink")).as("what is held is held for a reason").isEmpty();
        assertThat(own(HERE, "home/drink")).isEmpty();
    }

    private static Button in(Board board, String label, String step) {
        return Facet.STEP.with(board.button(board.id() + "/" + label).orElseThrow(), step);
    }

    @Test
    void wordsThatAreHeldHereAreNotOfferedAndComeHeld() {
        Button milk = Button.word("m", new Cell(0, 2), "Milk", null, null);
        Vocabulary allergic = HERE.with(HERE.at("more").with(Facet.HOLD.with(milk, Hold.PLAIN)));
        assertThat(proposals(allergic, "home/drink", THERE).get(1).adds()).containsExactly("juice", "tea");
        Board kitchen = grown(allergic, true).at("kitchen");
        assertThat(kitchen.buttons().stream().filter(Button::hidden).map(Button::label)).containsExactly("milk");
        assertThat(new ShrinkWord("home", "home/drink", CAME).on(grown(allergic, true), ids()).after()).isEqualTo(allergic);
    }

    @Test
    void aBundlesFirstBoardIsKinToo() {
        Vocabulary drinks = vocabulary(board("drinks", "drink cocoa lemonade"));
        assertThat(proposals(HERE, "home/drink", drinks)).isEmpty();
        assertThat(growth(HERE).of(HERE.at("home"), word(HERE, "home/drink"), Kin.ofBundle(drinks))).singleElement()
            .satisfies(p -> assertThat(p.adds()).containsExactly("cocoa", "lemonade"));
    }

    @Test
    void aBoardMostWordsOfWhichStandBesideTheWordAlreadyIsNoKin() {
        Vocabulary there = vocabulary(board("start", "x"), board("eat", "I drink eat stop soup bread"), board("sip", "drink soup bread I"));
        assertThat(proposals(HERE, "home/drink", there)).extracting(p -> p.kin().id()).isEmpty();
        assertThat(proposals(HERE, "home/drink", there.with(board("sip", "drink soup bread tea I")))).extracting(p -> p.kin().id()).containsExactly("sip");
    }

    @Test
    void aWordThatStandsOnHomeOrOnManyBoardsThereBelongsToNone() {
        Vocabulary there = vocabulary(board("start", "x stop"), board("a", "drink soup bread"), board("b", "drink tea stop"), board("c", "stop milk juice"));
        assertThat(proposals(HERE, "home/stop", there)).isEmpty();
        assertThat(proposals(HERE, "home/drink", there)).hasSize(1);
        assertThat(proposals(HERE, "home/drink", there.with(board("c", "drink milk juice")))).isEmpty();
    }

    @Test
    void allThatCanGrowIsListedThatOfMostNewWordsFirst() {
        List<Growth.Proposal> all = growth(HERE).all(List.of(Kin.of(THERE), Kin.ofOwn(HERE)), 10, HERE.boards().keySet());
        assertThat(all).extracting(p -> p.word().label() + " " + p.kin().id()).as("each board for one word").containsExactly("eat eat", "drink kitchen");
        assertThat(growth(HERE).all(List.of(Kin.of(THERE)), 1, HERE.boards().keySet())).hasSize(1);
    }

    @Test
    void aGrownWordKeepsItsPlaceAndLooksAndStandsAmongItsKin() {
        for (boolean says : new boolean[] {true, false}) {
            Vocabulary after = grown(HERE, says);
            Button drink = word(after, "home/drink");
            assertThat(drink.standing()).isEqualTo(word(HERE, "home/drink").standing());
            assertThat(drink.face()).isEqualTo(word(HERE, "home/drink").face());
            assertThat(drink.isWord()).isEqualTo(says);
            assertThat(drink.leads()).isEqualTo(new Leads.Opens("kitchen"));
            Board kitchen = after.at("kitchen");
            assertThat(Kin.same(kitchen, word(HERE, "home/drink")).orElseThrow().leads()).isEqualTo(Leads.STAYS);
            assertThat(kitchen.at(new Cell(1, 2)).orElseThrow().leads()).as("eat is not here: it only speaks").isEqualTo(Leads.STAYS);
            assertThat(kitchen.at(new Cell(1, 3)).orElseThrow().leads()).as("play is here by its name").isEqualTo(new Leads.Opens("play"));
        }
    }

    @Test
    void shrunkItIsTheVocabularyOfBefore() {
        assertThat(new ShrinkWord("home", "home/drink", CAME).on(grown(HERE, true), ids()).after()).isEqualTo(HERE);
        assertThat(new ShrinkWord("home", "home/drink", CAME).on(grown(HERE, false), ids()).after()).isEqualTo(HERE);
        Vocabulary said = HERE.with(HERE.at("home").with(Facet.SAYS.with(word(HERE, "home/drink"), new Says.Words("a drink please"))));
        assertThat(new ShrinkWord("home", "home/drink", CAME).on(grown(said, false), ids()).after()).isEqualTo(said);
    }

    @Test
    void whatWasAddedOrChangedSinceIsNotLostAndTheWordCanGrowIntoItAgain() {
        Vocabulary grown = grown(HERE, false);
        Board kitchen = grown.at("kitchen");
        Button milk = kitchen.button("kitchen/milk").orElseThrow();
        for (Board changed : List.of(kitchen.withButtons(kitchen.buttons()).with(Facet.LABEL.with(milk, "oat milk")),
            kitchen.without(milk.id()).with(Button.word("mine", milk.cell(), "cocoa", null, null)))) {
            Vocabulary now = grown.with(changed);
            Shrinking shrinking = Shrinking.of(now, word(now, "home/drink"), CAME).orElseThrow();
            assertThat(shrinking.boardGoes()).isFalse();
            assertThat(shrinking.added()).hasSize(1);
            Vocabulary after = new ShrinkWord("home", "home/drink", CAME).on(now, ids()).after();
            assertThat(after.at("kitchen")).isEqualTo(changed);
            assertThat(word(after, "home/drink")).isEqualTo(word(HERE, "home/drink"));
            assertThat(own(after, "home/drink")).as("it waits").extracting(p -> p.kin().id()).containsExactly("kitchen");
            assertThat(new GrowWord("home", "home/drink", null, "kitchen", false).on(after, ids()).after()).isEqualTo(now);
        }
        Vocabulary unknown = new ShrinkWord("home", "home/drink", origin -> Optional.empty()).on(grown, ids()).after();
        assertThat(unknown.boards()).as("where it came from is gone, so nobody knows").containsKey("kitchen");
    }

    @Test
    void aBoardThatSomethingElseOpensStays() {
        Vocabulary grown = grown(HERE, false);
        Vocabulary two = grown.with(grown.at("more").with(Button.leading("o", new Cell(0, 2), "kitchen", null, new Leads.Opens("kitchen"))));
        assertThat(Shrinking.of(two, word(two, "home/drink"), CAME).orElseThrow().openers()).hasSize(1);
        assertThat(new ShrinkWord("home", "home/drink", CAME).on(two, ids()).after().boards()).containsKey("kitchen");
    }

    @Test
    void whatCannotGrowOrShrinkSaysWhy() {
        refused(HERE, new GrowWord("home", "home/play", THERE, "kitchen", true), "grow-leads-already");
        refused(grown(HERE, true), new GrowWord("home", "home/drink", THERE, "kitchen", true), "grow-leads-already");
        refused(HERE, new GrowWord("home", "home/drink", null, "home", true), "grow-own-board");
        refused(HERE, new GrowWord("home", "home/drink", THERE, "attic", true), "bring-board-gone");
        refused(HERE.with(HERE.at("home").with(Facet.HOLD.with(word(HERE, "home/drink"), Hold.PLAIN))),
            new GrowWord("home", "home/drink", THERE, "kitchen", true),
            "grow-held");
        refused(HERE, new GrowWord("play", "play/back", THERE, "kitchen", true), "grow-leads-already");
        refused(HERE.with(HERE.at("home").with(Facet.SAYS.with(word(HERE, "home/drink"), Says.NOTHING))),
            new GrowWord("home", "home/drink", THERE, "kitchen", true), "grow-says-nothing");
        refused(HERE, new ShrinkWord("home", "home/drink", CAME), "shrink-not-grown");
        refused(HERE, new ShrinkWord("home", "home/more", CAME), "shrink-not-grown");
        Vocabulary full = HERE.with(board("full", "a b", "c d"));
        refused(full, new GrowWord("home", "home/drink", null, "full", true), "board-full");
    }

    private static void refused(Vocabulary now, Intention intention, String key) {
        assertThatThrownBy(() -> intention.on(now, ids())).isInstanceOfSatisfying(Unacceptable.class, u -> assertThat(u.told().key()).isEqualTo(key));
    }

    static Stream<Vocabulary[]> growing() {
        return BringInTest.generated().filter(both -> !growth(both[0]).all(List.of(Kin.of(both[1])), 1, both[0].boards().keySet()).isEmpty());
    }

    @ParameterizedTest
    @MethodSource("growing")
    void whateverGrowsNothingMovesNothingDanglesNoIdStandsTwiceAndItCanBeTakenBack(Vocabulary now, Vocabulary from) {
        Vocabulary there = Origin.marked(from, "9", 1);
        Function<Origin, Optional<Button>> came = o -> there.boardOf(o.button()).flatMap(b -> b.button(o.button()));
        List<Growth.Proposal> all = growth(now).all(List.of(Kin.of(there)), 20, now.boards().keySet());
        for (Growth.Proposal one : all) {
            Change change = new GrowWord(one.on().id(), one.word().id(), there, one.kin().id(), one.at().row() > 0).on(now, ids());
            Vocabulary after = change.after();
            Leads.Opens opens = (Leads.Opens) word(after, one.word().id()).leads();
            assertThat(after.at(opens.board()).at(one.at()).orElseThrow().called()).as("it stands where that was told").isEqualTo(one.word().called());
            Routes routes = Routes.of(now);
            assertThat(Comparison.of(now, after).words()).filteredOn(w -> w.was() != null && routes.reaches(w.was().board())).extracting(Comparison.Word::fate)
                .containsOnly(Fate.KEPT);
            assertThat(Routes.of(after).looseEnds().size()).isLessThanOrEqualTo(Routes.of(now).looseEnds().size() + Routes.of(there).looseEnds().size());
            Set<String> ids = new HashSet<>();
            after.boards().values().forEach(b -> b.buttons().forEach(w -> assertThat(ids.add(w.id())).as(w.id()).isTrue()));
            assertThat(new Reverse<>(Deltas.SORT, change.deltas(), Told.of("took-back")).on(after, ids()).after()).isEqualTo(now);
            assertThat(new ShrinkWord(one.on().id(), one.word().id(), came).on(after, ids()).after()).isEqualTo(now);
        }
    }
}
