package org.dwimble.core.regrid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AssignmentTest {
    private static long[][] random(Random random, int takers, int places, int most) {
        return IntStream.range(0, takers).mapToObj(i -> random.longs(places, 0, most).toArray()).toArray(long[][]::new);
    }

    private static long sum(long[][] cost, int[] placeOf) {
        return IntStream.range(0, placeOf.length).mapToLong(i -> cost[i][placeOf[i]]).sum();
    }

    private static long tried(long[][] cost, int taker, Set<Integer> taken) {
        if (taker == cost.length) {
            return 0;
        }
        long best = Long.MAX_VALUE;
        for (int place = 0; place < cost[0].length; place++) {
            if (taken.add(place)) {
                best = Math.min(best, cost[taker][place] + tried(cost, taker + 1, taken));
                taken.remove(place);
            }
        }
        return best;
    }

    private static void eachHasAPlaceOfItsOwn(int[] placeOf) {
        assertThat(Arrays.stream(placeOf).distinct().count()).isEqualTo(placeOf.length);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 5, 1_000_000})
    void onSmallOnesItIsAsCheapAsTheCheapestOfAllThereAre(int most) {
        Random random = new Random(most);
        for (int i = 0; i < 120; i++) {
            int takers = 1 + random.nextInt(6);
            long[][] cost = random(random, takers, takers + random.nextInt(3), most);
            int[] placeOf = Assignment.least(cost);
            eachHasAPlaceOfItsOwn(placeOf);
            assertThat(sum(cost, placeOf)).isEqualTo(tried(cost, 0, new HashSet<>()));
        }
    }

    /** Below: each at its cheapest, whoever has it already. Above: one after the other, and then every two that would do better the other way round. */
    @Test
    void onLargeOnesItLiesBetweenWhatNothingCanBeatAndWhatIsEasilyFound() {
        Random random = new Random(5);
        for (int i = 0; i < 6; i++) {
            long[][] cost = random(random, 144, 160, 100_000);
            int[] placeOf = Assignment.least(cost);
            eachHasAPlaceOfItsOwn(placeOf);
            assertThat(sum(cost, placeOf)).isBetween(Arrays.stream(cost).mapToLong(row -> Arrays.stream(row).min().orElseThrow()).sum(),
                sum(cost, swapped(cost)));
            assertThat(sum(cost, placeOf)).as("of one matrix, whose takers come in another order").isEqualTo(reversed(cost));
        }
    }

    private static long reversed(long[][] cost) {
        long[][] other = new long[cost.length][];
        for (int i = 0; i < cost.length; i++) {
            other[i] = cost[cost.length - 1 - i];
        }
        return sum(other, Assignment.least(other));
    }

    private static int[] swapped(long[][] cost) {
        int[] placeOf = new int[cost.length];
        Set<Integer> taken = new HashSet<>();
        for (int i = 0; i < cost.length; i++) {
            int taker = i;
            placeOf[i] = IntStream.range(0, cost[0].length).boxed().filter(p -> !taken.contains(p)).min((a, b) -> Long.compare(cost[taker][a], cost[taker][b]))
                .orElseThrow();
            taken.add(placeOf[i]);
        }
        for (int i = 0; i < cost.length; i++) {
            for (int j = 0; j < i; j++) {
                if (cost[i][placeOf[j]] + cost[j][placeOf[i]] < cost[i][placeOf[i]] + cost[j][placeOf[j]]) {
                    int other = placeOf[i];
                    placeOf[i] = placeOf[j];
                    placeOf[j] = other;
                }
            }
        }
        return placeOf;
    }

    @Test
    void nobodyNeedsNoPlaceAndTooFewAreRefused() {
        assertThat(Assignment.least(new long[0][])).isEmpty();
        assertThatThrownBy(() -> Assignment.least(new long[][] {{1}, {2}})).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void linesInOrderMoveAsLittleAsLinesInOrderCan() {
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            int lines = 1 + random.nextInt(5);
            long[][] cost = random(random, lines, lines + random.nextInt(3), 50);
            int[] becomes = InOrder.least(cost, lines);
            assertThat(becomes).isSorted().doesNotHaveDuplicates();
            assertThat(sum(cost, becomes)).isEqualTo(inOrder(cost, 0, 0));
        }
    }

    private static long inOrder(long[][] cost, int line, int from) {
        if (line == cost.length) {
            return 0;
        }
        return IntStream.rangeClosed(from, cost[0].length - (cost.length - line)).mapToLong(p -> cost[line][p] + inOrder(cost, line + 1, p + 1)).min()
            .orElseThrow();
    }
}
