package org.dwimble.server.limit;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.dwimble.core.sheet.Effort;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.problem.Problem;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Who makes paper, pictures of pages or packages takes turns: {@link Limits#WORKS_AT_ONCE} at once in all, and what one person has under
 * way, also as pieces of work, is counted together. So one request never holds the others up, nor takes the memory of all.
 */
@Component
public class Turns {
    /** What is to be made within one request. */
    @FunctionalInterface
    public interface Making<T, X extends Exception> {
        T make() throws X;
    }

    private final Semaphore turns = new Semaphore(Limits.WORKS_AT_ONCE, true);
    private final Semaphore files = new Semaphore(Limits.FILES_AT_ONCE);
    private final Map<Long, Integer> ofPerson = new ConcurrentHashMap<>();
    private volatile boolean closing;

    /**
     * Makes something when its turn comes.
     *
     * @throws Unacceptable if this person has too much under way, or it is more than may be made at once
     * @throws Problem      if no turn came in {@link Limits#TURN_SECONDS}
     */
    public <T, X extends Exception> T take(long account, Making<T, X> making) throws X {
        begin(account);
        try {
            waitForTurn();
            try {
                return making.make();
            } finally {
                turns.release();
            }
        } finally {
            end(account);
        }
    }

    /**
     * Writes or reads a file, which takes as long as the network does and so takes nobody's turn: so many at once in all, and of one
     * person together with all else.
     *
     * @throws Problem if there are as many in all
     */
    public <T, X extends Exception> T file(long account, Making<T, X> making) throws X {
        begin(account);
        try {
            if (!files.tryAcquire()) {
                throw new Problem(HttpStatus.SERVICE_UNAVAILABLE, "no-turn");
            }
            try {
                return making.make();
            } finally {
                files.release();
            }
        } finally {
            end(account);
        }
    }

    /** Lays paper in a turn, no more than may be laid within a request and no longer than somebody waits. */
    public <T> T lay(long account, Supplier<T> laying) {
        return take(account, () -> within(Limits.SHEETS_AT_ONCE, Limits.LABELS_AT_ONCE, Limits.LAYING_SECONDS, laying));
    }

    /** The same without a turn, inside of one. */
    public <T> T laid(Supplier<T> laying) {
        return within(Limits.SHEETS_AT_ONCE, Limits.LABELS_AT_ONCE, Limits.LAYING_SECONDS, laying);
    }

    /** Lays paper as a piece of work, which may be more and take longer, and ends when it is ended. */
    public <T> T layAsWork(Supplier<T> laying) {
        return within(Limits.SHEETS, Limits.LABELS, TimeUnit.HOURS.toSeconds(1), laying);
    }

    private <T> T within(int sheets, int labels, long seconds, Supplier<T> laying) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        return Effort.within(sheets, labels, () -> closing || Thread.currentThread().isInterrupted() || System.nanoTime() > end, laying);
    }

    /** Counts a person's work before it is begun, so that many requests at once begin no more than one after the other would. */
    public void begin(long account) {
        ofPerson.merge(account, 1, (had, one) -> {
            if (had >= Limits.WORKS_OF_ONE_PERSON) {
                throw new Unacceptable("works-at-once", "most", Limits.WORKS_OF_ONE_PERSON);
            }
            return had + one;
        });
    }

    public void end(long account) {
        ofPerson.computeIfPresent(account, (who, count) -> count > 1 ? count - 1 : null);
    }

    private void waitForTurn() {
        try {
            if (!turns.tryAcquire(Limits.TURN_SECONDS, TimeUnit.SECONDS)) {
                throw new Problem(HttpStatus.SERVICE_UNAVAILABLE, "no-turn");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Problem(HttpStatus.SERVICE_UNAVAILABLE, "no-turn");
        }
    }

    /** Whatever is being laid ends when the program does. */
    @EventListener
    void closing(ContextClosedEvent event) {
        closing = true;
    }
}
