package org.dwimble.core.regrid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.BringInTest;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Deltas;
import org.dwimble.core.edit.boards.RegridBoards;
import org.dwimble.core.regrid.Regridded.Moved;
import org.dwimble.core.regrid.Regridded.OfBoard;
import org.dwimble.core.route.Routes;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.use.HowOften;
import org.dwimble.core.version.Reverse;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RegridTest {
    private static final Screen SCREEN = UsualScreen.COMMON.screen();
    private static final WordTopics TOPICS = new WordTopics() {
        @Override
        public List<String> of(String word) {
            return switch (word) {
                case "crab", "gull", "seal", "eel" -> List.of("animals");
                case "soup", "bread", "plum" -> List.of("food");
                default -> List.of();
            };
        }

        @Override
        public @Nullable String picture(String topic) {
            return topic.equals("animals") ? "base/paw" : null;
        }
    };

    private static Onto onto(int rows, int columns) {
        return Onto.nearest(new Shape(rows, columns), SCREEN);
    }

    private static Regridded regridded(Vocabulary now, Onto onto, Weights weights) {
        return Regrid.of(now, now.boards().keySet().stream().sorted().toList(), onto, weights, TOPICS, ids());
    }

    private static OfBoard one(Onto onto, Weights weights, String... rows) {
        return Regrid.of(vocabulary(board("home", rows)), List.of("home"), onto, weights, TOPICS, ids()).boards().get(0);
    }

    private static List<String> home(Onto onto, String... rows) {
        return drawn(one(onto, Weights.NONE, rows).after());
    }

    private static Weights said(String word, int times, int days) {
        return new Weights(Map.of(word, new HowOften(times, days)));
    }

    @Test
    void onALargerGridEveryWordKeepsItsPartOfTheScreen() {
        assertThat(home(onto(4, 4), "a b", "c d")).as("in the corners").containsExactly("a . . b", ". . . .", ". . . .", "c . . d");
        assertThat(home(onto(3, 6), "a b c d", "e f g h", "i j k l")).as("new columns come between, and nothing leaves its row")
            .containsExactly("a . b c . d", "e . f g . h", "i . j k . l");
        assertThat(home(onto(3, 5), "a b c d", "e f g h", "i j k l")).containsExactly("a b . c d", "e f . g h", "i j . k l");
        assertThat(home(onto(2, 4), "a . . d", ". f . .")).as("the grid it has: nothing moves").containsExactly("a . . d", ". f . .");
    }

    @Test
    void onASmallerGridWhatFitsStaysNearAndInOrder() {
        assertThat(home(onto(2, 3), "a . . b", ". . . .", "c . d e")).containsExactly("a . b", "c d e");
        assertThat(home(onto(1, 4), "a . c .", ". b . d")).containsExactly("a b c d");
        assertThat(home(onto(1, 2), "a b")).containsExactly("a b");
    }

    @Test
    void ofTwoThatWantOneCellTheOneGetsItThatIsSaidMoreAndLonger() {
        String[] rows = {"a . . . . .", ". b . . . ."};
        assertThat(drawn(one(onto(1, 3), said("a", 200, 90), rows).after())).containsExactly("a b .");
        assertThat(drawn(one(onto(1, 3), said("b", 200, 90), rows).after())).as("a word said often stays; one never said makes way, over it or not")
            .containsExactly("b a .");
    }

    @Test
    void aWordWeighsMoreTheMoreAndTheLongerItIsSaidAndIfItIsCore() {
        Button crab = Button.word("b", new Cell(0, 0), "crab", null, null);
        assertThat(Weights.NONE.of(crab)).isEqualTo(1);
        assertThat(said("crab", 7, 0).of(crab)).isEqualTo(4);
        assertThat(said("crab", 7, 182).of(crab)).isCloseTo(4 * 1.5, within(0.001));
        assertThat(said("crab", 7, 3_000).of(crab)).isEqualTo(8);
        assertThat(Weights.NONE.of(Button.word("b", new Cell(0, 0), "More", null, null))).isEqualTo(2);
        assertThat(Weights.NONE.of(Button.leading("b", new Cell(0, 0), "beach", null, new Leads.Opens("beach")))).isEqualTo(2);
        assertThat(said("crab", 7, 0).times(crab)).isEqualTo(7);
    }

    @Test
    void homeAndBackGoToTheSameCellsOnEveryBoardAndHomeKeepsThemFree() {
        Vocabulary now = vocabulary(
            board("home", "eat>eat play>play . I", "you it he she", ". . . we"),
            board("eat", "soup bread plum .", ". . . .", "back:back home:home . ."),
            board("play", "ball kite dice sand", "drum book doll . ", "back:back home:home . ."));
        Vocabulary larger = regridded(now, onto(4, 6), Weights.NONE).after();
        assertThat(drawn(larger.at("eat")).get(3)).startsWith("back . home");
        assertThat(drawn(larger.at("play")).get(3)).startsWith("back . home");
        assertThat(larger.homeBoard().at(new Cell(3, 0))).isEmpty();
        assertThat(larger.homeBoard().at(new Cell(3, 2))).isEmpty();
    }

    @Test
    void chosenRowsStayARowInTheirOrder() {
        String[] rows = {"I you want go", ". . . .", "a b c d", "e f g h"};
        assertThat(home(onto(3, 4).withPinned(Set.of(0)), rows)).first().isEqualTo("I you want go");
        assertThat(home(onto(6, 6).withPinned(Set.of(0, 3)), rows)).first().isEqualTo("I . you want . go");
        assertThatThrownBy(() -> home(onto(4, 3).withPinned(Set.of(0)), rows)).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told()).isEqualTo(Told.of("regrid-pinned-row", "row", 1, "board", "home", "words", 4, "columns", 3)));
        assertThatThrownBy(() -> home(onto(1, 9).withPinned(Set.of(0, 1)), rows)).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told().key()).isEqualTo("regrid-pinned-rows"));
    }

    @Test
    void whatDoesNotFitGoesToABoardOfItsTopicOpenedFromWhereItWas() {
        OfBoard done = one(onto(2, 3), Weights.NONE, "I crab gull", "you seal eel", "want soup .");
        assertThat(done.topics()).extracting(Topic::name).containsExactly("animals");
        assertThat(done.going()).extracting(Topic::name).containsExactly("animals");
        assertThat(done.linked()).singleElement().satisfies(b -> {
            assertThat(b.name()).isEqualTo("Animals");
            assertThat(b.buttons()).extracting(Button::label).contains("home");
            assertThat(b.buttons().stream().filter(Button::isWord).map(Button::label)).containsExactlyInAnyOrder("crab", "gull", "seal", "eel");
        });
        assertThat(done.after().buttons()).extracting(Button::label).containsExactlyInAnyOrder("I", "you", "want", "soup", "animals");
        assertThat(done.after().buttons()).filteredOn(b -> b.label().equals("animals")).extracting(Button::picture).containsExactly("base/paw");
    }

    @Test
    void topicsCanBeChosenAndWhatIsStillTooMuchGoesByWeight() {
        String[] rows = {"crab gull seal soup", "bread plum jug cup"};
        Weights weights = new Weights(Map.of("cup", new HowOften(50, 10)));
        OfBoard chosen = one(onto(2, 3).withTopics(List.of("food")), weights, rows);
        assertThat(chosen.going()).extracting(Topic::name).containsExactly("food");
        OfBoard none = one(onto(2, 3).withTopics(List.of()), weights, rows);
        assertThat(none.going()).singleElement().satisfies(t -> assertThat(t.name()).isNull());
        assertThat(none.linked()).extracting(Board::name).containsExactly("Home 2");
        assertThat(none.after().buttons()).extracting(Button::label).contains("cup", "home 2").hasSize(6);
        assertThat(one(onto(1, 4), Weights.NONE, "I want more go different where").after().buttons()).as("core words that serve most stay")
            .extracting(Button::label).containsExactlyInAnyOrder("want", "more", "go", "home 2");
    }

    @Test
    void aGreatDealIsSpreadOverBoardsOneOpenedFromTheOther() {
        List<String> rows = IntStream.range(0, 10).mapToObj(r -> String.join(" ", IntStream.range(0, 10).mapToObj(c -> "w" + r + "x" + c).toList())).toList();
        Vocabulary now = vocabulary(board("home", "many>many ."), board("many", rows.toArray(String[]::new)));
        Vocabulary after = Regrid.of(now, List.of("many"), onto(2, 3), Weights.NONE, WordTopics.NONE, ids()).after();
        assertThat(Routes.of(after).unreachable()).isEmpty();
        assertThat(after.boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.label().startsWith("w"))).hasSize(100);
        assertThat(after.boards().values()).extracting(Board::name).contains("many", "Many 2", "Many 3");
    }

    @Test
    void buttonsOverSeveralCellsKeepThemWhileThereIsRoom() {
        Board drawn = board("home", "a . . b", "c d e f");
        Vocabulary now = vocabulary(drawn.with(drawn.button("home/a").orElseThrow().withStanding(new Standing(new Cell(0, 0), new Span(1, 3)))));
        OfBoard wide = regridded(now, onto(3, 6), Weights.NONE).boards().get(0);
        assertThat(wide.after().button("home/a").orElseThrow().span()).isEqualTo(new Span(1, 3));
        assertThat(wide.narrowed()).isZero();
        OfBoard narrow = regridded(now, onto(3, 2), Weights.NONE).boards().get(0);
        assertThat(narrow.after().button("home/a").orElseThrow().span()).as("as much as leaves a cell for all").isEqualTo(Span.ONE);
        assertThat(narrow.narrowed()).isEqualTo(1);
        OfBoard four = regridded(now, onto(4, 2), Weights.NONE).boards().get(0);
        assertThat(four.after().button("home/a").orElseThrow().span()).isEqualTo(new Span(1, 2));
    }

    @Test
    void aBoardLyingAcrossIsTurnedForAScreenStandingUpAndBack() {
        Screen up = new Screen(SCREEN.height(), SCREEN.width());
        Onto turned = new Onto(new Shape(3, 2), SCREEN, up, Set.of(), Onto.How.NEAREST, null);
        assertThat(home(turned, "a b c", "d e f")).satisfies(rows -> {
            assertThat(rows.get(0)).startsWith("a");
            assertThat(rows.get(0)).endsWith("c");
            assertThat(rows.get(2)).isEqualTo("d f");
        });
        Board after = one(turned, Weights.NONE, "a b c", "d e f").after();
        Onto back = new Onto(new Shape(2, 3), up, SCREEN, Set.of(), Onto.How.NEAREST, null);
        assertThat(drawn(Regrid.of(vocabulary(after), List.of("home"), back, Weights.NONE, WordTopics.NONE, ids()).boards().get(0).after()))
            .satisfies(rows -> assertThat(rows.get(0)).startsWith("a").endsWith("c"));
    }

    @Test
    void itIsToldHowFarEachWordMovesAndWhetherAFingerStillFindsIt() {
        OfBoard done = one(onto(2, 8), said("d", 31, 0), "a b c d", "e f g h");
        assertThat(done.words()).hasSize(8);
        assertThat(done.cell().width().mm()).isGreaterThan(done.cellThen().width().mm() * 1.9);
        Moved d = done.words().stream().filter(w -> w.button().label().equals("d")).findFirst().orElseThrow();
        Moved h = done.words().stream().filter(w -> w.button().label().equals("h")).findFirst().orElseThrow();
        assertThat(d.mm()).isCloseTo(h.mm(), within(0.001));
        assertThat(d.cost()).isCloseTo(6 * d.mm(), within(0.001));
        OfBoard same = one(onto(2, 4), Weights.NONE, "a b c d", "e f g h");
        assertThat(same.moved()).isEmpty();
        assertThat(same.words()).allMatch(Moved::found);
        assertThat(done.moved()).isSortedAccordingTo((x, y) -> Double.compare(y.cost(), x.cost()));
    }

    @Test
    void leftInTheirCellsWordsMoveFurtherThanNeedBe() {
        Onto onto = onto(4, 6);
        String[] rows = {"a b c d", "e f g h", "i j k l"};
        OfBoard same = one(onto.with(Onto.How.SAME_CELLS), Weights.NONE, rows);
        assertThat(drawn(same.after())).containsExactly("a b c d . .", "e f g h . .", "i j k l . .", ". . . . . .");
        assertThat(sum(one(onto, Weights.NONE, rows))).isLessThan(sum(same));
        assertThatThrownBy(() -> one(onto(2, 6).with(Onto.How.SAME_CELLS), Weights.NONE, rows)).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told().key()).isEqualTo("regrid-smaller"));
    }

    private static double sum(OfBoard board) {
        return board.words().stream().mapToDouble(Moved::mm).sum();
    }

    @Test
    void oneCellIsTooFewForHomeAndAWordAndEnoughForAWord() {
        Vocabulary now = vocabulary(board("home", "eat>eat ."), board("eat", "soup home:home"));
        assertThatThrownBy(() -> Regrid.of(now, List.of("eat"), onto(1, 1), Weights.NONE, TOPICS, ids())).isInstanceOfSatisfying(Unacceptable.class,
            e -> assertThat(e.told().key()).isEqualTo("regrid-too-few"));
        assertThat(drawn(Regrid.of(now, List.of("home"), onto(1, 1), Weights.NONE, TOPICS, ids()).after().homeBoard())).containsExactly("eat");
        assertThatThrownBy(() -> Regrid.of(now, List.of("nowhere"), onto(1, 1), Weights.NONE, TOPICS, ids())).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> Regrid.of(now, List.of(), onto(1, 1), Weights.NONE, TOPICS, ids())).isInstanceOf(Unacceptable.class);
    }

    @Test
    void moreThanCanBeWorkedOutAtOnceIsRefused() {
        List<Button> made = IntStream.range(0, 1_600).mapToObj(i -> Button.word("w" + i, new Cell(i / 40, i % 40), "w" + i, null, null)).toList();
        Board one = Board.empty("one", "one", new Shape(40, 40)).withButtons(made);
        Board two = Board.empty("two", "two", new Shape(40, 40)).withButtons(made.stream().map(b -> b.withId("2" + b.id())).toList());
        assertThatThrownBy(() -> Regrid.of(vocabulary(one, two), List.of("one", "two"), onto(40, 40), Weights.NONE, WordTopics.NONE, ids()))
            .isInstanceOfSatisfying(Unacceptable.class, e -> assertThat(e.told()).isEqualTo(Told.of("regrid-too-much", "boards", 2)));
    }

    @Test
    void leftAsItIsItIsToldWhereTheWayToASecondBoardWouldBe() {
        Vocabulary now = vocabulary(board("home", "eat>eat .", ". I"), board("eat", "soup bread", "back:back home:home"));
        assertThat(SecondBoard.of(now, now.homeBoard()).at()).as("not where home and back are kept").contains(new Cell(0, 1));
        assertThat(SecondBoard.of(now, now.homeBoard()).cells()).isEqualTo(2);
        assertThat(SecondBoard.of(now, now.at("eat")).at()).isEmpty();
    }

    /** Every way to give the words cells, on boards small enough. */
    @Test
    void noOtherWayToLayThemMovesLess() {
        Random random = new Random(3);
        for (int i = 0; i < 40; i++) {
            String[] rows = IntStream.range(0, 3).mapToObj(r -> String.join(" ", IntStream.range(0, 3).mapToObj(c -> random.nextInt(3) > 0 ? "." : "w" + r + c)
                .toList())).toArray(String[]::new);
            Board was = board("home", rows);
            Shape shape = new Shape(2, 2 + random.nextInt(2));
            if (was.buttons().isEmpty() || was.buttons().size() > shape.cells()) {
                continue;
            }
            Map<String, HowOften> said = new HashMap<>();
            was.buttons().forEach(b -> said.put(b.label(), new HowOften(1 + random.nextInt(60), random.nextInt(90))));
            Weights weights = new Weights(said);
            Onto onto = Onto.nearest(shape, SCREEN);
            OfBoard done = one(onto, weights, rows);
            double cost = done.words().stream().mapToDouble(Moved::cost).sum();
            double least = least(Ground.of(vocabulary(was), was, onto), was.buttons(), WayCells.cellsOf(onto), weights, new HashSet<>());
            assertThat(cost).isBetween(least - 0.001, least * 1.001 + 0.01 * was.buttons().size());
        }
    }

    private static double least(Ground ground, List<Button> left, List<Cell> cells, Weights weights, Set<Cell> taken) {
        if (left.isEmpty()) {
            return 0;
        }
        Button first = left.get(0);
        double best = Double.MAX_VALUE;
        for (Cell cell : cells) {
            if (taken.add(cell)) {
                best = Math.min(best, weights.of(first) * ground.mm(first.standing(), Standing.at(cell))
                    + least(ground, left.subList(1, left.size()), cells, weights, taken));
                taken.remove(cell);
            }
        }
        return best;
    }

    private static Stream<Vocabulary[]> generated() {
        return BringInTest.generated().limit(40);
    }

    @ParameterizedTest
    @MethodSource("generated")
    void whateverTheGridNothingIsLostNothingDanglesAndUndoIsExact(Vocabulary now, Vocabulary other) {
        Random random = new Random(now.hashCode());
        for (int i = 0; i < 4; i++) {
            Onto onto = onto(1 + random.nextInt(6), 2 + random.nextInt(6)).withPinned(random.nextBoolean() ? Set.of() : Set.of(0));
            List<String> some = new ArrayList<>(now.boards().keySet()).subList(0, 1 + random.nextInt(now.boards().size()));
            Change change;
            try {
                change = new RegridBoards(some, onto, Weights.NONE, TOPICS).on(now, ids());
            } catch (Unacceptable tooFew) {
                assertThat(tooFew.told().key()).startsWith("regrid-");
                continue;
            }
            Vocabulary after = change.after();
            some.forEach(b -> assertThat(after.at(b).shape()).isEqualTo(onto.shapeOf(now.at(b).shape())));
            assertThat(words(after)).as("every button, once, as it was but for its place").containsAllEntriesOf(words(now));
            assertThat(Routes.of(after).looseEnds()).hasSameSizeAs(Routes.of(now).looseEnds());
            assertThat(Routes.of(after).unreachable()).extracting(Board::id).filteredOn(now.boards()::containsKey)
                .isSubsetOf(Routes.of(now).unreachable().stream().map(Board::id).toList());
            assertThat(new Reverse<>(Deltas.SORT, change.deltas(), Told.of("took-back")).on(after, ids()).after()).isEqualTo(now);
            now.boards().keySet().stream().filter(b -> !some.contains(b)).forEach(b -> assertThat(after.at(b)).isSameAs(now.at(b)));
        }
    }

    private static Map<String, Button> words(Vocabulary of) {
        Map<String, Button> words = new HashMap<>();
        of.boards().values().forEach(b -> b.buttons().forEach(w -> words.put(w.id(), w.withStanding(Standing.at(new Cell(0, 0))))));
        return words;
    }
}
