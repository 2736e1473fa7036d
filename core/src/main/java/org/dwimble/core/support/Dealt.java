package org.dwimble.core.support;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.dwimble.core.told.Unacceptable;

/**
 * Words dealt out in hands, no two alike and every word used as often as every other, or once more. Each hand takes the words used
 * least so far, and among equals by chance; a hand that somebody has already is drawn again. That keeps counts within one of each
 * other whatever chance says. Repeatable: the same number gives the same hands.
 */
final class Dealt {
    private static final int TRIES = 400;

    private Dealt() {
    }

    /**
     * @param words how many there are
     * @param each  how many a hand has
     * @return for each hand the indexes of its words, in the order of chance
     * @throws Unacceptable if there are too few words for so many different hands; told is how many are needed
     */
    static List<int[]> hands(int words, int hands, int each, Random chance) {
        if (words < each || ways(words, each) < hands) {
            int needed = Math.max(each, words);
            while (ways(needed, each) < hands) {
                needed++;
            }
            throw new Unacceptable("too-few-words", "hands", hands, "each", each, "has", words, "needed", needed);
        }
        for (int again = 0; again < TRIES; again++) {
            List<int[]> dealt = once(words, hands, each, chance);
            if (dealt.size() == hands) {
                return dealt;
            }
        }
        throw new Unacceptable("too-few-words", "hands", hands, "each", each, "has", words, "needed", words + 1);
    }

    private static List<int[]> once(int words, int hands, int each, Random chance) {
        int[] used = new int[words];
        Set<List<Integer>> known = new HashSet<>();
        List<int[]> dealt = new ArrayList<>();
        while (dealt.size() < hands) {
            List<Integer> hand = null;
            for (int again = 0; again < TRIES && hand == null; again++) {
                List<Integer> drawn = least(used, each, chance);
                List<Integer> sorted = drawn.stream().sorted().toList();
                hand = known.add(sorted) ? drawn : null;
            }
            if (hand == null) {
                return dealt;
            }
            hand.forEach(word -> used[word]++);
            dealt.add(shuffled(hand, chance));
        }
        return dealt;
    }

    private static List<Integer> least(int[] used, int each, Random chance) {
        double[] luck = IntStream.range(0, used.length).mapToDouble(i -> chance.nextDouble()).toArray();
        return IntStream.range(0, used.length).boxed().sorted(Comparator.comparingInt((Integer i) -> used[i]).thenComparingDouble(i -> luck[i])).limit(each)
            .toList();
    }

    private static int[] shuffled(List<Integer> hand, Random chance) {
        int[] order = hand.stream().mapToInt(i -> i).toArray();
        for (int i = order.length - 1; i > 0; i--) {
            int other = chance.nextInt(i + 1);
            int kept = order[i];
            order[i] = order[other];
            order[other] = kept;
        }
        return order;
    }

    /** How many different hands there are; {@link Integer#MAX_VALUE} for more than that. */
    private static int ways(int words, int each) {
        long ways = 1;
        for (int i = 1; i <= each; i++) {
            ways = ways * (words - each + i) / i;
            if (ways > Integer.MAX_VALUE) {
                return Integer.MAX_VALUE;
            }
        }
        return (int) ways;
    }

    /**
     * Pairs of different words, no pair twice, every word used as often as every other or as near to it as pairs allow: each takes the two
     * used least that are not a pair yet.
     *
     * @return indexes, two a pair
     * @throws Unacceptable if there are fewer pairs than that
     */
    static List<int[]> pairs(int words, int pairs, Random chance) {
        int most = words * (words - 1) / 2;
        if (pairs > most) {
            int needed = words;
            while (needed * (needed - 1) / 2 < pairs) {
                needed++;
            }
            throw new Unacceptable("too-few-words", "hands", pairs, "each", 2, "has", words, "needed", needed);
        }
        int[] used = new int[words];
        boolean[][] known = new boolean[words][words];
        List<int[]> all = new ArrayList<>();
        while (all.size() < pairs) {
            int[] next = nextPair(used, known, chance);
            known[next[0]][next[1]] = true;
            known[next[1]][next[0]] = true;
            used[next[0]]++;
            used[next[1]]++;
            all.add(next);
        }
        return all;
    }

    private static int[] nextPair(int[] used, boolean[][] known, Random chance) {
        List<int[]> best = new ArrayList<>();
        int least = Integer.MAX_VALUE;
        int lowest = Arrays.stream(used).min().orElseThrow();
        for (int one = 0; one < used.length; one++) {
            for (int other = one + 1; other < used.length; other++) {
                // The square makes a word that was used more twice as unwelcome as two that were used once more.
                int above = (used[one] - lowest) * (used[one] - lowest) + (used[other] - lowest) * (used[other] - lowest);
                if (!known[one][other] && above <= least) {
                    if (above < least) {
                        best.clear();
                        least = above;
                    }
                    best.add(new int[] {one, other});
                }
            }
        }
        return best.get(chance.nextInt(best.size()));
    }
}
