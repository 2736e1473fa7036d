package org.dwimble.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.boards.DeleteBoard;
import org.dwimble.core.edit.boards.InsertLine;
import org.dwimble.core.edit.boards.SplitCell;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.edit.ways.LeadTo;
import org.dwimble.core.edit.ways.MakeHome;
import org.dwimble.core.edit.ways.PutOpener;
import org.dwimble.core.edit.whole.PutBack;
import org.dwimble.core.edit.whole.Several;
import org.dwimble.core.edit.words.CopyButtons;
import org.dwimble.core.edit.words.MoveButton;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.edit.words.TakeOff;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.route.Routes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ComparisonTest {
    private final Vocabulary before = vocabulary(
        board("home", "I want . harbour>harbour", "go eat>eat . ."),
        board("harbour", "crab gull . seal", "back:back home:home . boat"),
        board("eat", "apple pear . .", "back:back home:home . ."));

    private Vocabulary after(Intention... intentions) {
        return made(before, intentions);
    }

    private static Vocabulary made(Vocabulary now, Intention... intentions) {
        for (Intention intention : intentions) {
            now = intention.on(now, ids()).after();
        }
        return now;
    }

    /** Those that are other than kept, as "text fate". */
    private static List<String> fates(Comparison comparison) {
        return comparison.words().stream().filter(w -> w.fate() != Fate.KEPT).map(w -> w.text() + " " + w.fate()).toList();
    }

    @Test
    void whatIsTheSameKeptItsPlace() {
        Comparison same = Comparison.of(before, before);
        assertThat(fates(same)).isEmpty();
        assertThat(same.kept()).isEqualTo(new Comparison.Share(9, 9));
        assertThat(same.kept().part()).isEqualTo(1);
    }

    @Test
    void whatMovedIsToldWithWhereItWas() {
        Comparison moved = Comparison.of(before, after(new MoveButton("harbour", "harbour/crab", "harbour", new Cell(0, 2)), new MoveButton("eat",
            "eat/pear", "home", new Cell(0, 2))));
        assertThat(fates(moved)).containsExactly("pear MOVED", "crab MOVED");
        Comparison.Word crab = moved.words(Fate.MOVED).get(1);
        assertThat(crab.was().standing().cell()).isEqualTo(new Cell(0, 0));
        assertThat(crab.is().standing().cell()).isEqualTo(new Cell(0, 2));
        assertThat(crab.was().taps()).containsExactly(new Cell(0, 3));
        assertThat(moved.kept()).isEqualTo(new Comparison.Share(7, 9));
        assertThat(moved.kept(w -> w.equals("crab") ? 90 : 1).part()).as("weighed by how much it is said").isEqualTo(7.0 / 98);
    }

    @Test
    void aRouteIsComparedTapByTap() {
        Comparison opener = Comparison.of(before, after(new MoveButton("home", "home/harbour", "home", new Cell(1, 2))));
        assertThat(fates(opener)).containsExactly("crab REROUTED", "gull REROUTED", "seal REROUTED", "boat REROUTED", "harbour MOVED");
        assertThat(opener.counts()).containsEntry(Fate.REROUTED, 4).as("the opener says nothing").containsEntry(Fate.MOVED, 0);
        Comparison unlinked = Comparison.of(before, after(new LeadTo("home", "home/eat", Leads.HOME)));
        assertThat(unlinked.words(Fate.REROUTED)).extracting(Comparison.Word::text).containsExactly("apple", "pear");
        assertThat(unlinked.words(Fate.REROUTED).get(0).is().taps()).isNull();
    }

    @Test
    void aShorterWayBesideTheOldOneTakesNothingAway() {
        Vocabulary further = vocabulary(board("home", "I eat>eat . ."), board("eat", "apple more>more . home:home"), board("more", "plum . . home:home"));
        Vocabulary shortcut = made(further, new PutOpener("home", new Cell(0, 3), "more", null, new Leads.Opens("more")));
        assertThat(fates(Comparison.of(further, shortcut))).containsExactly("more NEW");
        assertThat(fates(Comparison.of(shortcut, further))).as("without it again").containsExactly("plum REROUTED", "more GONE");
    }

    @Test
    void whatWouldMoveIsToldBeforeWithWhatWouldMoveNothing() {
        MoveButton swap = new MoveButton("harbour", "harbour/boat", "harbour", new Cell(0, 0));
        assertThat(consequence(swap, id -> !id.equals("harbour/boat")).words()).extracting(Comparison.Word::text).containsExactly("crab");
        assertThat(instead(swap, id -> !id.equals("harbour/boat"))).isEqualTo(new MoveButton("harbour", "harbour/boat", "harbour", new Cell(0, 2)));
        assertThat(instead(swap, id -> true)).as("it has been learned itself").isEqualTo(new CopyButtons("harbour", List.of("harbour/boat"), "harbour",
            new Cell(0, 2)));
        assertThat(instead(new InsertLine("eat", Axis.ROWS, 0), id -> true)).isEqualTo(new InsertLine("eat", Axis.ROWS, 2));
        assertThat(instead(new TakeOff("eat", "eat/pear"), id -> true)).isInstanceOf(HoldWords.class);
        assertThat(instead(new DeleteBoard("eat"), id -> true)).isInstanceOf(HoldWords.class);
        assertThat(instead(new LeadTo("home", "home/eat", new Leads.Opens("harbour")), id -> true)).isInstanceOf(PutOpener.class);
        assertThat(instead(new Several(List.of(new TakeOff("eat", "eat/pear"), new TakeOff("eat", "eat/apple"))), id -> true)).isInstanceOf(HoldWords.class);
        assertThat(Instead.of(new MakeHome("eat"), before, id -> true, v -> true)).isEmpty();
        assertThat(consequence(new PutWords("eat", null, List.of(new ReadyWord("kite", null, Kind.THING))), id -> true)).isEqualTo(Consequence.NONE);
        assertThat(consequence(new HoldWords(Meant.EVERYTHING, "", null, false, null, null), id -> true).isNone()).as("holding moves nothing").isTrue();
        assertThat(consequence(new DeleteBoard("eat"), id -> true).told()).hasToString(
            "would-move {gone=2, goneNames=[apple, pear], moved=0, movedNames=[], rerouted=0, reroutedNames=[]}");
    }

    private Consequence consequence(Intention intention, Predicate<String> learned) {
        return Consequence.of(before, Routes.of(before), after(intention), learned);
    }

    private Intention instead(Intention intention, Predicate<String> learned) {
        return Instead.of(intention, before, learned, v -> Consequence.of(before, Routes.of(before), v, learned).isNone()).orElseThrow().intention();
    }

    @Test
    void whatWentWasReplacedOrIsGoneAndWhatCameIsNew() {
        Comparison gone = Comparison.of(before, after(new TakeOff("harbour", "harbour/crab"), new TakeOff("harbour", "harbour/seal"),
            new PutWords("harbour", new Cell(0, 0), List.of(new ReadyWord("whale", null, Kind.THING)))));
        assertThat(fates(gone)).containsExactly("crab REPLACED", "seal GONE", "whale NEW");
        assertThat(gone.words(Fate.REPLACED).get(0).inPlace()).isEqualTo("whale");
        assertThat(fates(Comparison.of(before, after(new DeleteBoard("eat"))))).containsExactly("apple GONE", "pear GONE");
    }

    @Test
    void holdingKeepsThePlaceAndIsTold() {
        Vocabulary held = after(new HoldWords(Meant.of(List.of("eat/apple")), "", null, false, null, null));
        assertThat(fates(Comparison.of(before, held))).containsExactly("apple HELD");
        assertThat(fates(Comparison.of(held, before))).containsExactly("apple SHOWN");
        assertThat(Comparison.of(before, held).kept().part()).isEqualTo(1);
    }

    @Test
    void anOpenerOnABoardNobodyChangedIsToldWhenAllBehindItIsHeld() {
        Comparison held = Comparison.of(before, after(new HoldWords(Meant.onBoard("eat", false), "", null, false, null, null)));
        assertThat(fates(held)).containsExactly("eat HELD", "apple HELD", "pear HELD");
        assertThat(held.words(Fate.HELD).get(0).is()).isEqualTo(held.words(Fate.HELD).get(0).was()).extracting(Spot::taps).isEqualTo(List.of());
        assertThat(held.counts()).as("the opener says nothing").containsEntry(Fate.HELD, 2).containsEntry(Fate.KEPT, 7);
    }

    @Test
    void aRowAtTheEndAndASplitMoveNobody() {
        assertThat(fates(Comparison.of(before, after(new InsertLine("harbour", Axis.ROWS, 2))))).isEmpty();
        assertThat(fates(Comparison.of(before, after(new SplitCell("harbour", new Cell(0, 1), Axis.COLUMNS))))).allMatch(f -> f.endsWith("NEW"));
        assertThat(fates(Comparison.of(before, after(new InsertLine("eat", Axis.ROWS, 0))))).containsExactly("apple MOVED", "pear MOVED");
    }

    @Test
    void wordsOfAnotherFileAreKnownByWhatTheySayOnTheBoardOfTheSamePath() {
        Vocabulary other = vocabulary(
            renamed(board("h", "I want . harbour>x", "go eat>y . ."), "home"),
            renamed(board("x", "gull crab . seal", ". . . ."), "harbour"),
            renamed(board("y", "apple plum . .", ". . . ."), "eat"));
        Comparison compared = Comparison.of(before, other);
        assertThat(fates(compared)).containsExactly("pear GONE", "crab MOVED", "gull MOVED", "boat GONE", "plum NEW");
        assertThat(compared.words()).filteredOn(w -> w.before() != null && w.after() != null).allMatch(Comparison.Word::byText);
    }

    private static Board renamed(Board board, String name) {
        return board.withName(name);
    }

    @Test
    void vocabulariesWithNothingInCommonAreToldSo() {
        Comparison strange = Comparison.of(before, vocabulary(board("moon", "stone dust")));
        assertThat(strange.words()).allMatch(w -> w.fate() == Fate.GONE || w.fate() == Fate.NEW || w.fate() == Fate.REPLACED);
        assertThat(strange.kept().part()).isZero();
    }

    @Test
    void oneIsPutBackWithWhatTookItsPlaceAndWhatIsNewGivesWay() {
        Vocabulary swapped = after(new MoveButton("harbour", "harbour/crab", "harbour", new Cell(0, 1)));
        assertThat(drawn(swapped.boards().get("harbour")).get(0)).isEqualTo("gull crab . seal");
        assertThat(made(swapped, new PutBack(before, null, "harbour/crab"))).isEqualTo(before);
        Vocabulary settled = after(new MoveButton("harbour", "harbour/crab", "harbour", new Cell(0, 2)),
            new PutWords("harbour", new Cell(0, 0), List.of(new ReadyWord("whale", null, Kind.THING))), new MoveButton("eat", "eat/pear", "eat",
                new Cell(0, 3)));
        Vocabulary back = made(settled, new PutBack(before, "harbour", null));
        assertThat(drawn(back.boards().get("harbour")).get(0)).isEqualTo("crab gull whale seal");
        assertThat(drawn(back.boards().get("eat")).get(0)).as("another board is left alone").isEqualTo("apple . . pear");
        assertThatThrownBy(() -> new PutBack(before, "harbour", null).on(back, ids())).hasMessageContaining("nothing-to-put-back");
    }

    /** Vocabularies of up to eight boards, and what ten edits taken at random, from a seed, make of them. */
    static Stream<Vocabulary[]> generated() {
        return IntStream.range(0, 60).mapToObj(seed -> {
            Random random = new Random(seed);
            int boards = 1 + random.nextInt(8);
            List<Board> drawn = new ArrayList<>();
            for (int b = 0; b < boards; b++) {
                int at = b;
                List<Integer> opened = IntStream.range(1, boards).filter(o -> random.nextInt(3) == 0 && o != at).boxed().toList();
                String cells = IntStream.range(0, 12).mapToObj(i -> i < opened.size() ? "o" + i + ">b" + opened.get(i) : random.nextInt(3) > 0 ? "w" + at
                    + "x" + i : ".")
                    .collect(Collectors.joining(" "));
                String[] all = cells.split(" ");
                drawn.add(board("b" + b, String.join(" ", List.of(all).subList(0, 4)), String.join(" ", List.of(all).subList(4, 8)), String.join(" ",
                    List.of(all).subList(8, 12))));
            }
            Vocabulary one = vocabulary(drawn.toArray(Board[]::new));
            Vocabulary other = one;
            for (int edit = 0; edit < 10; edit++) {
                List<Board> all = List.copyOf(other.boards().values());
                Board on = all.get(random.nextInt(all.size()));
                if (on.buttons().isEmpty()) {
                    continue;
                }
                Button button = on.buttons().get(random.nextInt(on.buttons().size()));
                Board to = all.get(random.nextInt(all.size()));
                Cell cell = new Cell(random.nextInt(to.rows()), random.nextInt(to.columns()));
                int step = edit;
                Intention intention = switch (random.nextInt(6)) {
                    case 0 -> new TakeOff(on.id(), button.id());
                    case 1 -> new PutWords(on.id(), null, List.of(new ReadyWord("new" + edit, null, Kind.THING)));
                    case 2 -> new InsertLine(on.id(), random.nextBoolean() ? Axis.ROWS : Axis.COLUMNS, random.nextInt(2));
                    default -> to.id().equals(on.id()) || to.at(cell).isEmpty() ? new MoveButton(on.id(), button.id(), to.id(), cell)
                        : new HoldWords(Meant.of(List.of(button.id())), "", null, false, null, null);
                };
                try {
                    int[] n = {0};
                    other = intention.on(other, () -> "g" + step + "-" + ++n[0]).after();
                } catch (org.dwimble.core.told.Unacceptable full) {
                    continue;
                }
            }
            return new Vocabulary[] {one, other};
        });
    }

    @ParameterizedTest
    @MethodSource("generated")
    void turnedRoundItSaysTheSame(Vocabulary one, Vocabulary other) {
        Comparison there = Comparison.of(one, other);
        Comparison back = Comparison.of(other, one);
        assertThat(texts(back, Fate.MOVED)).isEqualTo(texts(there, Fate.MOVED));
        assertThat(Stream.of(texts(back, Fate.REROUTED), texts(back, Fate.KEPT), texts(back, Fate.SHOWN), texts(back, Fate.HELD)).flatMap(List::stream))
            .as("a way that was added is no way lost").containsAll(texts(there, Fate.REROUTED));
        assertThat(back.words().stream().filter(w -> w.fate() != Fate.NEW).map(w -> w.seen() + " " + w.sees()).sorted().toList().size())
            .isEqualTo(there.words().stream().filter(w -> w.is() != null).count());
        assertThat(texts(back, Fate.NEW)).isEqualTo(Stream.concat(texts(there, Fate.GONE).stream(), texts(there, Fate.REPLACED).stream()).sorted().toList());
    }

    /** Boards that are the very same are told of without looking at each of their words; as if they had been looked at. */
    @ParameterizedTest
    @MethodSource("generated")
    void whatIsLeftOutAsUnchangedIsToldAsIfItWereCompared(Vocabulary one, Vocabulary other) {
        Comparison quick = Comparison.of(one, other);
        Comparison whole = Comparison.of(one, new Vocabulary(other.whole(),
            other.boards().values().stream().collect(Collectors.toMap(Board::id, b -> b.withName(b.name())))));
        assertThat(quick.words()).containsExactlyInAnyOrderElementsOf(whole.words());
        assertThat(quick.changes()).containsExactlyInAnyOrderElementsOf(whole.changes());
        assertThat(quick.kept()).isEqualTo(whole.kept());
        for (Fate fate : Fate.values()) {
            assertThat(quick.counts().get(fate)).as(fate.toString()).isEqualTo(whole.counts().get(fate))
                .isEqualTo((int) quick.words(fate).stream().filter(Comparison.Word::says).count());
        }
    }

    private static List<String> texts(Comparison comparison, Fate fate) {
        return comparison.words(fate).stream().map(Comparison.Word::text).sorted().toList();
    }

    @ParameterizedTest
    @MethodSource("generated")
    void puttingAllBackMovesNothingAndLosesNothing(Vocabulary one, Vocabulary other) {
        if (Comparison.of(one, other).words(Fate.MOVED).isEmpty()) {
            return;
        }
        Vocabulary back = made(other, new PutBack(one, null, null));
        assertThat(Comparison.of(one, back).words(Fate.MOVED)).isEmpty();
        assertThat(back.boards().values().stream().flatMap(b -> b.buttons().stream()).map(Button::id))
            .containsExactlyInAnyOrderElementsOf(other.boards().values().stream().flatMap(b -> b.buttons().stream()).map(Button::id).toList());
    }
}
