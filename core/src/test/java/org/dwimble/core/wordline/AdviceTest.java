package org.dwimble.core.wordline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.boards.FillBoards;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.screen.UsualScreen;
import org.junit.jupiter.api.Test;

class AdviceTest {
    private static final Map<String, List<String>> CATEGORIES = Map.of("base/apple", List.of("food"), "base/pear", List.of("food"), "base/crab",
        List.of("animals"), "base/gull", List.of("animals"));

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
        return on(boards, board, word, cells, categories);
    }

    private static Advice on(Vocabulary boards, String board, String word, int cells, String... categories) {
        return advice(boards, new Advice.Asked(board, word, cells, null), categories);
    }

    private Advice after(String lately, String board, String word, int cells, String... categories) {
        return advice(boards, new Advice.Asked(board, word, cells, lately), categories);
    }

    private static Advice advice(Vocabulary boards, Advice.Asked asked, String... categories) {
        return Advice.on(boards, Routes.of(boards), WayHome.of(boards), asked, () -> Stream.of(categories).map(Set::of).toList(),
            id -> CATEGORIES.getOrDefault(id, List.of()), UsualScreen.COMMON.screen());
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
        assertThat(on("play", "kettle", 2)).isEqualTo(new Advice(List.of(), List.of(), null, null, null));
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
        Vocabulary animals = boards.with(pictured(board("play", "crab gull .", "back:back home:home .")));
        assertThat(on(animals, "home", "plum", 1, "animals", "food").rooms()).extracting(Advice.Room::board).as("the likeliest topic first")
            .containsExactly("play", "sea");
    }

    @Test
    void wordsWithoutATopicGoWhereOthersWentBeforeAsLongAsThereIsRoom() {
        assertThat(after("play", "home", "kettle", 1).rooms()).containsExactly(new Advice.Room("play", "play", 2, Advice.Why.WHERE_OTHERS_WENT));
        assertThat(after("play", "home", "kettle", 3).rooms()).as("no room for all").isEmpty();
        assertThat(after("play", "home", "plum", 1, "food").rooms()).extracting(Advice.Room::board).as("a topic is more").containsExactly("sea", "play");
        assertThat(after("sea", "home", "plum", 1, "food").rooms()).as("named once").extracting(Advice.Room::why).containsExactly(Advice.Why.OPENED_FROM_HERE);
        assertThat(after("gone", "home", "kettle", 1).rooms()).as("a board that is gone").isEmpty();
        assertThat(after("home", "home", "kettle", 1).rooms()).isEmpty();
    }

    @Test
    void aNewBoardWouldBeOpenedFromTheNearestBoardOnTheWayWithACellFree() {
        Vocabulary roomy = boards.with(board("home", "eat>eat play>play sea>sea", ". . ."));
        assertThat(on(roomy, "eat", "plum", 4).further()).isEqualTo(new Advice.Further("home", "home", 1));
    }

    @Test
    void asManyNewBoardsAreToldAsFillingOnMakes() {
        Vocabulary roomy = boards.with(board("home", "eat>eat play>play sea>sea", ". . ."));
        for (int count = 5; count < 30; count++) {
            Vocabulary filled = new FillBoards("home", null, Collections.nCopies(count, new ReadyWord("plum", null, null)),
                new ReadyWord("More eat", null, null))
                .on(roomy, () -> UUID.randomUUID().toString()).after();
            assertThat(on(roomy, "eat", "plum", count).further().boards()).as("%s words", count).isEqualTo(filled.boards().size() - roomy.boards().size());
        }
    }

    @Test
    void elseFromABoardThatIsOpenedHereTheOneWithMostWaysOnFirstElseFromAnyBoard() {
        assertThat(on("home", "whistle", 1).further()).as("eat is full, play has a cell").isEqualTo(new Advice.Further("play", "play", 1));
        assertThat(on("eat", "plum", 9).further()).as("home’s two cells are kept free").isEqualTo(new Advice.Further("more", "more", 3));
        Vocabulary topics = boards.with(List.of(board("home", "play>play sea>sea eat>eat", "topics>topics . ."), board("topics", "more>more sea>sea .",
            "back:back home:home .")));
        assertThat(on(topics, "home", "whistle", 2).further()).isEqualTo(new Advice.Further("topics", "topics", 1));
    }

    @Test
    void aFullHomeBoardTellsOfItsKeptCellAndOfARowBelowThatMovesNothing() {
        Advice advice = on("home", "whistle", 1);
        assertThat(advice.kept()).isEqualTo(new Advice.KeptCell(new Cell(1, 0), false));
        assertThat(advice.row().rows()).isEqualTo(3);
        assertThat(advice.row().thenMm()).isLessThan(advice.row().heightMm() * 0.7).isPositive();
        assertThat(advice.row().small()).isFalse();
        assertThat(on("home", "two words", 2).kept()).as("more than one word wants more than one cell").isNull();
        assertThat(on("home", "four words", 4).row()).as("a row has three cells").isNull();
    }

    @Test
    void whereNothingAtAllHasRoomARowBelowIsLeft() {
        Vocabulary full = vocabulary(board("home", "a b", "c d"));
        Advice advice = on(full, "home", "whistle", 1);
        assertThat(advice.rooms()).isEmpty();
        assertThat(advice.further()).isNull();
        assertThat(advice.row()).isNotNull();
    }
}
