package org.dwimble.core.sheet;

import java.util.function.BooleanSupplier;
import org.dwimble.core.told.Unacceptable;

/**
 * How much may be laid on paper for one asking, and that it ends when nobody waits for it any more. Whoever lays sheets counts them and
 * the labels fitted on them here; a thread that works for nobody in particular is not counted. It is of a thread and not an argument, as
 * every support and every label would have to hand it on.
 */
public final class Effort {
    /** What is done within it. */
    @FunctionalInterface
    public interface Work<T, X extends Exception> {
        T done() throws X;
    }

    /** A clock need not be asked more often. */
    private static final int ASKED_EVERY = 64;
    private static final ThreadLocal<Effort> NOW = new ThreadLocal<>();

    private final int mostSheets;
    private final int mostLabels;
    private final BooleanSupplier over;
    private int sheets;
    private int labels;

    private Effort(int mostSheets, int mostLabels, BooleanSupplier over) {
        this.mostSheets = mostSheets;
        this.mostLabels = mostLabels;
        this.over = over;
    }

    /**
     * @param over true once it takes too long, or nobody waits any more
     * @throws Unacceptable if it is more than that, with how much may be; or if it was over before it was done
     */
    public static <T, X extends Exception> T within(int mostSheets, int mostLabels, BooleanSupplier over, Work<T, X> work) throws X {
        Effort before = NOW.get();
        NOW.set(new Effort(mostSheets, mostLabels, over));
        try {
            return work.done();
        } finally {
            NOW.set(before);
        }
    }

    /** One sheet more is begun. */
    static void sheet() {
        Effort now = NOW.get();
        if (now != null && ++now.sheets > now.mostSheets) {
            throw new Unacceptable("paper-sheets", "most", now.mostSheets);
        }
        now(now);
    }

    /** So many sheets are about to be begun: if they are too many, none is. */
    static void sheets(int coming) {
        Effort now = NOW.get();
        if (now != null && now.sheets + coming > now.mostSheets) {
            throw new Unacceptable("paper-sheets", "most", now.mostSheets);
        }
    }

    /** One label more is fitted. */
    static void label() {
        Effort now = NOW.get();
        if (now != null && ++now.labels > now.mostLabels) {
            throw new Unacceptable("paper-labels", "most", now.mostLabels);
        }
        if (now != null && now.labels % ASKED_EVERY == 0) {
            now(now);
        }
    }

    /** Asked in the middle of whatever takes long and counts nothing here. @throws Unacceptable if it is over */
    public static void goOn() {
        now(NOW.get());
    }

    private static void now(Effort now) {
        if (now != null && now.over.getAsBoolean()) {
            throw new Unacceptable("paper-takes-long");
        }
    }
}
