package org.dwimble.core.reveal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.boards.DeleteBoard;
import org.dwimble.core.edit.boards.NewBoard;
import org.dwimble.core.edit.plan.AddStep;
import org.dwimble.core.edit.plan.EndPlan;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.edit.plan.LayPlan;
import org.dwimble.core.edit.plan.LetGo;
import org.dwimble.core.edit.plan.MoveStep;
import org.dwimble.core.edit.plan.PutInStep;
import org.dwimble.core.edit.plan.RemoveStep;
import org.dwimble.core.edit.whole.Arriving;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.plan.Plan;
import org.junit.jupiter.api.Test;

class RevealedTest {
    private static final Supplier<String> IDS = ids();
    private static final LocalDate MONDAY = LocalDate.parse("2026-11-23");
    private final Vocabulary bare = vocabulary(
        board("home", "I want go eat>eat", "play>play . . crab"),
        board("eat", "apple egg . snacks>snacks", "back:back home:home . ."),
        board("snacks", "crisps . . .", "back:back home:home . ."),
        board("play", "ball . . .", "back:back home:home . ."));
    /** Three steps, the student at the first: I, want; then go, apple; then crisps. The others wait. */
    private final Vocabulary planned = made(bare, new LayPlan(List.of(new LayPlan.NewStep("First", null, List.of("home/I", "home/want")),
        new LayPlan.NewStep("Second", null, List.of("home/go", "eat/apple")), new LayPlan.NewStep("Third", null, List.of("snacks/crisps"))), MONDAY));

    private static Vocabulary made(Vocabulary now, Intention... intentions) {
        for (Intention intention : intentions) {
            now = intention.on(now, IDS).after();
        }
        return now;
    }

    private static Vocabulary at(Vocabulary vocabulary, int step) {
        return made(vocabulary, new GoToStep(vocabulary.plan().steps().get(step - 1).id(), MONDAY.plusDays(step)));
    }

    private static Map<String, Revealed.Kept> kept(Vocabulary vocabulary) {
        return Revealed.of(vocabulary).kept();
    }

    @Test
    void withoutAPlanEverythingIsShown() {
        assertThat(kept(bare)).isEmpty();
    }

    @Test
    void aStepShowsItsWordsAndThoseBeforeAndOpenersFollowWhatIsBehindThem() {
        assertThat(kept(planned)).containsOnlyKeys("home/go", "home/eat", "home/play", "home/crab", "eat/apple", "eat/egg", "eat/snacks", "snacks/crisps",
            "play/ball")
            .containsEntry("home/go", Revealed.Kept.WAITS).containsEntry("home/eat", Revealed.Kept.NOTHING_BEHIND);
        assertThat(kept(at(planned, 2))).containsOnlyKeys("home/play", "home/crab", "eat/egg", "eat/snacks", "snacks/crisps", "play/ball");
        assertThat(kept(at(planned, 3))).as("an opener comes back by itself").containsOnlyKeys("home/play", "home/crab", "eat/egg", "play/ball");
        assertThat(Revealed.of(at(planned, 2)).line(planned.boards().get("eat"))).isEqualTo(new Revealed.Line(1, 2));
        assertThat(Revealed.of(at(planned, 2)).line(planned.homeBoard())).isEqualTo(new Revealed.Line(3, 4));
        assertThat(Counts.of(planned).byStep()).containsExactly(2, 4, 5);
        assertThat(Counts.of(at(planned, 2)).shown()).isEqualTo(4);
        assertThat(Counts.after(Counts.of(planned), planned, at(planned, 2))).isEqualTo(Counts.of(at(planned, 2)));
    }

    @Test
    void anOpenerShowsWhatIsTwoBoardsAway() {
        Vocabulary only = made(planned, new PutInStep(Meant.of(List.of("snacks/crisps")), planned.plan().steps().get(0).id()));
        assertThat(kept(only)).doesNotContainKeys("home/eat", "eat/snacks").containsKey("eat/apple");
    }

    @Test
    void heldWordsStayAwayWhateverTheStepAndTheirBoardWithThem() {
        Vocabulary held = made(bare, new HoldWords(Meant.onBoard("eat", true), "not at school", null, false, null, null));
        assertThat(kept(held)).containsOnly(Map.entry("eat/apple", Revealed.Kept.HELD), Map.entry("eat/egg", Revealed.Kept.HELD),
            Map.entry("eat/snacks", Revealed.Kept.HELD), Map.entry("snacks/crisps", Revealed.Kept.HELD), Map.entry("home/eat", Revealed.Kept.NOTHING_BEHIND));
        assertThat(made(held, new LetGo(Meant.EVERYTHING))).isEqualTo(bare);
        assertThat(Counts.of(held).shown()).isEqualTo(5);
    }

    @Test
    void theWaysBackAndHomeAreNeverHeldNorWait() {
        HoldWords way = new HoldWords(Meant.of(List.of("eat/back")), "", null, false, null, null);
        assertThatThrownBy(() -> way.on(bare, ids())).hasMessageContaining("way-is-never-held");
        Vocabulary all = made(bare, new HoldWords(Meant.EVERYTHING, "a quiet day", null, false, null, null));
        assertThat(!kept(all).containsKey("eat/back")).isTrue();
        assertThat(!kept(all).containsKey("eat/apple")).isFalse();
        assertThat(kept(planned)).doesNotContainKeys("eat/back", "eat/home");
    }

    @Test
    void anOpenerThatSpeaksIsAWordAndDoesNotLeadYet() {
        Board home = bare.boards().get("home");
        Vocabulary speaking = bare.with(home.with(Facet.SAYS.with(home.button("home/play").orElseThrow(), Says.LABEL)));
        Vocabulary begun = made(speaking, new LayPlan(List.of(new LayPlan.NewStep("One", null, List.of("home/play"))), MONDAY));
        assertThat(!kept(begun).containsKey("home/play")).isTrue();
        assertThat(Revealed.of(begun).leadsNowhereYet()).containsExactly("home/play");
    }

    @Test
    void aBoardWithNothingOnItHidesNoOpener() {
        Vocabulary with = made(bare, new NewBoard("Beach", "home", null, null, List.of()));
        Board home = with.boards().get("home");
        Vocabulary opened = with.with(home.with(Facet.LEADS.with(home.button("home/play").orElseThrow(), new Leads.Opens(with.boards().keySet().stream()
            .filter(b -> !bare.boards().containsKey(b)).findFirst().orElseThrow()))));
        assertThat(kept(opened)).isEmpty();
    }

    @Test
    void movingOnAndBackIsWhereWeWere() {
        Vocabulary thereAndBack = at(at(planned, 3), 1);
        assertThat(kept(thereAndBack)).isEqualTo(kept(planned));
        assertThat(thereAndBack.boards()).isEqualTo(planned.boards());
        assertThat(thereAndBack.plan().steps()).extracting(s -> String.valueOf(s.began())).as("steps went through have begun")
            .containsExactly("2026-11-23", "2026-11-26", "2026-11-26");
        assertThatThrownBy(() -> at(planned, 1)).hasMessageContaining("at-this-step");
    }

    @Test
    void aStepTakenOutChangesNothingThatIsSeen() {
        for (int at = 1; at <= 3; at++) {
            Vocabulary now = at == 1 ? planned : at(planned, at);
            for (int gone = 1; gone <= 3; gone++) {
                Vocabulary after = made(now, new RemoveStep(now.plan().steps().get(gone - 1).id()));
                if (!(at == 1 && gone == 1)) {
                    assertThat(kept(after)).as("at %d, without %d", at, gone).isEqualTo(kept(now));
                }
                assertThat(after.plan().steps()).hasSize(2);
            }
        }
        Vocabulary one = made(planned, new RemoveStep(planned.plan().steps().get(2).id()), new RemoveStep(planned.plan().steps().get(1).id()));
        assertThat(made(one, new RemoveStep(one.plan().steps().get(0).id())).plan()).isEqualTo(Plan.NONE);
        assertThat(kept(made(planned, new EndPlan()))).isEmpty();
    }

    @Test
    void stepsAreAddedOrderedAndFilledByWhatIsMeant() {
        Vocabulary begun = made(bare, new AddStep("Now", null, Meant.called(List.of("I", "WANT", "lighthouse")), MONDAY));
        assertThat(begun.plan().at()).isEqualTo(1);
        assertThat(Counts.of(begun).byStep()).containsExactly(2);
        assertThat(Meant.called(List.of("I", "lighthouse")).notThere(begun)).containsExactly("lighthouse");
        Vocabulary rest = made(begun, new AddStep("Rest", null, new Meant(null, false, List.of("home/I", "home/want"), null, null, true), null));
        assertThat(Counts.of(rest).byStep()).containsExactly(2, 8);
        assertThat(made(rest, new MoveStep(rest.plan().steps().get(1).id(), 1)).plan().steps()).extracting(s -> s.name()).containsExactly("Rest", "Now");
        assertThatThrownBy(() -> new PutInStep(Meant.called(List.of("lighthouse")), rest.plan().steps().get(0).id()).on(rest, ids()))
            .hasMessageContaining("words-not-there");
        assertThatThrownBy(() -> new PutInStep(Meant.EVERYTHING, null).on(bare, ids())).hasMessageContaining("no-plan");
        assertThatThrownBy(() -> new LayPlan(List.of(), MONDAY).on(bare, ids())).hasMessageContaining("plan-without-steps");
    }

    @Test
    void aNewWordIsShownFromNowOrWaitsForTheStepThatWasChosen() {
        PutWords word = new PutWords("play", null, List.of(new ReadyWord("kite", null, Kind.THING)));
        assertThat(!kept(new Arriving(word, null).on(planned, ids()).after()).containsKey("n1")).isTrue();
        Vocabulary later = new Arriving(word, planned.plan().steps().get(1).id()).on(planned, ids()).after();
        assertThat(!kept(later).containsKey("n1")).isFalse();
        assertThat(!kept(at(later, 2)).containsKey("n1")).isTrue();
        assertThat(new Arriving(word, "s9").on(bare, ids()).after()).isEqualTo(word.on(bare, ids()).after());
    }

    @Test
    void longListsOtherLanguagesAndWordsOfBoardsThatAreGone() {
        List<String> many = new ArrayList<>(Collections.nCopies(4_999, "no such word"));
        many.add("BALL");
        String first = planned.plan().steps().get(0).id();
        assertThat(kept(made(planned, new PutInStep(Meant.called(many), first)))).doesNotContainKey("play/ball");
        many.add("apple");
        assertThatThrownBy(() -> Meant.called(many)).hasMessageContaining("too-many-words");
        assertThatThrownBy(() -> new PutInStep(Meant.called(List.of("pomme", "яблоко", "苹果")), first).on(planned, ids()))
            .hasMessageContaining("words-not-there");
        Vocabulary without = made(planned, new DeleteBoard("snacks"));
        assertThat(Counts.of(without).byStep()).as("its word is in no step any more").containsExactly(2, 4, 4);
        assertThatThrownBy(() -> new PutInStep(Meant.of(List.of("snacks/crisps")), first).on(without, ids())).hasMessageContaining("nothing-to-put-in-step");
        assertThatThrownBy(() -> new PutInStep(Meant.onBoard("snacks", false), first).on(without, ids())).hasMessageContaining("board-gone");
    }

    @Test
    void nothingSaidIsNotEverything() {
        HoldWords none = new HoldWords(Meant.of(List.of()), "", null, false, null, null);
        assertThatThrownBy(() -> none.on(bare, ids())).hasMessageContaining("nothing-to-hold");
        assertThatThrownBy(() -> new PutInStep(Meant.called(List.of(" ", "")), null).on(planned, ids())).hasMessageContaining("nothing-to-put-in-step");
    }

    @Test
    void wordsInNoStepAreCountedWithoutThoseThatAreHeld() {
        assertThat(Counts.of(planned).inNoStep()).as("crab, egg, ball").isEqualTo(3);
        assertThat(Counts.of(made(planned, new HoldWords(Meant.called(List.of("egg")), "", null, false, null, null))).inNoStep()).isEqualTo(2);
        assertThat(Counts.of(bare).inNoStep()).isZero();
    }

    @Test
    void nothingEverMoves() {
        Vocabulary shuffled = made(at(planned, 2), new HoldWords(new Meant(null, false, null, Kind.THING, null, false), "", MONDAY, false,
            "Odile", MONDAY));
        bare.boards().forEach((id, board) -> assertThat(shuffled.boards().get(id).buttons()).extracting(Button::standing)
            .isEqualTo(board.buttons().stream().map(Button::standing).toList()));
        assertThatThrownBy(() -> new HoldWords(Meant.EVERYTHING, "", MONDAY.minusDays(1), false, "Odile", MONDAY).on(bare, ids()))
            .hasMessageContaining("hold-over-already");
    }
}
