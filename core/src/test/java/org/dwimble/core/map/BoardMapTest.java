package org.dwimble.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.junit.jupiter.api.Test;

class BoardMapTest {
    private final Vocabulary boards = vocabulary(
        board("home", "sea>sea eat>eat"),
        board("sea", "fish>fish boats>boats", "home:home hive>hive"),
        board("fish", "crab eat>eat", "back:back ."),
        board("boats", "ferry ."),
        board("eat", "apple .", "home:home ."),
        board("attic", "box eat>eat"));

    private static BoardMap map(Vocabulary v, String... folded) {
        return BoardMap.of(v, Routes.of(v), List.of(folded)::contains);
    }

    private static List<String> told(BoardMap map) {
        return map.nodes().stream().map(n -> n.board() + " " + n.taps() + " " + n.row() + " " + n.section()).toList();
    }

    @Test
    void boardsStandInLayersByTapsLevelWithWhatTheyOpen() {
        BoardMap map = map(boards);
        assertThat(told(map)).containsExactly("home 0 1.25 -1", "sea 1 0.5 0", "fish 2 0.0 0", "boats 2 1.0 0", "eat 1 2.0 1", "attic -1 3.0 -1");
        assertThat(map.rows()).isEqualTo(4);
        assertThat(map.nodes().get(1)).satisfies(sea -> {
            assertThat(sea.below()).isEqualTo(2);
            assertThat(sea.looseEnds()).isEqualTo(1);
        });
        assertThat(map.nodes()).filteredOn(BoardMap.Node::noWayOut).extracting(BoardMap.Node::board).containsExactly("boats");
    }

    @Test
    void linksSayWhetherTheyAreAShortestWay() {
        assertThat(map(boards).links()).contains(new BoardMap.Link("home", new Cell(0, 1), "eat", true),
            new BoardMap.Link("fish", new Cell(0, 1), "eat", false),
            new BoardMap.Link("attic", new Cell(0, 1), "eat", false)).hasSize(6);
    }

    @Test
    void aFoldedBoardHidesWhatIsReachedThroughItAndSaysHowMany() {
        BoardMap map = map(boards, "sea", "eat");
        assertThat(told(map)).containsExactly("home 0 0.5 -1", "sea 1 0.0 0", "eat 1 1.0 1", "attic -1 2.0 -1");
        assertThat(map.nodes().get(1).folded()).isTrue();
        assertThat(map.nodes().get(1).below()).isEqualTo(2);
        assertThat(map.nodes().get(2).folded()).as("there is nothing behind it").isFalse();
        assertThat(map.links()).noneMatch(l -> l.to().equals("fish"));
    }

    @Test
    void shortestWaysNeverCross() {
        List<BoardMap.Node> nodes = map(boards).nodes();
        for (BoardMap.Node a : nodes) {
            for (BoardMap.Node b : nodes) {
                if (a.taps() == b.taps() && a.taps() > 0 && a.row() < b.row()) {
                    assertThat(rowOf(nodes, a.parent())).isLessThanOrEqualTo(rowOf(nodes, b.parent()));
                }
            }
        }
    }

    @Test
    void aChainOfThousandBoardsIsNoTrouble() {
        List<Board> chain = new ArrayList<>();
        for (int i = 0; i < 1_000; i++) {
            chain.add(board("b" + i, "next>b" + (i + 1)));
        }
        BoardMap map = map(vocabulary(chain.toArray(Board[]::new)));
        assertThat(map.nodes()).hasSize(1_000);
        assertThat(map.rows()).isEqualTo(1);
        assertThat(map.nodes().get(0).below()).isEqualTo(999);
    }

    private static double rowOf(List<BoardMap.Node> nodes, String board) {
        return nodes.stream().filter(n -> n.board().equals(board)).findFirst().orElseThrow().row();
    }
}
