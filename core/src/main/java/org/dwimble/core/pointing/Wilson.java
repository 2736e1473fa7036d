package org.dwimble.core.pointing;

/**
 * Between what bounds a share lies that was found by so many tries, with 95 % confidence: the score interval of E. B. Wilson, “Probable inference, the law of
 * succession, and statistical inference”, Journal of the American Statistical Association 22 (1927), 209–212. With p = hits / tries and z = 1.96:
 *
 * <pre>(p + z²/2n ± z √(p(1−p)/n + z²/4n²)) / (1 + z²/n)</pre>
 *
 * @param lower 0 to 1
 * @param upper 0 to 1
 */
public record Wilson(double lower, double upper) {
    /** The standard normal deviate that is exceeded, either way, once in twenty times. */
    private static final double Z = 1.959963984540054;

    /** @param hits 0 to {@code tries} @param tries 1 or more; for none nothing is known: 0 to 1 */
    public static Wilson of(int hits, int tries) {
        if (tries == 0) {
            return new Wilson(0, 1);
        }
        double n = tries;
        double p = hits / n;
        double middle = p + Z * Z / (2 * n);
        double wide = Z * Math.sqrt(p * (1 - p) / n + Z * Z / (4 * n * n));
        double whole = 1 + Z * Z / n;
        return new Wilson(Math.max(0, (middle - wide) / whole), Math.min(1, (middle + wide) / whole));
    }

    /** So many tries at least it takes, all of them hits, until the lower bound is above a level. @param level in percent, below 100 */
    public static int fewest(int level) {
        double share = level / 100.0;
        return (int) Math.floor(Z * Z * share / (1 - share)) + 1;
    }
}
