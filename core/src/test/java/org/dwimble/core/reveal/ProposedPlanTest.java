package org.dwimble.core.reveal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.route.Routes;
import org.dwimble.core.told.Told;
import org.junit.jupiter.api.Test;

class ProposedPlanTest {
    private static final Map<String, Kind> KINDS = Map.of("I", Kind.WHO, "Lot", Kind.WHO, "want", Kind.DO, "go", Kind.DO, "stop", Kind.DO, "more",
        Kind.LITTLE, "big", Kind.DESCRIBING,
        "harbour", Kind.WHERE, "hello", Kind.SOCIAL);
    private static final Map<String, Double> SAID = Map.of("i", 1.0, "want", 0.5, "go", 0.4, "more", 0.3, "stop", 0.2, "big", 0.1, "kite", 0.01, "crab", 0.02);
    private final Vocabulary boards = kinds(vocabulary(board("home", "I want go more", "stop big people>people things>things"),
        board("people", "Lot hello . home:home"), board("things", "kite crab harbour home:home", "want . . .")));

    private static Vocabulary kinds(Vocabulary vocabulary) {
        Vocabulary after = vocabulary;
        for (Board board : vocabulary.boards().values()) {
            after = after.with(board.with(board.buttons().stream().filter(b -> KINDS.containsKey(b.label())).map(b -> b.withFace(b.face()
                .withKind(KINDS.get(b.label())))).toList()));
        }
        return after;
    }

    private List<ProposedPlan.Step> plan(Vocabulary of, Integer... targets) {
        return ProposedPlan.of(of, Routes.of(of), List.of(targets), Map.of("people/Lot", Told.of("why-own-photo"), "things/kite", Told.of("why-likes",
            "what", "kites")),
            w -> SAID.getOrDefault(w, 0.001));
    }

    private static List<String> words(ProposedPlan.Step step) {
        return step.words().stream().map(w -> w.text() + " " + w.why().key()).toList();
    }

    @Test
    void whatMovesTheStudentComesFirstThenCoreThenWhatCombines() {
        List<ProposedPlan.Step> steps = plan(boards, 4, 7, ProposedPlan.ALL);
        assertThat(words(steps.get(0))).containsExactly("kite why-likes", "Lot why-own-photo", "want why-core-word", "more why-core-word");
        assertThat(words(steps.get(1))).containsExactly("go why-core-word", "I why-combines", "stop why-combines");
        assertThat(steps.get(1).words().get(1).why().with()).containsEntry("phrase", "I want").containsEntry("count", 2L);
        assertThat(words(steps.get(2))).containsExactly("big why-the-rest", "crab why-the-rest", "harbour why-the-rest", "hello why-the-rest");
    }

    @Test
    void aWordIsTakenWithAllItsButtonsAndWhatIsHeldIsLeftOut() {
        assertThat(plan(boards, 4).get(0).words()).filteredOn(w -> w.text().equals("want")).extracting(ProposedPlan.Word::buttons)
            .containsExactly(List.of("home/want", "things/want"));
        Vocabulary held = new HoldWords(Meant.of(List.of("things/kite")), "", null, false, null, null).on(boards, ids()).after();
        assertThat(plan(held, 4, ProposedPlan.ALL).toString()).doesNotContain("things/kite");
    }

    @Test
    void theSameInputGivesTheSamePlanAndTargetsHaveToGrow() {
        assertThat(plan(boards, 3, 8)).isEqualTo(plan(boards, 3, 8));
        assertThat(plan(boards, 50).get(0).words()).as("there are not as many").hasSize(11);
        assertThat(plan(boards, 50, 60, ProposedPlan.ALL)).as("and none are left for more steps").hasSize(1);
        assertThatThrownBy(() -> plan(boards, 8, 8)).hasMessageContaining("plan-targets");
        assertThatThrownBy(() -> plan(boards, ProposedPlan.ALL, 8)).hasMessageContaining("plan-targets");
        assertThatThrownBy(() -> plan(boards)).hasMessageContaining("plan-without-steps");
    }

    @Test
    void wordsOfGrammarComeAfterTheStageOfTwoWords() {
        Vocabulary grammar = boards.with(board("things", "kite crab the is", "and of to home:home"));
        List<String> first = plan(grammar, 14, ProposedPlan.ALL).get(0).words().stream().map(ProposedPlan.Word::text).toList();
        assertThat(first.subList(0, 10)).doesNotContain("the", "is", "and", "of", "to");
    }

    @Test
    void aPhraseThatIsTheReasonIsOneAPersonSays() {
        Phrases phrases = Phrases.shipped();
        assertThat(phrase(phrases, "i", Kind.WHO, "want", Kind.DO)).isTrue();
        assertThat(phrase(phrases, "want", Kind.DO, "kite", Kind.THING)).isTrue();
        assertThat(phrase(phrases, "go", Kind.DO, "home", Kind.WHERE)).isTrue();
        assertThat(phrase(phrases, "more", Kind.DESCRIBING, "juice", Kind.THING)).isTrue();
        assertThat(phrase(phrases, "where", Kind.QUESTION, "mum", Kind.WHO)).isTrue();
        for (String no : List.of("the want", "is go", "my want", "me go", "help go", "her want", "sleep ball", "harbour go", "happy crab", "kite want")) {
            String[] two = no.split(" ");
            Kind one = KINDS.getOrDefault(two[0],
                two[0].equals("my") || two[0].equals("me") ? Kind.WHO : two[0].equals("happy") ? Kind.DESCRIBING : Kind.THING);
            assertThat(phrase(phrases, two[0], one, two[1], KINDS.getOrDefault(two[1], Kind.THING))).as(no).isFalse();
        }
    }

    private static boolean phrase(Phrases phrases, String one, Kind first, String other, Kind second) {
        return phrases.fits(one, first).before(phrases.fits(other, second));
    }
}
