package org.dwimble.core.regrid;

import java.util.List;
import java.util.function.ToLongBiFunction;

/** What each of some costs at each of others. */
final class Costs {
    private Costs() {
    }

    static <A, B> long[][] of(List<A> takers, List<B> places, ToLongBiFunction<A, B> cost) {
        long[][] costs = new long[takers.size()][places.size()];
        for (int i = 0; i < takers.size(); i++) {
            for (int j = 0; j < places.size(); j++) {
                costs[i][j] = cost.applyAsLong(takers.get(i), places.get(j));
            }
        }
        return costs;
    }
}
