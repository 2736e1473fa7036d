package org.dwimble.core.regrid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.BringInTest;
import org.dwimble.core.edit.boards.RegridBoards;
import org.dwimble.core.edit.boards.RegridInSteps;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.edit.plan.RemoveStep;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class InStepsTest {
    private static final Screen SCREEN = UsualScreen.COMMON.screen();
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final Ahead AHEAD = new Ahead("Another grid", "So far", TODAY.plusDays(6), 7, TODAY);
    private static final WordTopics TOPICS = new WordTopics() {
        @Override
        public List<String> of(String word) {
            return List.of("crab", "gull", "seal", "eel").contains(word) ? List.of("animals") : List.of();
        }

        @Override
        public @Nullable String picture(String topic) {
            return null;
        }
    };

    private static Onto onto(int rows, int columns) {
        return Onto.nearest(new Shape(rows, columns), SCREEN);
    }

    private static RegridInSteps inSteps(Onto onto, int most, String... boards) {
        return new RegridInSteps(new RegridBoards(List.of(boards), onto, Weights.NONE, TOPICS), most, AHEAD);
    }

    private static Vocabulary laid(Vocabulary now, Onto onto, int most) {
        return inSteps(onto, most, now.boards().keySet().toArray(String[]::new)).on(now, ids()).after();
    }

    private static Vocabulary at(Vocabulary now, int number) {
        return new GoToStep(now.plan().steps().get(number - 1).id(), TODAY).on(now, ids()).after();
    }

    /** Words a finger that goes where they were does not find. */
    private static List<Button> lost(Vocabulary before, Vocabulary after) {
        List<Button> lost = new ArrayList<>();
        for (Board was : before.boards().values()) {
            Board is = after.at(was.id());
            Ground ground = Ground.of(before, was, Onto.nearest(is.shape(), SCREEN));
            was.buttons().stream().filter(b -> is.button(b.id()).filter(then -> ground.underTheSameFinger(b.standing(), then.standing())).isEmpty())
                .forEach(lost::add);
        }
        return lost;
    }

    @Test
    void layingItMovesNothingAndEachStepMovesFewWords() {
        Vocabulary now = vocabulary(board("home", "a b c d e f", "g h i j k l", "m n . . . .", ". . . . . ."));
        Vocabulary laid = laid(now, onto(3, 5), 3);
        assertThat(laid.homeBoard()).isEqualTo(withStep(now, laid).homeBoard());
        assertThat(laid.plan().steps()).extracting(Step::name).startsWith("So far", "Another grid 1", "Another grid 2");
        assertThat(laid.plan().steps()).extracting(Step::planned).startsWith(null, TODAY.plusDays(6), TODAY.plusDays(13));
        assertThat(laid.plan().at()).isEqualTo(1);
        Vocabulary end = at(laid, laid.plan().steps().size());
        assertThat(drawn(end.homeBoard())).isEqualTo(drawn(all(now, onto(3, 5)).homeBoard()));
    }

    private static Vocabulary withStep(Vocabulary now, Vocabulary laid) {
        String first = laid.plan().steps().get(0).id();
        return now.with(now.boards().values().stream().map(b -> b.withButtons(b.buttons().stream()
            .map(w -> w.isWay() || w.onlyOpens() ? w : w.withShown(w.shown().withStep(first))).toList())).toList());
    }

    private static Vocabulary all(Vocabulary now, Onto onto) {
        return Regrid.of(now, now.boards().keySet(), onto, Weights.NONE, TOPICS, ids()).after();
    }

    @Test
    void wordsThatGoRoundInARingMakeAStopOrChangePlaces() {
        Board full = board("home", "a b", "c d");
        Board turned = full.withButtons(List.of(put(full, "a", 0, 1), put(full, "b", 1, 1), put(full, "d", 1, 0), put(full, "c", 0, 0)));
        assertThat(drawn(turned)).containsExactly("c a", "d b");
        assertThat(counts(full, turned, 2)).as("no cell is free: they change places").containsExactly(2, 2, 2);
        assertThat(counts(full, turned, 4)).containsExactly(4);
        Board free = full.withShape(new Shape(2, 3));
        Board freeTurned = turned.withShape(new Shape(2, 3));
        assertThat(counts(free, freeTurned, 2)).as("one steps aside, and comes back last").containsExactly(2, 2, 1);
    }

    private static Button put(Board board, String word, int row, int column) {
        return board.button("home/" + word).orElseThrow().withStanding(Standing.at(new Cell(row, column)));
    }

    private static List<Integer> counts(Board was, Board is, int most) {
        List<Regridded.Moved> words = was.buttons().stream().map(b -> {
            Standing to = is.button(b.id()).orElseThrow().standing();
            return new Regridded.Moved(b, b.standing(), "home", to, 1, 1, b.standing().equals(to));
        }).toList();
        Regridded.CellSize size = new Regridded.CellSize(SCREEN.width(), SCREEN.height());
        Regridded done = new Regridded(vocabulary(is), List.of(new Regridded.OfBoard(was, is, List.of(), words, List.of(), List.of(), 0, size, size)));
        return InSteps.of(vocabulary(was), done, Onto.nearest(is.shape(), SCREEN), most, Weights.NONE).steps().stream().map(s -> s.words().size()).toList();
    }

    @Test
    void wordsOfATopicGoToTheirBoardFewAtATimeAndTheWayThereComesWithTheFirst() {
        Vocabulary now = vocabulary(board("home", "I crab gull", "you seal eel", "want soup go"));
        Vocabulary laid = laid(now, onto(2, 3), 2);
        Board animals = laid.boards().values().stream().filter(b -> b.name().equals("Animals")).findFirst().orElseThrow();
        assertThat(animals.buttons()).as("it waits, with none of its words").noneMatch(Button::isWord);
        Vocabulary step = laid;
        for (int number = 2; number <= laid.plan().steps().size(); number++) {
            step = at(step, number);
            List<Button> there = step.at(animals.id()).buttons().stream().filter(Button::isWord).toList();
            Revealed revealed = Revealed.of(step);
            boolean open = step.homeBoard().buttons().stream().anyMatch(b -> b.label().equals("animals") && revealed.shows(b));
            assertThat(open).as("whenever a word is there, there is a way to it").isEqualTo(!there.isEmpty());
        }
        assertThat(step.at(animals.id()).buttons().stream().filter(Button::isWord)).hasSize(4);
    }

    @Test
    void aWordThatWasPutElsewhereMeanwhileIsNotDrivenAwayAndOneThatIsGoneIsPassedOver() {
        Vocabulary now = vocabulary(board("home", "a b c d", "e f . .", ". . . ."));
        Vocabulary laid = laid(now, onto(2, 3), 2);
        Board home = laid.homeBoard();
        Button late = Button.word("late", new Cell(2, 3), "late", null, null);
        Vocabulary edited = laid.with(home.without("home/a").with(late));
        Vocabulary end = at(edited, edited.plan().steps().size());
        assertThat(end.homeBoard().buttons()).extracting(Button::label).containsExactlyInAnyOrder("b", "c", "d", "e", "f", "late");
        assertThat(end.homeBoard().shape()).isEqualTo(new Shape(2, 3));
        Vocabulary over = laid.with(home.with(late));
        assertThatThrownBy(() -> at(over, over.plan().steps().size())).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told().key()).isEqualTo("step-no-room"));
    }

    @Test
    void aStepThatWaitsCanBeTakenOutAndWhatItMovesIsMovedWithItsNeighbour() {
        Vocabulary now = vocabulary(board("home", "a b c d e f", "g h i j k l", "m n . . . .", ". . . . . ."));
        Vocabulary laid = laid(now, onto(3, 5), 2);
        Vocabulary without = new RemoveStep(laid.plan().steps().get(2).id()).on(laid, ids()).after();
        Vocabulary end = at(without, without.plan().steps().size());
        assertThat(drawn(end.homeBoard())).isEqualTo(drawn(all(now, onto(3, 5)).homeBoard()));
    }

    @Test
    void whatCannotBeDoneInStepsSaysWhy() {
        Vocabulary now = vocabulary(board("home", "a b c d", "e f g h"));
        refused(now, inSteps(onto(1, 8), 1, "home"), "regrid-steps-few");
        refused(now, inSteps(onto(2, 4), 2, "home"), "nothing-to-change");
        Board uneven = now.homeBoard().withShape(new Shape(2, 4, List.of(), List.of(1, 1, 1, 50)));
        refused(now.with(uneven), inSteps(onto(2, 3), 2, "home"), "regrid-steps-uneven");
        assertThatThrownBy(() -> new Ahead("a", "b", null, 0, null)).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told()).isEqualTo(Told.of("step-every", "most", Ahead.LONGEST)));
    }

    private static void refused(Vocabulary now, RegridInSteps intention, String key) {
        assertThatThrownBy(() -> intention.on(now, ids())).isInstanceOfSatisfying(Unacceptable.class, e -> assertThat(e.told().key()).isEqualTo(key));
    }

    private static Stream<Vocabulary> generated() {
        Random random = new Random(11);
        Stream<Vocabulary> full = IntStream.range(0, 25).mapToObj(i -> vocabulary(filled(random, "home"), filled(random, "other")));
        return Stream.concat(full, BringInTest.generated().limit(25).map(pair -> pair[0]));
    }

    /** A board as full as it may be, some words over several cells. */
    private static Board filled(Random random, String id) {
        Board board = Board.empty(id, id, new Shape(2 + random.nextInt(5), 2 + random.nextInt(6)));
        int full = random.nextInt(4);
        while (board.emptyCells().size() > full) {
            Cell cell = board.emptyCells().get(random.nextInt(board.emptyCells().size()));
            Standing wide = new Standing(cell, new Span(1 + random.nextInt(2), 1 + random.nextInt(2)));
            Board now = board;
            boolean fits = random.nextInt(6) == 0 && wide.fits(board.shape()) && wide.cells().stream().allMatch(c -> now.at(c).isEmpty());
            String name = id + board.buttons().size();
            board = board.with(Button.word(name, cell, name, null, null).withStanding(fits ? wide : Standing.at(cell)));
        }
        return board;
    }

    @ParameterizedTest
    @MethodSource("generated")
    void fewWordsMoveAtEachStepTheEndIsAsAllAtOnceAndEachStepIsTakenBackExactly(Vocabulary now) {
        Random random = new Random(now.hashCode());
        for (int i = 0; i < 4; i++) {
            Onto onto = onto(1 + random.nextInt(6), 2 + random.nextInt(6));
            int most = 2 + random.nextInt(8);
            Vocabulary once;
            Vocabulary laid;
            try {
                once = all(now, onto);
                laid = laid(now, onto, most);
            } catch (Unacceptable refused) {
                assertThat(refused.told().key()).isIn("regrid-too-few", "nothing-to-change", "regrid-steps-many", "too-many-steps", "regrid-pinned-row");
                continue;
            }
            assertThat(lost(now, laid)).as("nothing moves when it is laid").isEmpty();
            Plan plan = laid.plan();
            List<InSteps.OneStep> steps = InSteps.of(now, Regrid.of(now, now.boards().keySet(), onto, Weights.NONE, TOPICS, ids()), onto, most, Weights.NONE)
                .steps();
            boolean wide = now.boards().values().stream().flatMap(b -> b.buttons().stream()).anyMatch(b -> !b.span().equals(Span.ONE));
            List<Vocabulary> passed = new ArrayList<>(List.of(laid));
            for (int number = 2; number <= plan.steps().size(); number++) {
                Vocabulary before = passed.get(number - 2);
                Vocabulary after = at(before, number);
                List<String> lost = lost(before, after).stream().map(Button::id).filter(id -> now.boardOf(id).isPresent()).toList();
                InSteps.OneStep step = steps.get(number - 2);
                assertThat(lost).as("what is told of the step is true").containsExactlyInAnyOrderElementsOf(step.words().stream().map(Button::id).toList());
                assertThat(wide || !step.besides().grids().isEmpty() || lost.size() <= most).as("%s of at most %s", lost, most).isTrue();
                assertThat(after.boards().values().stream().mapToInt(b -> b.buttons().size()).sum()).as("nothing is lost")
                    .isEqualTo(laid.boards().values().stream().mapToInt(b -> b.buttons().size()).sum());
                passed.add(after);
            }
            Vocabulary end = passed.get(passed.size() - 1);
            once.boards().values().forEach(b -> assertThat(drawn(end.at(b.id()))).isEqualTo(drawn(b)));
            assertThat(at(laid, plan.steps().size()).boards()).as("all at one go").isEqualTo(end.boards());
            for (int number = plan.steps().size(); number > 1; number--) {
                assertThat(at(passed.get(number - 1), number - 1).boards()).isEqualTo(passed.get(number - 2).boards());
            }
        }
    }
}
