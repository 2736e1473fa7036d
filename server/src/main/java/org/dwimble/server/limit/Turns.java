package org.dwimble.server.limit;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
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
    private final Semaphore turns = new Semaphore(Limits.WORKS_AT_ONCE, true);
    private final Semaphore files = new Semaphore(Limits.FILES_AT_ONCE);
    private final Map<Long, Integer> ofPerson = new ConcurrentHashMap<>();
    private volatile boolean closing;

    /**
     * Makes something when its turn comes, if who asked still waits then.
     *
     * @throws Unacceptable if this person has too much under way, or it is more than may be made at once
     * @throws Problem      if no turn came in {@link Limits#TURN_SECONDS}
     */
    public <T, X extends Exception> T take(long account, Effort.Work<T, X> making) throws X {
        return counted(account, () -> {
            waitForTurn();
            try {
                if (Asker.hasGone().getAsBoolean()) {
                    throw new Problem(HttpStatus.SERVICE_UNAVAILABLE, "no-turn");
                }
                return making.done();
            } finally {
                turns.release();
            }
        });
    }

    /**
     * Writes or reads a file, which takes as long as the network does and so takes nobody's turn: so many at once in all, and of one
     * person together with all else.
     *
     * @throws Problem if there are as many in all
     */
    public <T, X extends Exception> T file(long account, Effort.Work<T, X> making) throws X {
        return counted(account, () -> {
            if (!files.tryAcquire()) {
                throw new Problem(HttpStatus.SERVICE_UNAVAILABLE, "no-turn");
            }
            try {
                return making.done();
            } finally {
                files.release();
            }
        });
    }

    private <T, X extends Exception> T counted(long account, Effort.Work<T, X> making) throws X {
        begin(account);
        try {
            return making.done();
        } finally {
            end(account);
        }
    }

    /** Lays paper in a turn, no more than may be laid within a request and no longer than somebody waits. */
    public <T, X extends Exception> T lay(long account, Effort.Work<T, X> laying) throws X {
        return take(account, () -> {
            long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(Limits.LAYING_SECONDS);
            BooleanSupplier gone = Asker.hasGone();
            return Effort.within(Limits.SHEETS_AT_ONCE, Limits.LABELS_AT_ONCE,
                () -> closing || Thread.currentThread().isInterrupted() || System.nanoTime() > end || gone.getAsBoolean(), laying);
        });
    }

    /** Lays paper as a piece of work, which may be more and take longer. @param goOn asked often; throws once the work is ended */
    public <T, X extends Exception> T layAsWork(Runnable goOn, Effort.Work<T, X> laying) throws X {
        return Effort.within(Limits.SHEETS, Limits.LABELS, () -> {
            goOn.run();
            return closing;
        }, laying);
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
