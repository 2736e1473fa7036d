package org.dwimble.core.bringin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival.Meets;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class ArrivalTest {
    private static final Vocabulary HERE = vocabulary(
        board("home", "I want play>games", "go . ."),
        board("games", "ball dice kite", "back:back home:home ."),
        board("pond", "frog newt duck", "home:home . ."));
    private static final Vocabulary THERE = vocabulary(
        board("start", "sea>shore toys>games .", "lost>nowhere . ."),
        board("shore", "crab gull tide>tides", "home:home wide>ocean swim>pools"),
        board("tides", "ebb flood", "again>shore home:home"),
        board("ocean", "whale .", "games>games home:home"),
        board("pools", "newt duck frog", "eel . home:home"),
        board("games", "ball dice kite", "back:back home:home ."));

    private static List<String> names(List<Board> boards) {
        return boards.stream().map(Board::id).toList();
    }

    private static Arrival all(String... boards) {
        return Arrival.of(THERE, HERE, Wanted.all(List.of(boards)));
    }

    @Test
    void withAllItOpensComesWhatThatOpensTooTheNearestFirst() {
        Arrival arrival = all("shore");
        assertThat(names(arrival.coming())).containsExactly("shore", "tides", "ocean", "pools");
        assertThat(arrival.met()).extracting(Arrival.Met::by).containsExactly(null, "shore", "shore", "shore", "ocean");
        assertThat(arrival.loose()).isEmpty();
    }

    @Test
    void whatIsHereWithTheSameContentDoesNotComeTwiceAndIsOpenedWhereItStands() {
        Arrival arrival = all("ocean");
        assertThat(names(arrival.coming())).containsExactly("ocean");
        assertThat(arrival.met().get(1)).extracting(Arrival.Met::meets, Arrival.Met::here, Arrival.Met::comes).containsExactly(Meets.SAME, "games", false);
        Button games = arrival.asHere(ids()).boards().get("ocean").at(new Cell(1, 0)).orElseThrow();
        assertThat(games.leads()).isEqualTo(new Leads.Opens("games"));
        assertThat(Arrival.of(THERE, HERE, Wanted.alone(List.of("ocean"))).loose()).isEmpty();
    }

    @Test
    void oneOfTheSameNameWithOtherContentComesUnlessTheOneHereIsTakenInstead() {
        Vocabulary here = vocabulary(board("home", "I want"), board("shore", "stone sand"));
        Arrival both = Arrival.of(THERE, here, Wanted.all(List.of("tides")));
        assertThat(both.met().get(1).meets()).isEqualTo(Meets.NAMED_ALIKE);
        assertThat(names(both.coming())).containsExactly("tides", "shore", "ocean", "pools", "games");
        assertThat(both.asHere(ids()).boards().get("shore").id()).isEqualTo("n1");
        assertThat(both.asHere(ids()).boards().get("tides").at(new Cell(1, 0)).orElseThrow().leads()).isEqualTo(new Leads.Opens("n1"));

        Arrival instead = Arrival.of(THERE, here, Wanted.all(List.of("tides")).withInstead(Set.of("shore")));
        assertThat(names(instead.coming())).as("what it opens there is not needed").containsExactly("tides");
        assertThat(instead.asHere(ids()).boards().get("tides").at(new Cell(1, 0)).orElseThrow().leads()).isEqualTo(new Leads.Opens("shore"));
    }

    @Test
    void aloneItTellsWhatWouldLeadNowhereAndTheBoardThatMayBeMeant() {
        Arrival arrival = Arrival.of(THERE, HERE, Wanted.alone(List.of("shore")));
        assertThat(arrival.loose()).extracting(l -> l.button().label(), l -> l.missing().id()).containsExactly(tuple("tide", "tides"), tuple("wide", "ocean"),
            tuple("swim", "pools"));
        assertThat(arrival.loose().get(0).likely()).isNull();
        assertThat(arrival.loose().get(2).likely()).isEqualTo(new Likely("pond", "pond", Likely.Why.SAME_WORDS, 3, 4));
    }

    @Test
    void eachWayOutIsTakenForAllAlikeOrForOneAlone() {
        Wanted wanted = Wanted.alone(List.of("shore")).withWays(Map.of("pools", new WayOut.PointsTo("pond"), "tides", new WayOut.PointsTo("home")))
            .withSingle(Map.of("shore/tide", WayOut.SPEAKS_ONLY));
        Map<String, Button> here = new HashMap<>();
        Arrival.of(THERE, HERE, wanted).asHere(ids()).boards().get("shore").buttons().forEach(b -> here.put(b.label(), b));
        assertThat(here.get("swim").leads()).isEqualTo(new Leads.Opens("pond"));
        assertThat(here.get("tide").leads()).isEqualTo(Leads.STAYS);
        assertThat(here.get("tide").spoken()).as("a silent opener says its label then").isEqualTo("tide");
        assertThat(here.get("wide").leads()).isEqualTo(Leads.STAYS);
    }

    @Test
    void whatLedNowhereThereIsToldAndOpensNothingHereByTheChanceOfOneId() {
        Vocabulary here = vocabulary(board("home", "I want"), board("nowhere", "fog"));
        Arrival arrival = Arrival.of(THERE, here, Wanted.alone(List.of("start")));
        assertThat(arrival.looseBefore()).extracting(e -> e.button().label()).containsExactly("lost");
        assertThat(arrival.asHere(ids()).boards().get("start").button("start/lost").orElseThrow().leads()).isEqualTo(new Leads.Opens("n1"));
        assertThat(all("start").asHere(ids()).boards().get("start").button("start/lost").orElseThrow().leads()).isEqualTo(new Leads.Opens("nowhere"));
    }

    @Test
    void aWayToAnotherVocabularyOfTheStudentStays() {
        Vocabulary there = vocabulary(board("a", "x .").with(Button.leading("far", new Cell(0, 1), "far", null, new Leads.Elsewhere(7))));
        Arrival arrival = Arrival.of(there, HERE, Wanted.all(List.of("a")));
        assertThat(arrival.asHere(ids()).boards().get("a").button("far").orElseThrow().leads()).isEqualTo(new Leads.Elsewhere(7));
    }

    @Test
    void singleButtonsComeWithWhatTheyOpenOrTellWhatWouldLeadNowhere() {
        Board carried = THERE.at("ocean").withButtons(List.of(THERE.at("ocean").at(new Cell(0, 0)).orElseThrow()))
            .with(Button.leading("down", new Cell(0, 1), "down", null, new Leads.Opens("tides")));
        assertThat(names(Arrival.withButtons(THERE, carried, HERE, Wanted.all(List.of())).coming())).containsExactly("tides", "shore", "ocean", "pools");
        Arrival alone = Arrival.withButtons(THERE, carried, HERE, Wanted.alone(List.of()));
        assertThat(alone.coming()).isEmpty();
        assertThat(alone.loose()).extracting(l -> l.missing().id()).containsExactly("tides");
        assertThat(alone.asHere(ids()).buttons()).extracting(Button::label).containsExactly("whale", "down");
        assertThat(alone.asHere(ids()).buttons().get(1).leads()).isEqualTo(Leads.STAYS);
    }

    @Test
    void theFewestBoardsFromWhichAllIsReachedComeFirst() {
        assertThat(names(all("tides", "shore").first())).as("each opens the other").hasSize(1);
        assertThat(names(all("pools", "shore").first())).containsExactly("shore");
        assertThat(names(Arrival.of(THERE, HERE, Wanted.alone(List.of("pools", "tides"))).first())).containsExactly("pools", "tides");
    }

    @Test
    void whatDiffersBetweenTwoBoardsOfOneNameIsKnownCellByCell() {
        Vocabulary here = vocabulary(board("home", "I want"), board("tides", "ebb slack", "again>home ."));
        Alike alike = Alike.of(THERE.at("tides"), THERE, here.at("tides"), here);
        assertThat(alike.onlyThere()).containsExactly("tides/flood", "tides/again", "tides/home");
        assertThat(alike.onlyHere()).containsExactly("tides/slack", "tides/again");
    }

    @Test
    void idsThatAreTakenHereAreOthersAndAllElseKeepsItsOwn() {
        Vocabulary here = vocabulary(board("home", "I want"), board("tides", "ebb slack"));
        Board tides = Arrival.of(THERE, here, Wanted.alone(List.of("tides"))).asHere(ids()).boards().get("tides");
        assertThat(tides.id()).isEqualTo("n1");
        assertThat(tides.buttons()).extracting(Button::id).containsExactly("n2", "tides/flood", "tides/again", "tides/home");
    }

    @Test
    void whatIsNotThereCannotBeWanted() {
        assertThatThrownBy(() -> Arrival.of(THERE, HERE, Wanted.all(List.of()))).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> all("gone")).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> Arrival.of(THERE, HERE, Wanted.alone(List.of("shore")).withWays(Map.of("ocean", new WayOut.PointsTo("gone")))))
            .isInstanceOf(Unacceptable.class);
    }
}
