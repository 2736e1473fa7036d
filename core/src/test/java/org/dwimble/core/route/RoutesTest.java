package org.dwimble.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.Collections;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.junit.jupiter.api.Test;

class RoutesTest {

    private static List<String> names(List<Board> boards) {
        return boards.stream().map(Board::name).toList();
    }

    @Test
    void theShortestRouteIsToldTapByTap() {
        Vocabulary v = vocabulary(board("home", "places>places topics>topics"), board("places", "harbour>harbour"), board("topics", "places>places"),
            board("harbour", "crab home:home"));
        Routes routes = Routes.of(v);
        assertThat(routes.to("home")).hasValue(List.of());
        assertThat(routes.to("harbour"))
            .hasValue(List.of(new Routes.Tap("home", new Cell(0, 0), "places"), new Routes.Tap("places", new Cell(0, 0), "harbour")));
        assertThat(routes.to("nowhere")).isEmpty();
    }

    @Test
    void amongEquallyShortRoutesTheFirstInReadingOrderIsTold() {
        Vocabulary v = vocabulary(board("home", "a>a b>b"), board("a", "x>x"), board("b", "x>x"), board("x", "crab"));
        assertThat(Routes.of(v).to("x").orElseThrow().get(0).cell()).isEqualTo(new Cell(0, 0));
    }

    @Test
    void boardsThatOpenEachOtherAreNoTroubleToWalk() {
        Vocabulary v = vocabulary(board("home", "a>a"), board("a", "b>b"), board("b", "a>a home>home"));
        assertThat(Routes.of(v).to("b").orElseThrow()).hasSize(2);
        assertThat(Routes.of(v).withNoWayOut()).isEmpty();
    }

    @Test
    void aRingOfBoardsThatNeverLeadsHomeHasNoWayOut() {
        Vocabulary v = vocabulary(board("home", "a>a"), board("a", "b>b"), board("b", "a>a back:back"));
        assertThat(names(Routes.of(v).withNoWayOut())).as("back leads only round the ring, or to a, which has no way home but b").containsExactly("a", "b");
    }

    @Test
    void backIsAWayOutIfTheOpenerFindsHome() {
        Vocabulary v = vocabulary(board("home", "a>a"), board("a", "b>b home:home"), board("b", "crab back:back"), board("trap", "crab"));
        assertThat(names(Routes.of(v).withNoWayOut())).containsExactly("trap");
        assertThat(names(Routes.of(v).unreachable())).containsExactly("trap");
    }

    @Test
    void aButtonThatOpensNothingIsALooseEnd() {
        Vocabulary v = vocabulary(board("home", "crab hive>hive"));
        assertThat(Routes.of(v).looseEnds()).singleElement().satisfies(end -> {
            assertThat(end.missing()).isEqualTo("hive");
            assertThat(end.button().cell()).isEqualTo(new Cell(0, 1));
        });
    }

    @Test
    void onHomeTheCellsOfBackAndHomeAreKeptFree() {
        Vocabulary v = vocabulary(board("home", "I play>play", ". ."), board("play", "ball .", "back:back home:home"));
        assertThat(WayHome.of(v).keptFree(v.homeBoard())).containsExactly(new Cell(1, 0), new Cell(1, 1));
        assertThat(WayHome.of(v).keptFree(v.boards().get("play"))).isEmpty();
    }

    @Test
    void theFirstNewBoardOfAllGetsBackAndHomeInItsLastCells() {
        Board made = Siblings.of(vocabulary(board("home", "I go", "see .")), null).newBoard("harbour", "Harbour", null, ids());
        assertThat(drawn(made)).containsExactly(". .", "home back");
        assertThat(made.buttons()).extracting(b -> b.spoken()).as("they say nothing").containsOnly("");
    }

    @Test
    void aNewBoardIsLikeTheBoardsBesideIt() {
        Vocabulary v = vocabulary(board("home", "a>a b>b c>c"), board("a", "stop x . .", "back:back home:home . help"),
            board("b", "stop y z .", "back:back home:home . ."),
            board("c", "stop . .", "back:back . home:home"));
        Board made = Siblings.of(v, "home").newBoard("d", "Den", null, ids());
        assertThat(drawn(made)).as("the size most have, and what more than half of that size carry").containsExactly("stop . . .", "back home . .");
        assertThat(drawn(Siblings.of(v, "home").newBoard("d", "Den", new Shape(3, 2), ids()))).containsExactly(". .", "back home", ". .");
    }

    @Test
    void whereTheOtherBoardsDoWithoutBackANewOneDoesToo() {
        Vocabulary v = vocabulary(board("home", "a>a . ."), board("a", "x . .", ". home:home ."));
        assertThat(drawn(Siblings.of(v, "home").newBoard("d", "Den", null, ids()))).containsExactly(". . .", ". home .");
    }

    @Test
    void boardsAreListedHomeFirstThenByNameAndOpenersOnceEach() {
        Vocabulary v = vocabulary(board("home", "b>b b2>b a>a"), board("b", "x"), board("a", "b>b"), board("C", "x"));
        Routes routes = Routes.of(v);
        assertThat(names(routes.boardsInOrder())).containsExactly("home", "a", "b", "C");
        assertThat(routes.openersOf("b")).containsExactly("a", "home");
        assertThat(routes.openersOf("C")).isEmpty();
    }

    @Test
    void boardsAreInTheOrderOfAlphabetsNotOfCodePoints() {
        Vocabulary v = vocabulary(board("home", "b>b"), board("Zoe", "x"), board("Åse", "x"), board("apple", "x"), board("Ödile", "x"), board("Pier", "x"));
        assertThat(names(Routes.of(v).boardsInOrder())).containsExactly("home", "apple", "Åse", "Ödile", "Pier", "Zoe");
    }

    @Test
    void theWayHomeMayBeAskedByManyAtOnce() throws Exception {
        Board[] many = Stream.concat(Stream.of(board("home", "I go")),
            IntStream.range(0, 300).mapToObj(i -> board("a" + i, "crab .", "back:back home:home"))).toArray(Board[]::new);
        Vocabulary v = vocabulary(many);
        List<Board> sizes = IntStream.range(0, 40).mapToObj(i -> Board.empty("b" + i, "b", new Shape(2 + i / 8, 2 + i % 8))).toList();
        ExecutorService people = Executors.newFixedThreadPool(4);
        for (int round = 0; round < 40; round++) {
            WayHome wayHome = WayHome.of(v);
            CyclicBarrier together = new CyclicBarrier(4);
            List<Future<List<List<Cell>>>> asked = people.invokeAll(Collections.nCopies(4, () -> {
                together.await();
                return sizes.stream().map(wayHome::keptFree).toList();
            }));
            for (Future<List<List<Cell>>> one : asked) {
                assertThat(one.get()).hasSize(40).containsOnly(List.of(new Cell(1, 0), new Cell(1, 1)));
            }
        }
        people.shutdown();
    }
}
