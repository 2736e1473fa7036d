package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.Look;
import org.junit.jupiter.api.Test;

class DifferencesTest {
    private final Vocabulary then = vocabulary(board("home", "I go see"), board("sea", "crab gull ."), board("attic", "box"), board("den", "bed"));

    @Test
    void buttonsThatCameWentMovedOrChangedAreNamedOnTheirBoards() {
        Board home = then.homeBoard();
        Board sea = then.boards().get("sea");
        Button see = home.button("home/see").orElseThrow();
        Vocabulary now = then.with(List.of(
            home.without("home/see").with(Facet.LABEL.with(home.button("home/go").orElseThrow(), "walk")),
            sea.without("sea/crab").with(List.of(see.withStanding(Standing.at(new Cell(0, 2))), Button.word("kite", new Cell(0, 0), "kite", null, null)))));
        assertThat(Differences.between(then, now)).isEqualTo(Map.of("home", Set.of("home/go", "home/see"), "sea", Set.of("sea/crab", "home/see", "kite")));
        assertThat(Differences.between(now, now)).isEmpty();
    }

    @Test
    void aBoardThatOnlyHasAnotherNameSizeOrLookDiffersInNoButton() {
        Vocabulary now = then.without("den").with(List.of(then.boards().get("attic").withName("Loft"),
            then.boards().get("sea").withShape(new Shape(2, 3)), board("cave", "."), then.homeBoard().withLook(Look.paper(ColouredPaper.SKY))));
        assertThat(Differences.between(then, now))
            .isEqualTo(Map.of("home", Set.of(), "attic", Set.of(), "sea", Set.of(), "cave", Set.of(), "den", Set.of("den/bed")));
    }
}
