package org.dwimble.core.wordlist.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.Cards;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.OnTop;
import org.dwimble.core.version.Piece;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class ListsTogetherTest {
    private static final WordList FERRY = list("ferry", "bag", "seal", "crab");

    private static WordList list(String... words) {
        return WordList.of("Ferry trip", Arrays.stream(words).map(w -> ListedWord.of(w, w, "base/" + w, null)).toList());
    }

    /** @param base what both changes were made on */
    private static OnTop<ListDocument.Read> together(WordList base, WordList mine, WordList theirs) {
        return OnTop.of(Lists.SORT, Lists.wish(new ListEdit.As(mine, Told.of("list-page"))), read(base), read(theirs), () -> "id");
    }

    private static ListDocument.Read read(WordList list) {
        return new ListDocument.Read(list, List.of());
    }

    private static WordList list(OnTop<ListDocument.Read> of) {
        assertThat(of.met()).isNull();
        return of.made().after().list();
    }

    private static List<String> met(OnTop<ListDocument.Read> of) {
        return of.met() == null ? null : ((Piece.At) of.met().on()).path();
    }

    private static List<String> texts(WordList list) {
        return list.words().stream().map(ListedWord::text).toList();
    }

    private static ListEdit called(WordList list, String id, String text) {
        return new ListEdit.ChangeWord(list.word(id).orElseThrow().withText(text));
    }

    @Test
    void whatTwoPeopleChangeApartIsBothKept() {
        WordList mine = called(FERRY, "bag", "rucksack").on(FERRY);
        WordList theirs = new ListEdit.MoveWords(List.of("crab"), "ferry").on(FERRY);
        theirs = new ListEdit.TakeOut(List.of("seal")).on(theirs);
        theirs = new ListEdit.ChangeWord(theirs.word("bag").orElseThrow().withTimes(3)).on(theirs);
        OnTop<ListDocument.Read> merged = together(FERRY, mine, theirs);
        assertThat(met(merged)).isNull();
        assertThat(texts(list(merged))).containsExactly("crab", "ferry", "rucksack");
        assertThat(list(merged).word("bag").orElseThrow().times()).isEqualTo(3);
    }

    @Test
    void whatBothChangeOtherwiseIsMetAndTheirsStands() {
        WordList mine = called(FERRY, "bag", "rucksack").on(FERRY);
        WordList theirs = called(FERRY, "bag", "backpack").on(FERRY);
        OnTop<ListDocument.Read> merged = together(FERRY, mine, theirs);
        assertThat(met(merged)).isEqualTo(List.of("words", "bag", "text"));
        assertThat(met(together(FERRY, mine, mine))).as("both the same").isNull();
    }

    @Test
    void aWordOneTakesOutAndTheOtherChangesIsMet() {
        WordList gone = new ListEdit.TakeOut(List.of("bag")).on(FERRY);
        assertThat(met(together(FERRY, called(FERRY, "bag", "rucksack").on(FERRY), gone))).isEqualTo(List.of("words", "bag", "text"));
        assertThat(met(together(FERRY, gone, called(FERRY, "bag", "rucksack").on(FERRY)))).isEqualTo(List.of("words", "bag"));
    }

    @Test
    void anUndoTakesBackOneChangeAndLeavesWhatCameAfter() {
        WordList added = new ListEdit.AddWords(List.of(ListedWord.of("gull", "gull", null, null)), "bag").on(FERRY);
        WordList later = called(added, "crab", "red crab").on(added);
        assertThat(texts(list(together(added, FERRY, later)))).containsExactly("ferry", "bag", "seal", "red crab");
        WordList taken = new ListEdit.TakeOut(List.of("ferry", "seal")).on(FERRY);
        WordList then = new ListEdit.AddWords(List.of(ListedWord.of("gull", "gull", null, null)), null).on(taken);
        assertThat(texts(list(together(taken, FERRY, then)))).containsExactly("ferry", "bag", "seal", "crab", "gull");
    }

    @Test
    void anUndoOfAChoiceDoesNotTakeBackTheChoiceOfAnother() {
        WordList mine = new ListEdit.SetUp(OwnGrid.USUAL).on(FERRY);
        WordList theirs = new ListEdit.SetUp(org.dwimble.core.support.Bingo.USUAL).on(mine);
        assertThat(met(together(mine, FERRY, theirs))).as("undo of mine, after theirs").isEqualTo(List.of("now"));
        WordList old = new ListEdit.SetUp(OwnGrid.USUAL).on(FERRY);
        assertThat(met(together(FERRY, old, new ListEdit.SetUp(org.dwimble.core.support.Bingo.USUAL).on(FERRY)))).as("chosen from an old state")
            .isEqualTo(List.of("now"));
        assertThat(list(together(FERRY, old, called(FERRY, "bag", "rucksack").on(FERRY))).now()).isEqualTo(OwnGrid.USUAL.name());
    }

    @Test
    void aWordTwoPeopleMoveElsewhereIsMetAndOnesUndoLeavesTheOthersPlace() {
        WordList mine = new ListEdit.MoveWords(List.of("crab"), "ferry").on(FERRY);
        WordList theirs = new ListEdit.MoveWords(List.of("crab"), "seal").on(FERRY);
        assertThat(met(together(FERRY, mine, theirs))).isEqualTo(List.of("words", "crab", Piece.At.PLACE));
        assertThat(met(together(FERRY, mine, mine))).as("both to the same place").isNull();
        WordList later = new ListEdit.MoveWords(List.of("crab"), "bag").on(mine);
        assertThat(met(together(mine, FERRY, later))).as("undo of my move, after theirs").isEqualTo(List.of("words", "crab", Piece.At.PLACE));
        WordList other = new ListEdit.MoveWords(List.of("seal"), "bag").on(mine);
        assertThat(texts(list(together(mine, FERRY, other)))).as("theirs is of another word; mine goes back behind the one it stood behind")
            .containsExactly("ferry", "seal", "crab", "bag");
    }

    @Test
    void supportsAreSetUpApart() {
        Cards small = new Cards(Length.mm(30), Length.mm(30), 0, Length.ZERO, Cards.Lines.CUT, Length.ZERO, Cards.Back.SAME, Cards.Flip.LONG, true);
        WordList mine = new ListEdit.SetUp(small).on(FERRY);
        WordList theirs = new ListEdit.NameList("Harbour walk").on(FERRY);
        WordList merged = list(together(FERRY, mine, theirs));
        assertThat(merged.support()).isEqualTo(small);
        assertThat(merged.name()).isEqualTo("Harbour walk");
    }

    @Test
    void twoPartsOfOneSetUpAreBothKeptAndOnePartChangedTwiceIsMet() {
        OwnGrid usual = OwnGrid.USUAL;
        WordList larger = new ListEdit.SetUp(new OwnGrid(5, 6, List.of(), usual.gap(), "", false)).on(FERRY);
        WordList coloured = new ListEdit.SetUp(new OwnGrid(usual.rows(), usual.columns(), List.of(), usual.gap(), "", true)).on(FERRY);
        assertThat(list(together(FERRY, coloured, larger)).support()).isEqualTo(new OwnGrid(5, 6, List.of(), usual.gap(), "", true));
        WordList other = new ListEdit.SetUp(new OwnGrid(7, 6, List.of(), usual.gap(), "", false)).on(FERRY);
        assertThat(met(together(FERRY, other, larger))).isEqualTo(List.of("supports", "grid", "rows"));
    }

    @RepeatedTest(300)
    void oneChangeAloneIsAsIfItHadBeenMadeThere(RepetitionInfo seed) {
        Random random = new Random(seed.getCurrentRepetition());
        WordList changed = FERRY;
        for (int i = 0; i < 4; i++) {
            changed = some(random, changed).on(changed);
        }
        assertThat(list(together(FERRY, changed, FERRY))).isEqualTo(changed);
        assertThat(list(together(FERRY, FERRY, changed))).isEqualTo(changed);
    }

    @RepeatedTest(300)
    void noWordIsLostThatNobodyTookOut(RepetitionInfo seed) {
        Random random = new Random(seed.getCurrentRepetition());
        WordList mine = new ListEdit.AddWords(List.of(ListedWord.of("mine", "mine", null, null)), "seal").on(FERRY);
        WordList theirs = FERRY;
        for (int i = 0; i < 3; i++) {
            theirs = some(random, theirs).on(theirs);
        }
        List<String> both = new ArrayList<>(theirs.words().stream().map(ListedWord::id).toList());
        both.add("mine");
        assertThat(list(together(FERRY, mine, theirs)).words()).extracting(ListedWord::id).containsExactlyInAnyOrderElementsOf(both);
    }

    private static ListEdit some(Random random, WordList list) {
        if (list.words().isEmpty()) {
            return new ListEdit.AddWords(List.of(ListedWord.of("n" + random.nextInt(1_000_000), "new", null, null)), null);
        }
        String id = list.words().get(random.nextInt(list.words().size())).id();
        String before = random.nextInt(4) == 0 ? null : list.words().get(random.nextInt(list.words().size())).id();
        return switch (random.nextInt(4)) {
            case 0 -> new ListEdit.AddWords(List.of(ListedWord.of("n" + random.nextInt(1_000_000), "new", null, null)), before);
            case 1 -> new ListEdit.TakeOut(List.of(id));
            case 2 -> new ListEdit.MoveWords(List.of(id), before);
            default -> new ListEdit.ChangeWord(list.word(id).orElseThrow().withTimes(random.nextInt(5)));
        };
    }

    @Test
    void whatCannotStandIsRefused() {
        assertThatThrownBy(() -> new ListEdit.TakeOut(List.of("kite")).on(FERRY)).isInstanceOf(Unacceptable.class).hasMessageContaining("list-word-gone");
        assertThatThrownBy(() -> new ListEdit.NameList("  ").on(FERRY)).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> ListedWord.of("a", " ", null, null)).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> FERRY.word("bag").orElseThrow().withTimes(100)).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> ListedWord.of("a", "a".repeat(ListedWord.LONGEST + 1), null, null)).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> list(java.util.stream.IntStream.range(0, 3000).mapToObj(i -> "w" + i).toArray(String[]::new)))
            .isInstanceOf(Unacceptable.class).hasMessageContaining("3000");
    }
}
