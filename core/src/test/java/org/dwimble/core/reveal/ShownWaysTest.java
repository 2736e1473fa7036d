package org.dwimble.core.reveal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.plan.Hold;
import org.junit.jupiter.api.Test;

class ShownWaysTest {
    private static final Vocabulary WORDS = vocabulary(board("home", "sea>sea play>play"), board("sea", "crab pool>pool"), board("pool", "prawn home>home"),
        board("play", "ball pool>pool"), board("attic", "kite gone>gone"));

    private static Vocabulary held(String board, String button) {
        Board on = WORDS.at(board);
        return WORDS.with(on.with(Facet.HOLD.with(on.button(button).orElseThrow(), Hold.PLAIN)));
    }

    @Test
    void boardsAreAsFarAsTheShortestWayThatIsShown() {
        assertThat(ShownWays.of(WORDS, Revealed.of(WORDS))).containsOnly(entry("home", 0),
            entry("sea", 1), entry("play", 1),
            entry("pool", 2));
    }

    @Test
    void aWayThatIsHeldLeadsNobodyThere() {
        Vocabulary held = held("home", "home/sea");
        assertThat(ShownWays.of(held, Revealed.of(held))).doesNotContainKey("sea").containsEntry("pool", 2);
    }
}
