package org.dwimble.core.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.junit.jupiter.api.Test;

class ReachTest {
    private static final Screen TABLET = Screen.ofDiagonal(10.2, 4, 3);
    private final Vocabulary boards = vocabulary(board("home", "I . sea>sea", ". go ."), board("sea", "crab . I", ". . ."), board("attic", "box . .", ". . ."));
    private final Reach reach = new Reach(boards, Routes.of(boards), TABLET, null, b -> false);
    private final TalkLayout layout = new TalkLayout(TABLET, 2, 3);
    private final double across = layout.cellWidth().mm() + layout.gapLength().mm();
    private final double halfDown = (layout.cellHeight().mm() + layout.gapLength().mm()) / 2;

    @Test
    void aWordOnHomeCostsOneTapAndTheWayFromTheMiddle() {
        Reach.Cost go = reach.on(boards.homeBoard()).get("home/go");
        assertThat(go.taps()).isEqualTo(1);
        assertThat(go.travelMm()).isCloseTo(halfDown, within(0.01));
        assertThat(reach.on(boards.homeBoard()).get("home/I").travelMm()).isCloseTo(Math.hypot(across, halfDown), within(0.01));
    }

    @Test
    void furtherOnEveryTapOfTheWayCounts() {
        Reach.Cost crab = reach.on(boards.boards().get("sea")).get("sea/crab");
        assertThat(crab.taps()).isEqualTo(2);
        assertThat(crab.travelMm()).as("to the opener at the top right, then right across").isCloseTo(Math.hypot(across, halfDown) + 2 * across, within(0.02));
    }

    @Test
    void noTapsLeadToTheAttic() {
        assertThat(reach.on(boards.boards().get("attic"))).isEmpty();
    }

    @Test
    void theCostliestWordsAreListedByTheirCheapestPlace() {
        assertThat(reach.costliest(9)).extracting(w -> w.button().id()).containsExactly("sea/crab", "home/I", "home/go");
        assertThat(reach.costliest(1)).hasSize(1);
    }
}
