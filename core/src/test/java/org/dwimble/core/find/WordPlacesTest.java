package org.dwimble.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.route.Routes;
import org.junit.jupiter.api.Test;

class WordPlacesTest {
    private final Vocabulary boards = vocabulary(board("home", "sea>sea kite"), board("sea", "Kite kiteboard boxkite"), board("attic", "kite box"));

    private List<String> found(String text, int most) {
        return WordPlaces.of(boards, Routes.of(boards), text, most).stream().map(p -> p.board() + " " + p.button().label() + " " + p.taps()).toList();
    }

    @Test
    void theWordItselfComesFirstNearestHomeAndThenWhatStartsSoAndWhatHasItInside() {
        assertThat(found(" KITE ", 9)).containsExactly("home kite 1", "sea Kite 2", "attic kite 0", "sea kiteboard 2", "sea boxkite 2");
        assertThat(found("kite", 2)).hasSize(2);
        assertThat(found("zebra", 9)).isEmpty();
        assertThat(found(" ", 9)).isEmpty();
    }

    @Test
    void whatIsSaidIsFoundToo() {
        Board attic = boards.boards().get("attic");
        Vocabulary saying = boards.with(attic.with(Facet.SAYS.with(attic.button("attic/box").orElseThrow(), new Says.Words("open the lid"))));
        assertThat(WordPlaces.of(saying, Routes.of(saying), "the lid", 9)).singleElement().satisfies(p -> assertThat(p.button().id()).isEqualTo("attic/box"));
    }

    @Test
    void oneWordInDifferentDressIsPointedOut() {
        assertThat(WordPlaces.differing(boards)).isEmpty();
        Board home = boards.homeBoard();
        Board sea = boards.boards().get("sea");
        Button kite = Facet.PICTURE.with(home.button("home/kite").orElseThrow(), Layer.only("base/kite"));
        Button other = Facet.KIND.with(sea.button("sea/Kite").orElseThrow(), Kind.DO);
        assertThat(WordPlaces.differing(boards.with(List.of(home.with(kite), sea.with(other))))).containsExactly(
            new WordPlaces.Differs("kite", List.of(List.of(), Layer.only("base/kite")), List.of(Kind.THING, Kind.DO), List.of("kite")));
    }
}
