package org.dwimble.core.regrid;

import java.util.Arrays;

/**
 * Lines that keep their order: which of the new ones each of them becomes so that together they move least. Dynamic programming over the first so many lines
 * and the first so many new ones, in time in proportion to their product.
 */
final class InOrder {
    private InOrder() {
    }

    /**
     * @param cost of each line at each new one; no more lines than new ones
     * @return the new line of each, growing
     */
    static int[] least(long[][] cost, int lines) {
        int news = lines == 0 ? 0 : cost[0].length;
        long[][] sum = new long[lines + 1][news + 1];
        for (int i = 1; i <= lines; i++) {
            Arrays.fill(sum[i], Long.MAX_VALUE);
            for (int j = i; j <= news; j++) {
                sum[i][j] = Math.min(sum[i][j - 1], sum[i - 1][j - 1] + cost[i - 1][j - 1]);
            }
        }
        int[] becomes = new int[lines];
        int j = news;
        for (int i = lines; i > 0; i--) {
            while (j > i && sum[i][j] == sum[i][j - 1]) {
                j--;
            }
            becomes[i - 1] = --j;
        }
        return becomes;
    }
}
