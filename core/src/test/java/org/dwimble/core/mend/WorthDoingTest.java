package org.dwimble.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.time.LocalDate;
import java.util.List;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.plan.ChangeStep;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.edit.plan.LayPlan;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.junit.jupiter.api.Test;

class WorthDoingTest {
    private static final LocalDate TODAY = LocalDate.parse("2026-11-27");
    private final Vocabulary bare = vocabulary(board("home", "I want eat>eat ."), board("eat", "apple egg back:back"), board("attic", "box . back:back"));

    private static Vocabulary made(Vocabulary now, Intention... intentions) {
        for (Intention intention : intentions) {
            now = intention.on(now, ids()).after();
        }
        return now;
    }

    private static List<String> keys(Vocabulary vocabulary) {
        return WorthDoing.of(vocabulary, TODAY).stream().map(w -> w.told().key()).toList();
    }

    @Test
    void eachIsToldWithTheOneThingThatDoesItAndIsGoneOnceDone() {
        Vocabulary now = made(bare, new LayPlan(List.of(new LayPlan.NewStep("One", null, List.of("home/I", "eat/apple", "eat/egg")),
            new LayPlan.NewStep("Two", null, List.of("home/want"))), TODAY),
            new HoldWords(Meant.of(List.of("eat/egg")), "ill", TODAY.minusDays(1), false, "Odile", TODAY.minusDays(9)),
            new HoldWords(Meant.of(List.of("eat/apple")), "", null, false, "Odile", TODAY.minusDays(61)));
        now = made(now, new ChangeStep(now.plan().steps().get(1).id(), "Two", TODAY));
        assertThat(keys(now)).containsExactly("worth-step", "worth-past", "worth-forgotten", "worth-nowhere", "unreachable");
        for (WorthDoing worth : WorthDoing.of(now, TODAY)) {
            assertThat(keys(made(now, worth.intention()))).as(worth.told().key()).doesNotContain(worth.told().key());
        }
    }

    @Test
    void whereAllIsWellNothingIs() {
        assertThat(keys(made(bare.without("attic"), new HoldWords(Meant.of(List.of("eat/egg")), "", null, false, "Odile", TODAY.minusDays(60))))).isEmpty();
    }

    @Test
    void aWordOnTwoBoardsIsNamedOnceAndAPictureWithoutAWordIsOneToo() {
        Vocabulary two = vocabulary(board("home", "I eat>eat egg"), board("eat", "egg apple back:back"));
        Button apple = two.boards().get("eat").button("eat/apple").orElseThrow();
        Vocabulary wordless = two.with(two.boards().get("eat").with(apple.withFace(Face.of("", "base/apple", apple.kind()))));
        Vocabulary held = made(wordless, new HoldWords(Meant.of(List.of("home/egg", "eat/egg", "eat/apple")), "ill", TODAY.minusDays(1), false, "Odile",
            TODAY.minusDays(9)));
        assertThat(WorthDoing.of(held, TODAY)).first().satisfies(w -> {
            assertThat(w.told().with()).containsEntry("count", 2L);
            assertThat(w.told().with()).extractingByKey("names").asInstanceOf(InstanceOfAssertFactories.list(Object.class))
                .containsExactlyInAnyOrder("egg", Told.of("a-picture"));
        });
    }
}
