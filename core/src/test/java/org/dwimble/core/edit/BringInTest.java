package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.ways.LeadTo;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.Look;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.place.Fate;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.route.Routes;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Reverse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

public class BringInTest {
    private static final Vocabulary HERE = vocabulary(
        board("home", "I want play>games", "go . ."),
        board("games", "ball dice kite", "back:back home:home ."));
    private static final Vocabulary THERE = vocabulary(
        board("start", "sea>shore old>games ."),
        board("shore", "crab gull tide>tides", ". . ."),
        board("tides", "ebb flood .", ". . again>shore"),
        board("attic", "box . .", ". . ."),
        board("games", "ball dice kite", "back:back home:home ."));

    private static BringIn.Where in(String board, Cell at) {
        return new BringIn.Where(board, at, "the sea", null, false);
    }

    private static Change bring(Wanted wanted, BringIn.Where where) {
        return new BringIn(THERE, wanted, where, false).on(HERE, ids());
    }

    @Test
    void anEmptyCellGetsTheButtonAndEachBoardItsWaysBackWhereTheyStandHere() {
        Change change = bring(Wanted.all(List.of("shore")), in("home", new Cell(1, 1)));
        Vocabulary after = change.after();
        assertThat(after.boards().keySet()).containsExactly("games", "home", "shore", "tides");
        assertThat(drawn(after.homeBoard())).containsExactly("I want play", "go the sea .");
        assertThat(drawn(after.at("shore"))).containsExactly("crab gull tide", "back home .");
        Routes routes = Routes.of(after);
        assertThat(routes.unreachable()).isEmpty();
        assertThat(routes.withNoWayOut()).isEmpty();
    }

    @Test
    void aWordInTheCellOpensThemFromThenOnAndStillSaysItsWord() {
        Button go = bring(Wanted.all(List.of("shore")), in("home", new Cell(1, 0))).after().homeBoard().at(new Cell(1, 0)).orElseThrow();
        assertThat(go.spoken()).isEqualTo("go");
        assertThat(go.leads()).isEqualTo(new Leads.Opens("shore"));
        assertThatThrownBy(() -> bring(Wanted.all(List.of("shore")), in("home", new Cell(0, 2)))).isInstanceOf(Unacceptable.class);
    }

    @Test
    void withoutANameOfItsOwnTheButtonIsCalledLikeTheFirstBoardThatComes() {
        BringIn.Where where = new BringIn.Where("home", new Cell(1, 1), " ", null, false);
        Vocabulary after = new BringIn(THERE, Wanted.all(List.of("games", "attic")), where, false).on(HERE, ids()).after();
        assertThat(after.homeBoard().at(new Cell(1, 1)).orElseThrow().label()).as("games are here already").isEqualTo("attic");
    }

    @Test
    void whoLetsTheSameWordOpenAnotherBoardMeanwhileIsMet() {
        Change change = bring(Wanted.all(List.of("shore")), in("home", new Cell(1, 0)));
        Change other = new LeadTo("home", "home/go", new Leads.Opens("games")).on(HERE, ids());
        assertThat(change.needs().meets(other.deltas())).isTrue();
    }

    @Test
    void severalThatNothingOpensGetABoardOfTheirOwn() {
        Change change = bring(Wanted.alone(List.of("shore", "attic")), in("home", null));
        Board section = change.after().boards().values().stream().filter(b -> b.name().equals("the sea")).findFirst().orElseThrow();
        assertThat(drawn(section)).containsExactly("shore attic .", "back home .");
        assertThat(Routes.of(change.after()).unreachable()).isEmpty();
    }

    @Test
    void aSectionThatNeedsMoreThanABoardGoesOnOnTheNext() {
        Vocabulary many = vocabulary(IntStream.range(0, 9).mapToObj(i -> board("b" + i, "w" + i + " . .")).toArray(Board[]::new));
        Vocabulary after = new BringIn(many, Wanted.alone(List.copyOf(many.boards().keySet())), in("home", null), false).on(HERE, ids()).after();
        assertThat(Routes.of(after).unreachable()).isEmpty();
        assertThat(after.boards().values()).extracting(Board::name).contains("the sea", "the sea 2", "the sea 3");
    }

    @Test
    void theyLookAsBoardsHereUnlessTheirLookIsWanted() {
        Vocabulary rosy = THERE.with(THERE.at("attic").withLook(Look.paper(ColouredPaper.ROSE)));
        Wanted attic = Wanted.alone(List.of("attic"));
        assertThat(new BringIn(rosy, attic, in("home", null), false).on(HERE, ids()).after().at("attic").look()).isEqualTo(Look.PLAIN);
        assertThat(new BringIn(rosy, attic, in("home", null), true).on(HERE, ids()).after().at("attic").look()).isEqualTo(Look.paper(ColouredPaper.ROSE));
    }

    @Test
    void broughtIntoItselfOrTwiceThereIsNothingToBring() {
        assertThatThrownBy(() -> new BringIn(HERE, Wanted.all(List.of("home")), in("games", null), false).on(HERE, ids())).isInstanceOf(Unacceptable.class);
        Vocabulary once = bring(Wanted.alone(List.of("attic")), in("home", null)).after();
        Board attic = once.at("attic");
        Vocabulary same = THERE.with(attic);
        assertThatThrownBy(() -> new BringIn(same, Wanted.alone(List.of("attic")), in("home", null), false).on(once, ids()))
            .isInstanceOf(Unacceptable.class);
    }

    /** Two vocabularies that have boards, ids and names in common, taken at random, from a seed. */
    @Test
    void whatIsHeldOrWaitsHereComesSoAndWhatIsSeenAnywhereHereIsSeen() {
        Vocabulary held = HERE.with(HERE.at("home").with(List.of(
            Facet.STEP.with(Facet.HOLD.with(Button.word("e", new Cell(1, 1), "Ebb", null, null), Hold.PLAIN), "s"),
            Facet.HOLD.with(Button.word("c", new Cell(1, 2), "crab", null, null), Hold.PLAIN))))
            .with(HERE.at("games").with(Button.word("c2", new Cell(1, 2), "crab", null, null)));
        BringIn bring = new BringIn(THERE, Wanted.all(List.of("shore")), in("games", null), false);
        assertThat(bring.arrival(held).keptBack()).containsExactly("ebb");
        Vocabulary roomy = held.with(held.at("home").without("c"));
        Vocabulary after = new BringIn(THERE, Wanted.all(List.of("shore")), in("home", null), false).on(roomy, ids()).after();
        assertThat(after.at("tides").button("tides/ebb").orElseThrow().shown()).isEqualTo(held.at("home").button("e").orElseThrow().shown());
        assertThat(after.at("shore").button("shore/crab").orElseThrow().hidden()).isFalse();
    }

    public static Stream<Vocabulary[]> generated() {
        return IntStream.range(0, 80).mapToObj(seed -> {
            Random random = new Random(seed);
            return new Vocabulary[] {any(random), any(random)};
        });
    }

    private static Vocabulary any(Random random) {
        int boards = 2 + random.nextInt(9);
        List<Board> drawn = new ArrayList<>();
        for (int b = 0; b < boards; b++) {
            String[] rows = new String[3];
            for (int r = 0; r < 3; r++) {
                List<String> cells = new ArrayList<>();
                for (int c = 0; c < 4; c++) {
                    int opens = random.nextInt(boards + 1);
                    String place = r + "-" + c;
                    cells.add(switch (random.nextInt(5)) {
                        case 0 -> "o" + place + ">b" + opens;
                        case 1, 2 -> "w" + place + "v" + random.nextInt(2);
                        default -> ".";
                    });
                }
                rows[r] = String.join(" ", cells);
            }
            drawn.add(board("b" + b, rows));
        }
        return vocabulary(drawn.toArray(Board[]::new));
    }

    @ParameterizedTest
    @MethodSource("generated")
    void whateverComesNothingHereMovesNothingMoreDanglesAndUndoIsExact(Vocabulary here, Vocabulary there) {
        List<String> chosen = new ArrayList<>(there.boards().keySet());
        Collections.shuffle(chosen, new Random(chosen.size()));
        for (boolean all : new boolean[] {true, false}) {
            Wanted some = all ? Wanted.all(chosen.subList(0, 1)) : Wanted.alone(chosen.subList(0, 2));
            String onto = here.boards().values().stream().filter(b -> !On.cellsToFill(here, b, null).isEmpty()).map(Board::id).findFirst().orElseThrow();
            BringIn bring = new BringIn(there, some, in(onto, null), false);
            Change change;
            try {
                change = bring.on(here, ids());
            } catch (Unacceptable nothingComes) {
                continue;
            }
            Vocabulary after = change.after();
            Routes routes = Routes.of(here);
            assertThat(Comparison.of(here, after).words()).filteredOn(w -> w.was() != null && routes.reaches(w.was().board())).extracting(Comparison.Word::fate)
                .containsOnly(Fate.KEPT);
            assertThat(Routes.of(after).looseEnds()).as("only what led nowhere there already comes so")
                .hasSize(routes.looseEnds().size() + bring.arrival(here).looseBefore().size());
            assertThat(Routes.of(after).unreachable()).isSubsetOf(routes.unreachable());
            Set<String> ids = new HashSet<>();
            after.boards().values().forEach(b -> b.buttons().forEach(w -> assertThat(ids.add(w.id())).as(w.id()).isTrue()));
            assertThat(new Reverse<>(Deltas.SORT, change.deltas(), Told.of("took-back")).on(after, ids()).after()).isEqualTo(here);
        }
    }
}
