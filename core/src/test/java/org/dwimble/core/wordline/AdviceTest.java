package org.dwimble.core.wordline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.junit.jupiter.api.Test;

class AdviceTest {
    private static final Map<String, List<String>> CATEGORIES = Map.of("base/apple", List.of("food"), "base/pear", List.of("food"), "base/crab",
        List.of("animals"));

    private final Vocabulary boards = vocabulary(
        board("home", "eat>eat play>play sea>sea", ". . kite"),
        board("eat", "cup plate more>more", "back:back home:home kite"),
        board("more", "tea . .", "back:back home:home ."),
        board("play", "ball doll .", "back:back home:home ."),
        pictured(board("sea", "apple pear .", "back:back home:home crab")));

    private static Board pictured(Board board) {
        return board.withButtons(board.buttons().stream().map(b -> CATEGORIES.containsKey("base/" + b.label())
            ? b.withFace(b.face().withLayers(Layer.only("base/" + b.label()))) : b).toList());
    }

    private Advice on(String board, String word, int cells, String... categories) {
        return Advice.on(boards, Routes.of(boards), WayHome.of(boards), board, word, cells, () -> Set.of(categories),
            id -> CATEGORIES.getOrDefault(id, List.of()));
    }

    @Test
    void whereAWordStandsAlreadyIsToldWithThisBoardFirst() {
        assertThat(on("eat", "Kite", 1).stands()).containsExactly(new Advice.Stands("eat", "eat", new Cell(1, 2), 2),
            new Advice.Stands("home", "home", new Cell(1, 2), 1));
        assertThat(on("play", "kite", 1).stands()).extracting(Advice.Stands::board).containsExactly("home", "eat");
        assertThat(on("play", "kettle", 1).stands()).isEmpty();
        assertThat(on("play", "", 1).stands()).isEmpty();
    }

    @Test
    void aBoardWithRoomNeedsNoOther() {
        assertThat(on("play", "kettle", 2)).isEqualTo(new Advice(List.of(), List.of(), null));
    }

    @Test
    void aFullBoardNamesItsFurtherBoardThenThoseOfTheTopic() {
        assertThat(on("eat", "plum", 1, "food").rooms()).containsExactly(new Advice.Room("more", "more", 3, Advice.Why.OPENED_FROM_HERE),
            new Advice.Room("sea", "sea", 1, Advice.Why.SAME_TOPIC));
        assertThat(on("eat", "plum", 2, "food").rooms()).extracting(Advice.Room::board).as("room for all the words").containsExactly("more");
    }

    @Test
    void onAFullHomeBoardOnlyATopicCounts() {
        assertThat(on("home", "plum", 1, "food").rooms()).extracting(Advice.Room::board).containsExactly("sea");
        assertThat(on("home", "kettle", 1).rooms()).isEmpty();
    }

    @Test
    void aNewBoardWouldBeOpenedFromTheNearestBoardOnTheWayWithACellFree() {
        assertThat(on("eat", "plum", 9).further()).as("home's two cells are kept free for back and home").isNull();
        Vocabulary roomy = boards.with(board("home", "eat>eat play>play sea>sea", ". . ."));
        assertThat(Advice.on(roomy, Routes.of(roomy), WayHome.of(roomy), "eat", "plum", 9, Set::of, id -> List.of()))
            .isEqualTo(new Advice(List.of(), List.of(), new Advice.Further("home", "home")));
    }
}
