package org.dwimble.core.regrid;

import java.util.Arrays;

/**
 * Who gets which place so that all of it together costs least: the linear sum assignment problem, solved to the optimum by shortest augmenting paths
 * (R. Jonker, A. Volgenant: A shortest augmenting path algorithm for dense and sparse linear assignment problems, Computing 38, 1987; in the form for
 * more places than takers of D. F. Crouse: On implementing 2D rectangular assignment algorithms, IEEE Transactions on Aerospace and Electronic Systems
 * 52, 2016). Takes time in proportion to takers² x places.
 */
final class Assignment {
    private static final int NONE = -1;

    private final long[][] cost;
    private final int places;
    private final long[] ofTaker;
    private final long[] ofPlace;
    private final int[] placeOf;
    private final int[] takerOf;
    private final int[] before;
    private final long[] far;
    private final boolean[] reached;

    private Assignment(long[][] cost) {
        this.cost = cost;
        this.places = cost[0].length;
        this.ofTaker = new long[cost.length];
        this.ofPlace = new long[places];
        this.placeOf = new int[cost.length];
        this.takerOf = new int[places];
        this.before = new int[places];
        this.far = new long[places];
        this.reached = new boolean[places];
        Arrays.fill(takerOf, NONE);
        Arrays.fill(placeOf, NONE);
    }

    /**
     * The place of each taker.
     *
     * @param cost of each taker at each place, 0 to 2^50; as many places as takers at least
     */
    static int[] least(long[][] cost) {
        if (cost.length == 0) {
            return new int[0];
        }
        if (cost[0].length < cost.length) {
            throw new IllegalArgumentException(cost.length + " cannot stand in " + cost[0].length + " places");
        }
        Assignment assignment = new Assignment(cost);
        for (int taker = 0; taker < cost.length; taker++) {
            assignment.seat(taker);
        }
        return assignment.placeOf;
    }

    /** Seats one more, by the cheapest chain of those seated already that move on by one. */
    private void seat(int taker) {
        Arrays.fill(far, Long.MAX_VALUE);
        Arrays.fill(reached, false);
        int from = taker;
        long least = 0;
        int end = NONE;
        while (end == NONE) {
            int next = NONE;
            for (int place = 0; place < places; place++) {
                if (reached[place]) {
                    continue;
                }
                long through = least + cost[from][place] - ofTaker[from] - ofPlace[place];
                if (through < far[place]) {
                    far[place] = through;
                    before[place] = from;
                }
                if (next == NONE || far[place] < far[next] || far[place] == far[next] && takerOf[place] == NONE && takerOf[next] != NONE) {
                    next = place;
                }
            }
            least = far[next];
            reached[next] = true;
            if (takerOf[next] == NONE) {
                end = next;
            } else {
                from = takerOf[next];
            }
        }
        reprice(taker, least);
        for (int place = end;;) {
            int seated = before[place];
            int left = placeOf[seated];
            takerOf[place] = seated;
            placeOf[seated] = place;
            if (seated == taker) {
                return;
            }
            place = left;
        }
    }

    private void reprice(int taker, long least) {
        ofTaker[taker] += least;
        for (int place = 0; place < places; place++) {
            if (reached[place]) {
                long by = least - far[place];
                ofPlace[place] -= by;
                if (takerOf[place] != NONE) {
                    ofTaker[takerOf[place]] += by;
                }
            }
        }
    }
}
