package org.dwimble.core.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.support.Supports.UPRIGHT;
import static org.dwimble.core.support.Supports.lay;
import static org.dwimble.core.support.Supports.shown;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Games are fair: no two cards alike, every word as often as every other. */
class GamesTest {
    private static String[] many(int count) {
        return IntStream.range(0, count).mapToObj(i -> "w" + i).toArray(String[]::new);
    }

    @RepeatedTest(120)
    void noTwoHandsAreAlikeAndCountsDifferByOneAtMost(RepetitionInfo seed) {
        Random random = new Random(seed.getCurrentRepetition());
        int each = 4 + random.nextInt(13);
        int words = each + 2 + random.nextInt(20);
        int hands = 1 + random.nextInt(40);
        if (words == each + 2) {
            hands = Math.min(hands, each);
        }
        List<int[]> dealt = Dealt.hands(words, hands, each, random);
        int[] used = new int[words];
        Set<Set<Integer>> known = new HashSet<>();
        for (int[] hand : dealt) {
            Set<Integer> set = new HashSet<>();
            for (int word : hand) {
                used[word]++;
                set.add(word);
            }
            assertThat(set).hasSize(each);
            assertThat(known.add(set)).isTrue();
        }
        assertThat(dealt).hasSize(hands);
        assertThat(IntStream.of(used).max().orElseThrow() - IntStream.of(used).min().orElseThrow()).isLessThanOrEqualTo(1);
    }

    @Test
    void asManyHandsAsThereAreAtAllAreDealt() {
        assertThat(Dealt.hands(10, 10, 9, new Random(3))).hasSize(10);
        assertThatThrownBy(() -> Dealt.hands(10, 11, 9, new Random(3))).isInstanceOf(Unacceptable.class).hasMessageContaining("needed=11");
        assertThatThrownBy(() -> Dealt.hands(5, 1, 9, new Random(3))).isInstanceOf(Unacceptable.class).hasMessageContaining("needed=9");
    }

    @RepeatedTest(60)
    void noDominoIsThereTwiceAndWordsAreUsedEvenly(RepetitionInfo seed) {
        Random random = new Random(seed.getCurrentRepetition());
        int words = 5 + random.nextInt(20);
        int pairs = 1 + random.nextInt(words * (words - 1) / 2);
        int[] used = new int[words];
        Set<Set<Integer>> known = new HashSet<>();
        for (int[] pair : Dealt.pairs(words, pairs, random)) {
            used[pair[0]]++;
            used[pair[1]]++;
            assertThat(pair[0]).isNotEqualTo(pair[1]);
            assertThat(known.add(Set.of(pair[0], pair[1]))).isTrue();
        }
        assertThat(known).hasSize(pairs);
        assertThat(IntStream.of(used).max().orElseThrow() - IntStream.of(used).min().orElseThrow()).as("%d words, %d pairs", words, pairs)
            .isLessThanOrEqualTo(2);
    }

    @Test
    void bingoIsRepeatableFromItsNumberAndHasTheCallersList() {
        Bingo game = new Bingo(6, 3, 3, true, 1, 4711);
        Laid laid = lay(game, UPRIGHT, many(20));
        assertThat(lay(game, UPRIGHT, many(20))).isEqualTo(laid);
        assertThat(lay(new Bingo(6, 3, 3, true, 1, 4712), UPRIGHT, many(20))).isNotEqualTo(laid);
        assertThat(laid.sheets()).isEqualTo(7);
        List<Set<String>> cards = new ArrayList<>();
        laid.pages().subList(0, 6).forEach(p -> cards.add(new HashSet<>(shown(p))));
        assertThat(cards).allMatch(c -> c.size() == 8).doesNotHaveDuplicates();
        assertThat(shown(laid.pages().get(6))).containsExactlyInAnyOrder(many(20));
        assertThat(Supports.texts(laid.pages().get(2))).contains("game 4711, card 3");
        assertThatThrownBy(() -> lay(game, UPRIGHT, many(7))).isInstanceOf(Unacceptable.class).hasMessageContaining("too-few-words");
    }

    @Test
    void twoBingoCardsOnASheetLieApart() {
        Laid laid = lay(new Bingo(4, 2, 2, false, 2, 1), UPRIGHT, many(8));
        assertThat(laid.sheets()).isEqualTo(3);
        assertThat(shown(laid.pages().get(0))).hasSize(8);
    }

    @Test
    void aPairIsTwiceTheSameOrThePictureAndItsWord() {
        assertThat(shown(lay(new Pairs(Length.mm(40), Pairs.Match.SAME), UPRIGHT, "crab", "seal").pages().get(0))).containsExactly("crab", "crab", "seal",
            "seal");
        Laid apart = lay(new Pairs(Length.mm(40), Pairs.Match.PICTURE_WORD), UPRIGHT, "crab", "seal");
        assertThat(shown(apart.pages().get(0))).containsExactly("crab", "seal");
        assertThat(Supports.texts(apart.pages().get(0))).contains("crab", "seal");
        assertThat(apart.pages().get(1).back()).as("backs tell nothing").isTrue();
    }

    @Test
    void aMatComesFirstAndThenWhatIsSortedOntoIt() {
        Laid laid = lay(new SortingMats(List.of("in the sea", "on land", "in the air"), Length.mm(40)), UPRIGHT, "crab", "gull");
        assertThat(Supports.texts(laid.pages().get(0))).contains("in the sea", "on land", "in the air");
        assertThat(shown(laid.pages().get(1))).containsExactly("crab", "gull");
        assertThatThrownBy(() -> new SortingMats(List.of("one"), Length.mm(40))).isInstanceOf(Unacceptable.class);
    }

    @Test
    void everyPlayerRollsForOtherWords() {
        Laid laid = lay(new RollAndSay(3, 2, 9), UPRIGHT, many(20));
        assertThat(laid.sheets()).isEqualTo(3);
        assertThat(laid.pages()).allMatch(p -> new HashSet<>(shown(p)).size() == 12);
        assertThat(laid.pages().stream().map(p -> new HashSet<>(shown(p)))).doesNotHaveDuplicates();
    }
}
