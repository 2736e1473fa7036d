package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.SayText;
import org.dwimble.core.edit.boards.AddBoard;
import org.dwimble.core.edit.boards.BeginSentence;
import org.dwimble.core.edit.boards.BoardOfSayings;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.boards.CopyBoard;
import org.dwimble.core.edit.boards.DeleteBoard;
import org.dwimble.core.edit.boards.FillBoards;
import org.dwimble.core.edit.boards.InsertLine;
import org.dwimble.core.edit.boards.LayRows;
import org.dwimble.core.edit.boards.MoveLine;
import org.dwimble.core.edit.boards.NewBoard;
import org.dwimble.core.edit.boards.PutWordsInNewRow;
import org.dwimble.core.edit.boards.RegridBoards;
import org.dwimble.core.edit.boards.RegridInSteps;
import org.dwimble.core.edit.boards.RemoveLine;
import org.dwimble.core.edit.boards.RenameBoard;
import org.dwimble.core.edit.boards.SizeLine;
import org.dwimble.core.edit.boards.SplitCell;
import org.dwimble.core.edit.grow.GrowInSteps;
import org.dwimble.core.edit.grow.GrowWord;
import org.dwimble.core.edit.grow.ShrinkWord;
import org.dwimble.core.edit.looks.CopyOnto;
import org.dwimble.core.edit.looks.GiveLook;
import org.dwimble.core.edit.looks.GivePapers;
import org.dwimble.core.edit.looks.ReplaceColour;
import org.dwimble.core.edit.people.AddPeople;
import org.dwimble.core.edit.people.Folk;
import org.dwimble.core.edit.people.PersonLeft;
import org.dwimble.core.edit.plan.AddStep;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.edit.plan.ChangeStep;
import org.dwimble.core.edit.plan.EndPlan;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.edit.plan.LayPlan;
import org.dwimble.core.edit.plan.LetGo;
import org.dwimble.core.edit.plan.MoveStep;
import org.dwimble.core.edit.plan.PutInStep;
import org.dwimble.core.edit.plan.RemoveStep;
import org.dwimble.core.edit.ways.ChainBoards;
import org.dwimble.core.edit.ways.LeadTo;
import org.dwimble.core.edit.ways.MakeHome;
import org.dwimble.core.edit.ways.OpenedFrom;
import org.dwimble.core.edit.ways.PutDoing;
import org.dwimble.core.edit.ways.PutOpener;
import org.dwimble.core.edit.whole.Arriving;
import org.dwimble.core.edit.whole.ForReason;
import org.dwimble.core.edit.whole.GoBack;
import org.dwimble.core.edit.whole.PutBack;
import org.dwimble.core.edit.whole.RenameVocabulary;
import org.dwimble.core.edit.whole.Several;
import org.dwimble.core.edit.whole.StepUp;
import org.dwimble.core.edit.words.BringButtons;
import org.dwimble.core.edit.words.CopyButtons;
import org.dwimble.core.edit.words.DressWord;
import org.dwimble.core.edit.words.GiveDoings;
import org.dwimble.core.edit.words.GiveHow;
import org.dwimble.core.edit.words.GiveKind;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.edit.words.GivePicture;
import org.dwimble.core.edit.words.GiveSound;
import org.dwimble.core.edit.words.GiveWords;
import org.dwimble.core.edit.words.MoveButton;
import org.dwimble.core.edit.words.MoveButtons;
import org.dwimble.core.edit.words.Newer;
import org.dwimble.core.edit.words.PutButtons;
import org.dwimble.core.edit.words.PutFarApart;
import org.dwimble.core.edit.words.PutSaying;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.edit.words.ReplaceLabels;
import org.dwimble.core.edit.words.ReplaceSpoken;
import org.dwimble.core.edit.words.Saying;
import org.dwimble.core.edit.words.StretchButton;
import org.dwimble.core.edit.words.TakeNewer;
import org.dwimble.core.edit.words.TakeOff;
import org.dwimble.core.look.Aspect;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.Look;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.mend.LetItSpeak;
import org.dwimble.core.mend.MakeMissingBoard;
import org.dwimble.core.mend.OpenFromHome;
import org.dwimble.core.mend.PutWayHome;
import org.dwimble.core.pattern.Pattern;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.regrid.Onto;
import org.dwimble.core.regrid.Weights;
import org.dwimble.core.regrid.WordTopics;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Made;
import org.dwimble.core.version.Needs;
import org.dwimble.core.version.Reverse;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of every intention. One that is new gets a line in {@link #intentions}; a test sees if one is missing. */
public class IntentionTest {
    public static final Vocabulary BOARDS = boards();
    private static final ReadyWord KITE = new ReadyWord("kite", "base/kite", Kind.THING);
    private static final ReadyWord RAIN = new ReadyWord("rain", null, Kind.THING);

    private static Vocabulary boards() {
        Vocabulary drawn = vocabulary(
            board("home", "I want . hive>hive", "go . harbour>harbour eat>eat"),
            board("harbour", "crab gull . seal", "back:back home:home . boat"),
            board("eat", "apple pear . .", "back:back home:home . ."),
            board("attic", "box . . apple>eat", ". . . ."));
        Board harbour = drawn.boards().get("harbour");
        Button crab = harbour.button("harbour/crab").orElseThrow();
        Button seal = harbour.button("harbour/seal").orElseThrow();
        Button gull = harbour.button("harbour/gull").orElseThrow();
        Board dressed = harbour.with(List.of(Facet.STEP.with(Facet.PICTURE.with(crab, Layer.only("base/crab")), "s1"), Facet.STEP.with(gull, "s3"),
            Facet.HOLD.with(Facet.LOOK.with(seal, Look.paper(ColouredPaper.ROSE)), Hold.PLAIN)));
        Plan plan = new Plan(List.of(new Step("s1", "Few", LocalDate.parse("2026-11-01"), null), new Step("s2", "More", null, null),
            new Step("s3", "All", null, LocalDate.parse("2026-12-20"))), 2);
        return drawn.with(
            List.of(dressed.with(seal(dressed)), drawn.boards().get("eat").with(Facet.STEP.with(drawn.boards().get("eat").button("eat/apple").orElseThrow(),
                "s2"))))
            .with(drawn.whole().withPlan(plan));
    }

    private static Button seal(Board harbour) {
        return Facet.ORIGIN.with(harbour.button("harbour/seal").orElseThrow(), new Origin("7", 1, "seal"));
    }

    /** Where the seal came from it is a walrus by now, and there is a whale. */
    private static Newer.Source newer() {
        Board then = Board.empty("pool", "pool", new Shape(1, 2)).with(Button.word("seal", new Cell(0, 0), "seal", null, null));
        Board now = then.with(List.of(Button.word("seal", new Cell(0, 0), "walrus", null, null), Button.word("whale", new Cell(0, 1), "whale", null, null)));
        return new Newer.Source("7", 2, vocabulary(now), version -> Optional.of(vocabulary(then)));
    }

    static Stream<Intention> intentions() {
        return Stream.of(
            new GiveLabel("harbour", "harbour/crab", "Big Red"),
            new GiveLabel("harbour", "harbour/crab", ""),
            new GiveLabel("eat", "eat/apple", "plum"),
            new GivePicture("harbour", "harbour/crab", Layer.only("base/kite")),
            new GivePicture("harbour", "harbour/crab", List.of()),
            new GiveWords("harbour", "harbour/gull", new Says.Words("look, a gull")),
            new GiveDoings("harbour", "harbour/gull", List.of(Doing.CLEAR, Doing.OWN_WORD, new SayText("Gone"))),
            new GiveSound("harbour", "harbour/gull", "own/" + "ab".repeat(32)),
            new GiveHow("harbour", "harbour/gull", new HowSaid(Manner.SHOUTED, When.AT_ONCE, "gal")),
            new GiveKind("harbour", "harbour/gull", Kind.WHO),
            new GiveKind("harbour", "harbour/gull", null),
            new LeadTo("harbour", "harbour/boat", new Leads.Opens("attic")),
            new TakeOff("harbour", "harbour/seal"),
            new TakeOff("eat", "eat/pear"),
            new PutButtons("harbour", Button.word("kite", new Cell(0, 2), "kite", null, Kind.THING)),
            new PutWords("eat", new Cell(0, 2), List.of(KITE, RAIN)),
            new PutWords("harbour", null, List.of(RAIN)),
            new PutFarApart("eat", List.of(KITE, RAIN)),
            new BeginSentence("eat", KITE, RAIN),
            new StepUp(BOARDS.withName("Larger")),
            new PutWordsInNewRow("eat", List.of(KITE, RAIN)),
            new PutWords("eat", new Cell(0, 2), List.of(new ReadyWord("colours", null, Kind.THING, List.of(RAIN)), KITE)),
            new NewBoard("Beach", "eat", "eat/apple", null, List.of(KITE)),
            new NewBoard("Beach", null, null, new Shape(3, 3), List.of()),
            new MoveButton("harbour", "harbour/seal", "harbour", new Cell(0, 2)),
            new MoveButton("harbour", "harbour/seal", "eat", new Cell(0, 3)),
            new MoveButton("harbour", "harbour/seal", "harbour", new Cell(0, 0)),
            new MoveButton("eat", "eat/pear", "home", new Cell(1, 0)),
            new CopyButtons("harbour", List.of("harbour/gull", "harbour/crab"), "eat", new Cell(0, 3)),
            new CopyButtons("home", List.of("home/hive"), "home", null),
            new MoveButtons("harbour", List.of("harbour/gull", "harbour/crab"), "eat", new Cell(0, 3)),
            new MoveButtons("eat", List.of("eat/pear"), "eat", null),
            new ReplaceLabels("CRAB", "Big Red"),
            new DressWord("gull", Layer.only("base/gull"), Kind.WHO, new Says.Words("look, a gull")),
            new AddPeople(List.of(new AddPeople.Person("Lot", "crab", null, null), new AddPeople.Person("Bo", "vicar", "base/girl", null))),
            new AddPeople(List.of(new AddPeople.Person("Ans", "crab", null, Folk.FAMILY))),
            new GiveLook("harbour", List.of("harbour/crab", "harbour/boat"), Look.paper(ColouredPaper.SKY), List.of()),
            new GiveLook("harbour", List.of(), new Look(null, null, null, null, null, null, TypeSize.EQUAL, 12, Colour.of("#e0e0e0"), null), List.of()),
            new GiveLook(null, List.of(), new Look(null, null, 3, LabelPlace.ABOVE, 60, 20, null, null, null, true), List.of(Aspect.GAP)),
            new CopyOnto("harbour", "harbour/seal", CopyOnto.What.LOOK, CopyOnto.Onto.BOARD, List.of()),
            new CopyOnto("harbour", "harbour/back", CopyOnto.What.DOES, CopyOnto.Onto.CHOSEN, List.of("harbour/boat")),
            new GivePapers(Map.of(Kind.DO, ColouredPaper.MINT.colour())),
            new ReplaceColour(Aspect.FILL, ColouredPaper.ROSE.colour(), ColouredPaper.OAT.colour()),
            new ReplaceSpoken("Seal", "the grey seal"),
            new StretchButton("harbour", "harbour/gull", new Span(1, 2)),
            new SplitCell("harbour", new Cell(0, 1), Axis.COLUMNS),
            new SplitCell("eat", new Cell(0, 3), Axis.ROWS),
            new InsertLine("harbour", Axis.ROWS, 1),
            new InsertLine("eat", Axis.COLUMNS, 4),
            new RemoveLine("attic", Axis.ROWS, 1),
            new MoveLine("harbour", Axis.COLUMNS, 0, 2),
            new SizeLine("harbour", Axis.COLUMNS, 0, 150),
            new LayRows("Feelings", "eat", "eat/apple", null, Pattern.ALL.get(3), List.of(KITE, RAIN, KITE, RAIN, KITE)),
            new FillBoards("eat", new Cell(0, 3), List.of(KITE, RAIN, KITE, RAIN, KITE, RAIN), null),
            new FillBoards("eat", null, List.of(KITE, RAIN, KITE, RAIN, KITE, RAIN, KITE, RAIN, KITE), new ReadyWord("sky", null, null)),
            new OpenedFrom(new NewBoard("Beach", "eat", null, new Shape(3, 3), List.of(KITE)), "eat", new Cell(0, 2), "Beach", "base/kite"),
            new BringButtons(vocabulary(board("far", "wide open>gone"), board("gone", "lost more>far")), "far", List.of("far/open", "far/wide"),
                Wanted.all(List.of()), "eat", null, true),
            new CopyBoard("harbour", "Far", "harbour", "harbour/boat"),
            new BringIn(vocabulary(board("far", "wide open>gone"), board("gone", "lost more>far")), Wanted.all(List.of("far")),
                new BringIn.Where("harbour", new Cell(0, 2), "far", "base/kite", false), true),
            new BringIn(vocabulary(board("far", "wide open>gone"), board("gone", "lost more>far")), Wanted.alone(List.of("far")),
                new BringIn.Where("eat", null, "far", null, true), false),
            new TakeNewer(newer(), Set.of("harbour/seal"), Set.of("whale"), false),
            new TakeNewer(newer(), Set.of("harbour/seal"), Set.of(), true),
            new GrowWord("harbour", "harbour/crab", vocabulary(board("far", "wide"), board("pool", "crab prawn eel")), "pool", true),
            new GrowWord("harbour", "harbour/crab", null, "eat", false),
            new RegridBoards(List.of("eat", "harbour"), Onto.nearest(new Shape(2, 3), UsualScreen.COMMON.screen()), Weights.NONE, WordTopics.NONE),
            new RegridBoards(List.of("harbour"), Onto.nearest(new Shape(6, 7), UsualScreen.COMMON.screen()), Weights.NONE, WordTopics.NONE),
            new GrowInSteps(List.of(List.of(new GrowWord("harbour", "harbour/crab", vocabulary(board("far", "wide"), board("pool", "crab prawn eel")), "pool",
                false))), new Ahead("Words grow", "So far", null, 7, LocalDate.parse("2026-11-27"))),
            new RegridInSteps(new RegridBoards(List.of("eat", "harbour"), Onto.nearest(new Shape(2, 3), UsualScreen.COMMON.screen()), Weights.NONE,
                WordTopics.NONE), 2, new Ahead("Another grid", "So far", LocalDate.parse("2026-12-04"), 7, LocalDate.parse("2026-11-27"))),
            new ShrinkWord("attic", "attic/apple", origin -> Optional.empty()),
            new ChainBoards(List.of("home", "eat", "attic"), "next", "first again"),
            new PersonLeft("harbour", "harbour/gull", 2025),
            new MakeHome("harbour"),
            new AddStep("  First   words ", LocalDate.parse("2026-12-01"), Meant.called(List.of("crab", "GULL")), LocalDate.parse("2026-11-02")),
            new AddStep("Later", null, null, null),
            new ChangeStep("s2", "Tide pools", LocalDate.parse("2026-12-24")),
            new MoveStep("s3", 1),
            new RemoveStep("s1"),
            new RemoveStep("s2"),
            new EndPlan(),
            new GoToStep("s3", LocalDate.parse("2026-11-27")),
            new GoToStep("s1", LocalDate.parse("2026-11-27")),
            new PutInStep(Meant.onBoard("harbour", false), "s1"),
            new PutInStep(Meant.of(List.of("eat/apple")), null),
            new HoldWords(new Meant("home", true, null, Kind.THING, null, false), "asks all day", null, false, "Odile",
                LocalDate.parse("2026-11-27")),
            new LetGo(Meant.EVERYTHING),
            new LayPlan(List.of(new LayPlan.NewStep("One", null, List.of("harbour/crab", "home/I")), new LayPlan.NewStep("Two", null, List.of("home/I",
                "eat/pear"))),
                LocalDate.parse("2026-11-27")),
            new ForReason(new TakeOff("eat", "eat/pear"), "  nobody  says it "),
            new Arriving(new PutWords("eat", new Cell(0, 2), List.of(KITE, RAIN)), "s3"),
            new PutSaying("harbour", new Cell(0, 2), new Saying("gull", "base/kite", Kind.THING, "effect/gull", null, null, null)),
            new PutSaying("harbour", new Cell(0, 2), new Saying("wait", null, Kind.SOCIAL, null, new HowSaid(Manner.CROSSLY, When.BOTH, null), null, null)),
            new PutSaying("harbour", new Cell(0, 2), new Saying("today", null, Kind.THING, null, null, DayWord.TODAY, ColouredPaper.STRAW.colour())),
            new GiveWords("eat", "eat/pear", new Says.OfDay(DayWord.NEXT)),
            new BoardOfSayings("harbour", new Cell(0, 2), "sounds", List.of(new Saying("gull", "base/kite", Kind.THING, "effect/gull", null, null, null))),
            new PutDoing("harbour", new Cell(0, 2), "say it", "base/kite", Doing.SAY),
            new PutDoing("harbour", null, "clear", null, Doing.CLEAR),
            new PutOpener("eat", new Cell(0, 3), "attic", "base/kite", new Leads.Opens("attic")),
            new PutOpener("eat", null, "more words", null, new Leads.Elsewhere(7)),
            new AddBoard(board("cave", "dark .")),
            new RenameBoard("harbour", "Quay"),
            new DeleteBoard("eat"),
            new RenameVocabulary("Ilse’s new words"),
            new Several(List.of(new TakeOff("eat", "eat/apple"), new GiveLabel("home", "home/go", "walk"))),
            new GoBack(3, moved()),
            new PutBack(moved(), null, null),
            new PutBack(moved(), "harbour", "harbour/crab"),
            new MakeMissingBoard("home", "home/hive"),
            new LetItSpeak("home", "home/hive"),
            new PutWayHome("attic"),
            new OpenFromHome("attic"));
    }

    private static Board labelled(String gull) {
        Board harbour = BOARDS.boards().get("harbour");
        return harbour.with(Facet.LABEL.with(harbour.button("harbour/gull").orElseThrow(), gull));
    }

    /** Two buttons have changed places, one has gone to another board, a board is larger, another is gone. */
    private static Vocabulary moved() {
        Board harbour = BOARDS.boards().get("harbour");
        Button crab = harbour.button("harbour/crab").orElseThrow();
        Button gull = harbour.button("harbour/gull").orElseThrow();
        Button seal = harbour.button("harbour/seal").orElseThrow();
        Board eat = BOARDS.boards().get("eat").withShape(new Shape(3, 4));
        return BOARDS.without("attic").with(List.of(
            harbour.without(seal.id()).with(List.of(crab.withStanding(gull.standing()), Facet.LABEL.with(gull.withStanding(crab.standing()), "Gully"))),
            eat.with(Facet.KIND.with(seal.withStanding(Standing.at(new Cell(2, 2))), Kind.WHO))));
    }

    @ParameterizedTest
    @MethodSource("intentions")
    void appliedAndTakenBackIsEqual(Intention intention) {
        Change change = intention.on(BOARDS, ids());
        assertThat(Deltas.made(change.deltas(), BOARDS)).isEqualTo(change.after());
        Made<Vocabulary> back = new Reverse<>(Deltas.SORT, change.deltas(), Told.of("took-back")).on(change.after(), ids());
        assertThat(back.after()).isEqualTo(BOARDS);
        assertThat(new Reverse<>(Deltas.SORT, back.deltas(), Told.of("made-again")).on(BOARDS, ids()).after()).as("and made again").isEqualTo(change.after());
    }

    @ParameterizedTest
    @MethodSource("intentions")
    void howBoardsHangTogetherIsTheSameWorkedOutAnewOrFromBefore(Intention intention) {
        Vocabulary after = intention.on(BOARDS, ids()).after();
        Routes fromBefore = Routes.after(Routes.of(BOARDS), after);
        Routes anew = Routes.of(after);
        assertThat(fromBefore.boardsInOrder()).isEqualTo(anew.boardsInOrder());
        assertThat(fromBefore.looseEnds()).isEqualTo(anew.looseEnds());
        assertThat(fromBefore.unreachable()).isEqualTo(anew.unreachable());
        assertThat(fromBefore.withNoWayOut()).isEqualTo(anew.withNoWayOut());
        assertThat(Counts.after(Counts.of(BOARDS), BOARDS, after)).isEqualTo(Counts.of(after));
        WayHome wayHome = WayHome.after(WayHome.of(BOARDS), BOARDS, after);
        after.boards().values().forEach(board -> {
            assertThat(fromBefore.to(board.id())).isEqualTo(anew.to(board.id()));
            assertThat(fromBefore.openersOf(board.id())).isEqualTo(anew.openersOf(board.id()));
            assertThat(wayHome.keptFree(board)).isEqualTo(WayHome.of(after).keptFree(board));
            assertThat(wayHome.missingOn(board, ids())).isEqualTo(WayHome.of(after).missingOn(board, ids()));
        });
    }

    @ParameterizedTest
    @MethodSource("intentions")
    void itsKeysAreExactlyWhatDiffers(Intention intention) {
        Change change = intention.on(BOARDS, ids());
        Set<String> differing = new TreeSet<>();
        for (Key key : everyKey(change.before(), change.after())) {
            if (!String.valueOf(value(key, change.before())).equals(String.valueOf(value(key, change.after())))) {
                differing.add(key.toString());
            }
        }
        Set<String> told = new TreeSet<>();
        change.deltas().forEach(d -> d.keys().forEach(k -> told.addAll(leaves(k, d, change))));
        assertThat(told).isEqualTo(differing);
    }

    /** The keys without parts that a key stands for, as far as the vocabularies have them. */
    private static Set<String> leaves(Key key, Delta delta, Change change) {
        Set<String> leaves = new TreeSet<>();
        for (Key leaf : everyKey(change.before(), change.after())) {
            boolean whole = delta instanceof Delta.BoardCame || delta instanceof Delta.BoardWent;
            boolean part = key.equals(leaf) || key.equals(leaf.within());
            if (part && !(whole && leaf instanceof Key.OfCell && equalAt(leaf, change)) && !(key instanceof Key.OfButton && equalAt(leaf, change))
                && !(whole && (leaf instanceof Key.OfBoardCargo || leaf instanceof Key.OfBoardLook) && equalAt(leaf, change))) {
                leaves.add(leaf.toString());
            }
        }
        return leaves;
    }

    private static boolean equalAt(Key key, Change change) {
        return String.valueOf(value(key, change.before())).equals(String.valueOf(value(key, change.after())));
    }

    private static List<Key> everyKey(Vocabulary one, Vocabulary other) {
        Set<Key> keys = new LinkedHashSet<>();
        WholeFacet.ALL.forEach(f -> keys.add(new Key.OfWhole(f)));
        for (Vocabulary v : List.of(one, other)) {
            for (Board board : v.boards().values()) {
                keys.add(new Key.OfBoardName(board.id()));
                keys.add(new Key.OfShape(board.id()));
                keys.add(new Key.OfBoardLook(board.id()));
                keys.add(new Key.OfBoardCargo(board.id()));
                for (int i = 0; i < board.shape().cells(); i++) {
                    keys.add(new Key.OfCell(board.id(), new Cell(i / board.columns(), i % board.columns())));
                }
                for (Button button : board.buttons()) {
                    keys.add(new Key.OfPlace(button.id()));
                    Facet.ALL.forEach(f -> keys.add(new Key.OfFacet(button.id(), f)));
                }
            }
        }
        return new ArrayList<>(keys);
    }

    private static Object value(Key key, Vocabulary v) {
        if (key instanceof Key.OfFacet of) {
            return v.boardOf(of.button()).flatMap(b -> b.button(of.button())).map(b -> String.valueOf(of.facet().of(b))).orElse("no button");
        }
        if (key instanceof Key.OfPlace of) {
            return v.boardOf(of.button()).map(b -> b.id() + b.button(of.button()).orElseThrow().standing()).orElse("no button");
        }
        if (key instanceof Key.OfCell of) {
            return v.board(of.board()).flatMap(b -> b.at(of.cell())).map(Button::id).orElse("empty");
        }
        if (key instanceof Key.OfShape of) {
            return v.board(of.board()).map(Board::shape).orElse(null);
        }
        if (key instanceof Key.OfBoardLook of) {
            return v.board(of.board()).map(Board::look).orElse(Look.PLAIN);
        }
        if (key instanceof Key.OfBoardName of) {
            return v.board(of.board()).map(Board::name).orElse(null);
        }
        if (key instanceof Key.OfBoardCargo of) {
            return v.board(of.board()).map(b -> b.facts() + " " + b.extras()).orElse(Board.Facts.NONE + " " + Extras.NONE);
        }
        return key instanceof Key.OfWhole of ? of.facet().of(v.whole()) : "a key with parts";
    }

    static Stream<Arguments> pairs() {
        List<Intention> all = intentions().toList();
        return all.stream().flatMap(one -> all.stream().filter(other -> other != one).map(other -> Arguments.of(one, other)));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void twoThatDoNotMeetLandInEitherOrderWithOneResult(Intention one, Intention other) {
        Change first = one.on(BOARDS, ids());
        Change second = other.on(BOARDS, ids());
        if (first.needs().meets(second.deltas()) || second.needs().meets(first.deltas()) || Needs.ofAll(first.deltas()).meets(second.deltas())) {
            return;
        }
        Vocabulary oneThenOther = Deltas.made(second.deltas(), first.after());
        Vocabulary otherThenOne = Deltas.made(first.deltas(), second.after());
        assertThat(oneThenOther).isEqualTo(otherThenOne);
    }

    @Test
    void mostPairsDoNotMeetSoThatTheTestAboveTestsSomething() {
        assertThat(pairs().filter(p -> !Needs.ofAll(((Intention) p.get()[0]).on(BOARDS, ids()).deltas())
            .meets(((Intention) p.get()[1]).on(BOARDS, ids()).deltas())).count())
            .isGreaterThan(400);
    }

    @ParameterizedTest
    @MethodSource("intentions")
    void whatIsNotThereIsRefusedAndNothingHappens(Intention intention) {
        Vocabulary elsewhere = vocabulary(board("other", "x"));
        try {
            Change change = intention.on(elsewhere, ids());
            assertThat(change.after()).as("what needs nothing of what is gone").isNotEqualTo(elsewhere);
        } catch (Unacceptable refused) {
            assertThat(refused.told().key()).isIn("board-gone", "button-gone", "changed-meanwhile", "no-such-word", "no-room-for-person",
                "no-such-colour", "no-such-spoken", "step-gone", "no-plan", "nothing-held-there", "nothing-to-put-back", "nothing-to-put-in-step",
                "newer-not-there");
        }
        assertThat(drawn(elsewhere.homeBoard())).containsExactly("x");
    }

    @Test
    void anOpenerLooksLikeTheOneThatIsThere() {
        Board home = BOARDS.homeBoard();
        Vocabulary pictured = BOARDS.with(home.with(Facet.PICTURE.with(home.button("home/eat").orElseThrow(), Layer.only("base/spoon"))));
        Board attic = new PutOpener("attic", null, "food", null, new Leads.Opens("eat")).on(pictured, ids()).after().boards().get("attic");
        assertThat(attic.at(new Cell(0, 1)).orElseThrow().picture()).isEqualTo("base/spoon");
    }

    @Test
    void anOpenerPromisedATakenCellIsRefusedWithItsPlace() {
        assertThatThrownBy(() -> made(new PutOpener("eat", new Cell(0, 0), "attic", null, Leads.HOME))).hasMessageContaining("cell-taken");
        assertThatThrownBy(() -> new FillBoards("eat", null, List.of(KITE.opening(List.of(RAIN))), null)).hasMessageContaining("fill-without-boards");
    }

    @Test
    void moreWordsThanABoardHoldsGoOnNewBoardsAfterIt() {
        Change change = made(new FillBoards("eat", null, java.util.Collections.nCopies(17, RAIN), null));
        assertThat(drawn(change.after().boards().get("eat"))).containsExactly("apple pear rain rain", "back home rain eat 2");
        assertThat(change.after().boards().values()).filteredOn(b -> b.name().startsWith("eat ")).hasSize(3);
        assertThat(change.after().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.label().equals("rain"))).hasSize(17);
        assertThat(org.dwimble.core.route.Routes.of(change.after()).unreachable()).as("every one can be gone to").extracting(Board::id)
            .containsExactly("attic");
    }

    @Test
    void wordsWithNoRoomFillNewBoardsOpenedFromWhereThereIs() {
        Change change = made(new FillBoards("eat", null, java.util.Collections.nCopies(11, RAIN), new ReadyWord("sky", null, null)));
        assertThat(drawn(change.after().boards().get("eat"))).as("only the way to them").containsExactly("apple pear sky .", "back home . .");
        assertThat(change.after().boards().values()).filteredOn(b -> b.name().startsWith("sky")).extracting(Board::name).containsExactly("sky", "sky 2");
        assertThat(change.after().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.label().equals("rain"))).hasSize(11);
        assertThat(org.dwimble.core.route.Routes.of(change.after()).unreachable()).as("every one can be gone to").extracting(Board::id)
            .containsExactly("attic");
    }

    @Test
    void aButtonMovesToAFreeCellOrChangesPlacesAndNothingElseMoves() {
        assertThat(drawn(made(new MoveButton("harbour", "harbour/crab", "harbour", new Cell(0, 2))).after().boards().get("harbour")).get(0))
            .isEqualTo(". gull crab seal");
        assertThat(drawn(made(new MoveButton("harbour", "harbour/crab", "harbour", new Cell(0, 3))).after().boards().get("harbour")).get(0))
            .isEqualTo("seal gull . crab");
        Vocabulary swapped = made(new MoveButton("harbour", "harbour/crab", "eat", new Cell(0, 0))).after();
        assertThat(drawn(swapped.boards().get("harbour")).get(0)).isEqualTo("apple gull . seal");
        assertThat(drawn(swapped.boards().get("eat")).get(0)).isEqualTo("crab pear . .");
        assertThat(made(new MoveButton("harbour", "harbour/crab", "harbour", new Cell(0, 0))).deltas()).as("where it stands already").isEmpty();
        assertThatThrownBy(() -> made(new MoveButton("harbour", "harbour/crab", "harbour", new Cell(7, 0)))).hasMessageContaining("does-not-fit-there");
    }

    @Test
    void copiesAreNewButtonsInTheFirstCellsThatHoldThem() {
        Change change = made(new CopyButtons("harbour", List.of("harbour/seal", "harbour/crab"), "eat", new Cell(0, 3)));
        assertThat(drawn(change.after().boards().get("eat"))).as("in reading order, from the cell promised on")
            .containsExactly("apple pear . crab", "back home seal .");
        assertThat(change.after().boards().get("harbour")).isEqualTo(BOARDS.boards().get("harbour"));
        assertThat(change.after().boards().get("eat").at(new Cell(0, 3)).orElseThrow().picture()).isEqualTo("base/crab");
        List<String> all = BOARDS.boards().get("harbour").buttons().stream().map(Button::id).toList();
        assertThatThrownBy(() -> made(new CopyButtons("harbour", all, "eat", null))).hasMessageContaining("no-room-for-buttons");
        Vocabulary moved = made(new MoveButtons("harbour", List.of("harbour/seal", "harbour/crab"), "eat", new Cell(0, 3))).after();
        assertThat(drawn(moved.boards().get("eat"))).as("moved as copies are placed").containsExactly("apple pear . crab", "back home seal .");
        assertThat(drawn(moved.boards().get("harbour")).get(0)).isEqualTo(". gull . .");
        assertThatThrownBy(() -> made(new MoveButtons("harbour", all, "eat", null))).hasMessageContaining("no-room-for-buttons");
    }

    @Test
    void aWideButtonOnlyGoesWhereAllItsCellsAreFree() {
        Board den = board("den", "bed . lamp", ". . .");
        Button bed = den.button("den/bed").orElseThrow();
        Vocabulary wide = BOARDS.with(den.with(bed.withStanding(new Standing(new Cell(0, 0), new Span(1, 2)))));
        assertThat(new MoveButton("den", "den/bed", "den", new Cell(1, 1)).on(wide, ids()).after().boards().get("den").at(new Cell(1, 2))).isPresent();
        assertThatThrownBy(() -> new MoveButton("den", "den/bed", "den", new Cell(0, 1)).on(wide, ids())).hasMessageContaining("cells-taken-there");
        assertThatThrownBy(() -> new MoveButton("den", "den/bed", "den", new Cell(0, 2)).on(wide, ids())).hasMessageContaining("does-not-fit-there");
        assertThatThrownBy(() -> new MoveButton("den", "den/lamp", "den", new Cell(0, 1)).on(wide, ids())).as("the other is larger")
            .hasMessageContaining("cells-taken-there");
    }

    @Test
    void aWordIsReplacedOrDressedWhereverItStands() {
        Vocabulary twice = BOARDS.with(board("den", "Crab box", "boat ."));
        Vocabulary replaced = new ReplaceLabels("crab", "Big Red").on(twice, ids()).after();
        assertThat(drawn(replaced.boards().get("den")).get(0)).isEqualTo("Big Red box");
        assertThat(replaced.boards().get("harbour").button("harbour/crab").orElseThrow().label()).isEqualTo("Big Red");
        Vocabulary dressed = new DressWord("CRAB", Layer.only("base/red-crab"), null, null).on(twice, ids()).after();
        assertThat(Stream.of("harbour/crab", "den/Crab").map(id -> dressed.boardOf(id).orElseThrow().button(id).orElseThrow().picture()))
            .containsOnly("base/red-crab");
        assertThatThrownBy(() -> new ReplaceLabels("crab", " ")).as("labels would be left empty").hasMessageContaining("replace-by-nothing");
        assertThatThrownBy(() -> new ReplaceLabels("", "x")).hasMessageContaining("replace-what");
        assertThatThrownBy(() -> new DressWord("crab", null, null, null)).hasMessageContaining("nothing-to-change");
    }

    @Test
    void aWordOnTheLineThatOpensABoardGetsItMadeWithItsWords() {
        Change change = new PutWords("eat", new Cell(0, 2), List.of(new ReadyWord("colours", null, Kind.THING, List.of(RAIN, KITE)))).on(BOARDS, ids());
        Button opener = change.after().boards().get("eat").at(new Cell(0, 2)).orElseThrow();
        assertThat(opener.spoken()).as("it opens its board in silence").isEmpty();
        Board made = change.after().boards().get(((Leads.Opens) opener.leads()).board());
        assertThat(made.name()).isEqualTo("colours");
        assertThat(drawn(made)).as("with its way home where the others have theirs").containsExactly("rain kite . .", "back home . .");
    }

    @Test
    void noIntentionIsMissingHere() {
        JavaClasses classes = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("org.dwimble.core");
        Set<String> all = new TreeSet<>();
        classes.stream().filter(c -> c.isAssignableTo(Intention.class) && !c.isInterface() && !c.getModifiers().contains(JavaModifier.ABSTRACT))
            .forEach(c -> all.add(c.getSimpleName()));
        assertThat(intentions().map(i -> i.getClass().getSimpleName()).distinct()).containsExactlyInAnyOrderElementsOf(all);
    }

    // What holds of single ones.

    private static Change made(Intention intention) {
        return intention.on(BOARDS, ids());
    }

    private static Vocabulary after(Intention intention) {
        return made(intention).after();
    }

    @Test
    void puttingAButtonMovesNoOther() {
        Vocabulary after = after(new PutButtons("harbour", Button.word("kite", new Cell(0, 2), "kite", null, Kind.THING)));
        assertThat(drawn(after.boards().get("harbour"))).containsExactly("crab gull kite seal", "back home . boat");
        assertThat(after.boards().get("home")).isSameAs(BOARDS.boards().get("home"));
    }

    @Test
    void aTakenCellIsNotOverwrittenAndAnIdStandsOnce() {
        assertThatThrownBy(() -> made(new PutButtons("harbour", Button.word("kite", new Cell(0, 0), "kite", null, Kind.THING))))
            .hasMessageContaining("cell-taken");
        assertThatThrownBy(() -> made(new PutButtons("harbour", Button.word("eat/apple", new Cell(0, 2), "apple", null, Kind.THING))))
            .hasMessage("button-there-already");
    }

    @Test
    void aWordNeedsItsCellAndTheShapeOfItsBoard() {
        Change put = made(new PutWords("eat", new Cell(0, 2), List.of(KITE)));
        assertThat(put.needs().meets(made(new PutWords("eat", new Cell(0, 2), List.of(RAIN))).deltas())).isTrue();
        assertThat(put.needs().meets(made(new PutWords("eat", new Cell(0, 3), List.of(RAIN))).deltas())).isFalse();
        assertThat(put.needs().meets(Deltas.between(BOARDS, BOARDS.with(BOARDS.boards().get("eat").withShape(new Shape(3, 4)))))).isTrue();
        assertThat(put.needs().meets(made(new DeleteBoard("eat")).deltas())).as("a board that goes takes its cells along").isTrue();
    }

    @Test
    void wordsFillTheEmptyCellsFromTheMarkedOneOnAndGoOnAtTheTop() {
        assertThat(drawn(after(new PutWords("eat", new Cell(1, 3), List.of(KITE, RAIN))).boards().get("eat")))
            .containsExactly("apple pear rain .", "back home . kite");
    }

    @Test
    void cellsWhereOtherBoardsHaveHomeAndBackArePassedOverUnlessOneIsMarked() {
        Vocabulary v = vocabulary(board("home", ". .", ". ."), board("a", "x .", "back:back home:home"));
        assertThat(drawn(new PutWords("home", new Cell(0, 1), List.of(KITE, RAIN)).on(v, ids()).after().homeBoard())).containsExactly("rain kite", ". .");
        assertThat(drawn(new PutWords("home", new Cell(1, 0), List.of(KITE)).on(v, ids()).after().homeBoard())).containsExactly(". .", "kite .");
        assertThatThrownBy(() -> new PutWords("home", new Cell(0, 0), List.of(KITE, RAIN, KITE)).on(v, ids()))
            .hasMessage("too-few-cells {board=home, cells=2, words=3}");
    }

    @Test
    void aFullBoardSaysSoAndNothingIsPut() {
        Vocabulary full = vocabulary(board("home", "I go"));
        assertThatThrownBy(() -> new PutWords("home", null, List.of(KITE)).on(full, ids())).hasMessage("board-full {board=home, word=kite}");
    }

    @Test
    void twoPeopleMeetOnlyWhereTheyChangeTheSameThing() {
        List<Delta> theirs = made(new GiveLabel("harbour", "harbour/crab", "red crab")).deltas();
        assertThat(made(new GiveLabel("harbour", "harbour/crab", "Big Red")).needs().meets(theirs)).isTrue();
        assertThat(made(new GivePicture("harbour", "harbour/crab", Layer.only("base/kite"))).needs().meets(theirs)).as("another facet").isFalse();
        assertThat(made(new TakeOff("harbour", "harbour/crab")).needs().meets(theirs)).as("taking off takes their word with it").isTrue();
        assertThat(made(new DeleteBoard("harbour")).needs().meets(theirs)).isTrue();
        assertThat(made(new DeleteBoard("eat")).needs().meets(theirs)).isFalse();
        assertThat(made(new RenameBoard("harbour", "Quay")).needs().meets(theirs)).isFalse();
        assertThat(made(new GoBack(1, BOARDS)).needs().meets(theirs)).as("going back needs everything").isTrue();
        assertThat(made(new DeleteBoard("harbour")).needs().meets(made(new PutWords("harbour", null, List.of(KITE))).deltas()))
            .as("a new word in one of its cells").isTrue();
    }

    @Test
    void aLabelCanGoOnlyWhileThereIsAPicture() {
        assertThatThrownBy(() -> made(new GiveLabel("harbour", "harbour/gull", " "))).hasMessage("no-label-no-picture");
        assertThat(made(new GiveLabel("harbour", "harbour/crab", " ")).needs()
            .meets(made(new GivePicture("harbour", "harbour/crab", Layer.only("base/kite"))).deltas())).isTrue();
    }

    @Test
    void theHomeBoardCannotBeDeleted() {
        assertThatThrownBy(() -> made(new DeleteBoard("home"))).hasMessage("home-stays {board=home}");
    }

    @Test
    void severalAreDoneTogetherOrNotAtAllAndNotTooMany() {
        assertThatThrownBy(() -> made(new Several(List.of(new TakeOff("eat", "eat/apple"), new TakeOff("eat", "nobody")))))
            .hasMessage("button-gone {board=eat}");
        assertThatThrownBy(() -> new Several(java.util.Collections.nCopies(501, new RenameVocabulary("x")))).hasMessage("too-much-at-once {has=501, most=500}");
        assertThatThrownBy(() -> new Several(List.of(new Several(List.of(new RenameVocabulary("x")))))).hasMessage("nonsense");
        assertThatThrownBy(() -> new Several(List.of())).hasMessage("nothing-to-change");
    }

    @Test
    void whatHappenedIsToldByNameOfWhatWasThere() {
        assertThat(made(new PutWords("eat", null, List.of(KITE, RAIN, KITE, RAIN))).told())
            .isEqualTo(Told.of("put", "words", List.of("kite", "rain", "kite"), "more", 1, "board", "eat"));
        assertThat(made(new GiveLabel("harbour", "harbour/crab", " Big  Red ")).told())
            .isEqualTo(Told.of("called", "button", "crab", "label", "Big Red", "board", "harbour"));
        assertThat(made(new TakeOff("harbour", "harbour/crab")).told()).isEqualTo(Told.of("took-off", "button", "crab", "board", "harbour"));
        assertThat(made(new RenameBoard("harbour", "Quay")).told()).isEqualTo(Told.of("called-board", "board", "harbour", "name", "Quay"));
        assertThat(made(new Several(List.of(new TakeOff("eat", "eat/apple"), new TakeOff("eat", "eat/pear")))).told())
            .isEqualTo(Told.of("several", "first", Told.of("took-off", "button", "apple", "board", "eat"), "more", 1));
    }

    @Test
    void aChangeTellsWhatIsNewOnIt() {
        assertThat(made(new NewBoard("Beach", null, null, null, List.of(KITE))).added()).as("the board, then in reading order")
            .containsExactly("n1", "n4", "n2", "n3");
        assertThat(made(new GivePicture("harbour", "harbour/gull", Layer.only("base/kite"))).freshMedia()).containsExactly("base/kite");
        assertThat(made(new GivePicture("harbour", "harbour/gull", Layer.only("base/crab"))).freshMedia()).as("the board had it").isEmpty();
    }

    @Test
    void whatSomebodyChangedSinceCannotBeTakenBack() {
        List<Delta> mine = made(new GiveLabel("harbour", "harbour/crab", "red crab")).deltas();
        Vocabulary since = new GiveLabel("harbour", "harbour/crab", "Big Red").on(Deltas.made(mine, BOARDS), ids()).after();
        assertThatThrownBy(() -> new Reverse<>(Deltas.SORT, mine, Told.of("took-back")).on(since, ids())).hasMessage("changed-meanwhile");
    }
}
