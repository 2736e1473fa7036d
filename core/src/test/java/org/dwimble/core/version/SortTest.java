package org.dwimble.core.version;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.edit.Deltas;
import org.dwimble.core.edit.IntentionTest;
import org.dwimble.core.edit.boards.RenameBoard;
import org.dwimble.core.edit.whole.RenameVocabulary;
import org.dwimble.core.edit.words.GiveKind;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.edit.words.GivePicture;
import org.dwimble.core.edit.words.MoveButton;
import org.dwimble.core.edit.words.TakeOff;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.support.Bingo;
import org.dwimble.core.support.Strip;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.core.wordlist.kept.ListDocument;
import org.dwimble.core.wordlist.kept.Lists;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of every sort of thing that is kept in versions. A new sort adds a line to {@link #sorts}. */
class SortTest {
    private static final Told TOLD = Told.of("took-back", "what", Told.of("list-page"));

    /** @param apart wishes of which no two meet @param meets pairs of which each two do */
    private record Of<D>(String name, Sort<D> sort, D base, List<Wish<D>> apart, List<List<Wish<D>>> meets) {
        @Override
        public String toString() {
            return name;
        }

        List<Wish<D>> all() {
            return Stream.concat(apart.stream(), meets.stream().flatMap(List::stream)).toList();
        }

        OnTop<D> onTop(Wish<D> wish, D seen, D now) {
            return OnTop.of(sort, wish, seen, now, ids());
        }

        /** Each time what is new gets the same ids. */
        static Supplier<String> ids() {
            int[] n = {0};
            return () -> "new-" + ++n[0];
        }

        D made(Wish<D> wish, D on) {
            return wish.on(on, ids()).after();
        }

        Wish<D> back(D before, D after) {
            return new Reverse<>(sort, sort.between(before, after), TOLD);
        }
    }

    static Stream<Of<?>> sorts() {
        return Stream.of(vocabularies(), lists());
    }

    private static Of<?> vocabularies() {
        return new Of<>("vocabulary", Deltas.SORT, IntentionTest.BOARDS,
            List.of(new GiveLabel("harbour", "harbour/crab", "Big Red"), new GiveKind("harbour", "harbour/crab", Kind.WHO),
                new GivePicture("harbour", "harbour/gull", Layer.only("base/gull")), new MoveButton("harbour", "harbour/seal", "eat", new Cell(0, 3)),
                new TakeOff("eat", "eat/pear"), new RenameBoard("attic", "Loft"), new RenameVocabulary("Harbour words")),
            List.of(List.of(new GiveLabel("home", "home/go", "walk"), new GiveLabel("home", "home/go", "run")),
                List.of(new GiveLabel("eat", "eat/apple", "plum"), new TakeOff("eat", "eat/apple"))));
    }

    private static Of<?> lists() {
        WordList list = WordList.of("Ferry trip", Stream.of("ferry", "bag", "seal", "crab", "gull").map(w -> ListedWord.of(w, w, null, null)).toList());
        return new Of<>("list", Lists.SORT, new ListDocument.Read(list, List.of()),
            Stream.of(change(list.words().get(0).withText("the Curlew")), change(list.words().get(0).withTimes(3)),
                new ListEdit.AddWords(List.of(ListedWord.of("kite", "kite", null, null)), "crab"), new ListEdit.TakeOut(List.of("bag")),
                new ListEdit.MoveWords(List.of("gull"), "seal"), new ListEdit.NameList("Harbour walk"), new ListEdit.SetUp(Strip.USUAL),
                new ListEdit.OnPage(PageSetup.USUAL.withPaper(Paper.A5)), new ListEdit.InSecond(new Second("nl", true), List.of())).map(Lists::wish)
                .toList(),
            Stream.of(List.of(change(list.words().get(3).withText("red crab")), change(list.words().get(3).withText("blue crab"))),
                List.of(change(list.words().get(3).withText("red crab")), new ListEdit.TakeOut(List.of("crab"))),
                List.of(new ListEdit.SetUp(Strip.USUAL), new ListEdit.SetUp(Bingo.USUAL))).map(pair -> pair.stream().map(Lists::wish).toList()).toList());
    }

    private static ListEdit change(ListedWord word) {
        return new ListEdit.ChangeWord(word);
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void whatDiffersMadeIsTheSameAndTurnedRoundTakesItBack(Of<D> of) {
        for (Wish<D> wish : of.all()) {
            Made<D> made = wish.on(of.base, Of.ids());
            assertThat(made.deltas()).isNotEmpty();
            assertThat(of.sort.between(of.base, made.after())).isEqualTo(made.deltas());
            assertThat(of.sort.made(made.deltas(), of.base, TOLD).after()).isEqualTo(made.after());
            D back = of.made(new Reverse<>(of.sort, made.deltas(), TOLD), made.after());
            assertThat(back).isEqualTo(of.base);
            assertThat(of.made(of.back(made.after(), back), back)).as("and made again").isEqualTo(made.after());
        }
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void onWhatAPersonSawAWishIsAsItIsAlone(Of<D> of) {
        for (Wish<D> wish : of.all()) {
            assertThat(of.onTop(wish, of.base, of.base).made().after()).isEqualTo(of.made(wish, of.base));
        }
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void whatTwoPeopleDoApartIsBothKeptWhoeverCameFirst(Of<D> of) {
        for (int i = 0; i < of.apart.size(); i++) {
            for (int k = 0; k < i; k++) {
                Wish<D> one = of.apart.get(i);
                Wish<D> other = of.apart.get(k);
                OnTop<D> onOther = of.onTop(one, of.base, of.made(other, of.base));
                assertThat(onOther.met()).as(i + " and " + k).isNull();
                assertThat(onOther.made().after()).as(i + " and " + k).isEqualTo(of.onTop(other, of.base, of.made(one, of.base)).made().after());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void everybodysChangesTogetherAreAllThereAndEachCanBeTakenBackAlone(Of<D> of) {
        D now = of.base;
        for (Wish<D> wish : of.apart) {
            now = of.onTop(wish, of.base, now).made().after();
        }
        for (int i = 0; i < of.apart.size(); i++) {
            D alone = of.made(of.apart.get(i), of.base);
            D without = of.onTop(of.back(of.base, alone), alone, now).made().after();
            D others = of.base;
            for (int k = 0; k < of.apart.size(); k++) {
                others = k == i ? others : of.onTop(of.apart.get(k), of.base, others).made().after();
            }
            assertThat(without).as("without " + i).isEqualTo(others);
        }
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void whatBothChangeOtherwiseIsMetBothWaysAndWhoDidItIsFound(Of<D> of) {
        for (List<Wish<D>> pair : of.meets) {
            assertThat(of.onTop(pair.get(0), of.base, of.made(pair.get(1), of.base)).met()).isNotNull();
            assertThat(of.onTop(pair.get(1), of.base, of.made(pair.get(0), of.base)).met()).isNotNull();
            for (int at = 0; at < 4; at++) {
                List<D> line = new ArrayList<>(List.of(of.base));
                for (int i = 0; i < 4; i++) {
                    line.add(of.onTop(i == at ? pair.get(0) : of.apart.get(i), of.base, line.get(i)).made().after());
                }
                OnTop.Met<D> met = of.onTop(pair.get(1), of.base, line.get(4)).met();
                assertThat(met.on()).isNotNull();
                assertThat(OnTop.whoMet(of.sort, met.yours(), 0, 4, line::get)).isEqualTo(at + 1);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void whatWasChangedAndPutBackMeetsNobody(Of<D> of) {
        for (List<Wish<D>> pair : of.meets) {
            D changed = of.made(pair.get(0), of.base);
            D putBack = of.made(of.back(of.base, changed), changed);
            assertThat(of.onTop(pair.get(1), of.base, putBack).met()).isNull();
            assertThat(of.onTop(pair.get(1), changed, putBack).met()).as("who saw it changed is told").isNotNull();
        }
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void anUndoIsRefusedWhenSomebodyHasChangedTheSameSince(Of<D> of) {
        Wish<D> one = of.meets.get(0).get(0);
        Wish<D> other = of.meets.get(0).get(1);
        D mine = of.made(one, of.base);
        D theirs = of.made(other, mine);
        assertThat(of.onTop(of.back(of.base, mine), mine, theirs).met()).isNotNull();
        D elsewhere = of.made(of.apart.get(0), mine);
        assertThat(of.onTop(of.back(of.base, mine), mine, elsewhere).made().after()).isEqualTo(of.made(of.apart.get(0), of.base));
    }

    @ParameterizedTest
    @MethodSource("sorts")
    <D> void nothingIsTouchedTwiceByOneChangeAndTheTreeOfWhatIsTouchedEnds(Of<D> of) {
        for (Wish<D> wish : of.all()) {
            List<Touched> keys = wish.on(of.base, Of.ids()).deltas().stream().<Touched>flatMap(d -> d.keys().stream()).toList();
            assertThat(keys).doesNotHaveDuplicates();
            keys.forEach(key -> assertThat(IntStream.range(0, 10).boxed().reduce(key, (k, i) -> k == null ? null : k.within(), (a, b) -> a)).isNull());
        }
    }
}
