package org.dwimble.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.junit.jupiter.api.Test;

class MendingTest {
    private static List<Finding> findings(Vocabulary v) {
        return Mending.of(v, Routes.of(v), WayHome.of(v));
    }

    private static Vocabulary made(Finding finding, int mend, Vocabulary v) {
        return finding.mends().get(mend).intention().on(v, ids()).after();
    }

    @Test
    void theSameVocabularyGivesTheSameFindings() {
        Vocabulary v = vocabulary(board("home", "hive>hive play>play ."), board("play", "ball ."), board("attic", "box ."));
        assertThat(findings(v)).hasSize(4).isEqualTo(findings(v));
    }

    @Test
    void aLooseEndIsMendedByMakingTheBoardOrByLettingItSpeak() {
        Vocabulary v = vocabulary(board("home", "bee hive>hive", "play>play ."), board("play", "ball .", "back:back home:home"));
        Finding finding = findings(v).get(0);
        assertThat(finding.told()).isEqualTo(Told.of("loose-end", "button", "hive", "board", "home"));
        Vocabulary made = made(finding, 0, v);
        assertThat(drawn(made.boards().get("hive"))).as("back and home stand where play has them").containsExactly(". .", "back home");
        assertThat(findings(made)).isEmpty();
        Vocabulary speaks = made(finding, 1, v);
        assertThat(speaks.homeBoard().at(new Cell(0, 1)).orElseThrow()).satisfies(b -> {
            assertThat(b.leads()).isEqualTo(Leads.STAYS);
            assertThat(b.spoken()).isEqualTo("hive");
        });
    }

    @Test
    void aBoardWithNoWayOutGetsBackAndHomeWhereItsSiblingsHaveThem() {
        Vocabulary v = vocabulary(board("home", "play>play work>work", ". ."), board("play", "ball kite", "back:back home:home"),
            board("work", "hammer saw", ". glue"));
        Finding finding = findings(v).get(0);
        assertThat(finding.what()).isEqualTo(Finding.What.NO_WAY_OUT);
        assertThat(drawn(made(finding, 0, v).boards().get("work"))).as("room for one: home goes in")
            .containsExactly("hammer saw", "home glue");
    }

    @Test
    void noMendPushesAWordAside() {
        Vocabulary v = vocabulary(board("home", "play>play work>work", ". ."), board("play", "ball kite .", "back:back home:home ."),
            board("work", "saw . .", "glue nail ."));
        assertThat(drawn(made(findings(v).get(0), 0, v).boards().get("work"))).containsExactly("saw . home", "glue nail back");
    }

    @Test
    void aFullBoardWithNoWayOutIsToldWithoutAMend() {
        Vocabulary v = vocabulary(board("home", "work>work"), board("work", "saw"));
        assertThat(findings(v)).singleElement().satisfies(f -> {
            assertThat(f.told()).isEqualTo(Told.of("no-way-out-full", "board", "work"));
            assertThat(f.mends()).isEmpty();
        });
    }

    @Test
    void anUnreachableBoardCanBeOpenedFromTheFirstEmptyCellOfHome() {
        Vocabulary v = vocabulary(board("home", "I . go"), board("attic", "box . home:home"));
        Finding finding = findings(v).get(0);
        Vocabulary mended = made(finding, 0, v);
        assertThat(Routes.of(mended).to("attic").orElseThrow()).containsExactly(new Routes.Tap("home", new Cell(0, 1), "attic"));
    }

    @Test
    void noMendTakesACellThatIsKeptFree() {
        Vocabulary v = vocabulary(board("home", "I .", ". play>play"), board("play", "ball .", "home:home back:back"),
            board("attic", "box .", "home:home back:back"));
        assertThat(findings(v).get(0).mends()).singleElement()
            .satisfies(m -> assertThat(drawn(m.intention().on(v, ids()).after().homeBoard())).containsExactly("I attic", ". play"));
        Vocabulary full = vocabulary(board("home", "I go", ". play>play"), board("play", "ball .", "home:home back:back"),
            board("attic", "box .", "home:home back:back"));
        assertThat(findings(full).get(0)).satisfies(f -> {
            assertThat(f.told()).isEqualTo(Told.of("unreachable-full", "board", "attic", "home", "home"));
            assertThat(f.mends()).isEmpty();
        });
    }
}
