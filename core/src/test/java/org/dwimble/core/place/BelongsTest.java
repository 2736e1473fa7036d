package org.dwimble.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.junit.jupiter.api.Test;

class BelongsTest {
    private static final Map<String, Set<String>> CATEGORIES = Map.of("dog", Set.of("animals"), "cat", Set.of("animals"), "tea", Set.of("drinks"));
    private final Vocabulary boards = vocabulary(board("home", "I pets>pets food>food ."), board("pets", "dog cat . .", "back:back home:home . ."),
        board("food", "tea . . .", "back:back home:home . ."), board("attic", "dog cat . ."));

    private Spot belongs(String... categories) {
        return Belongs.of(boards, Routes.of(boards), WayHome.of(boards), Set.of(categories), w -> CATEGORIES.getOrDefault(w, Set.of())).orElseThrow();
    }

    @Test
    void withItsLikeWhereThereIsRoom() {
        assertThat(belongs("animals").board()).isEqualTo("pets");
        assertThat(belongs("animals").standing().cell()).isEqualTo(new Cell(0, 2));
        assertThat(belongs("animals").taps()).containsExactly(new Cell(0, 1));
    }

    @Test
    void elseNearestHome() {
        assertThat(belongs("drinks").board()).as("one is no topic").isEqualTo("home");
        assertThat(belongs().board()).isEqualTo("home");
        Vocabulary full = vocabulary(board("home", "I want"));
        assertThat(Belongs.of(full, Routes.of(full), WayHome.of(full), Set.of(), w -> Set.of())).isEmpty();
    }
}
