package org.dwimble.server.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import javax.sql.DataSource;
import org.dwimble.server.told.Trace;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The way to the database. What is written together is one intention of a person; its connection never leaves it.
 * Writers wait for SQLite's one write lock in turn and without a connection; whoever gets it does the work of all who wait
 * by then, each inside a savepoint, and one commit puts all of it on disk. Readers see the state of the last
 * commit and wait for nobody.
 */
@Component
public class Database {
    private static final Logger LOG = LoggerFactory.getLogger(Database.class);
    /** The most that is put on disk by one commit, so that the first of many does not wait for the last. */
    private static final int MOST_TOGETHER = 40;

    @FunctionalInterface
    public interface Work<T, X extends Exception> {
        T with(Session session) throws SQLException, X;
    }

    @FunctionalInterface
    public interface Deed<X extends Exception> {
        void with(Session session) throws SQLException, X;
    }

    private final DataSource source;
    /** True while somebody writes. */
    private final AtomicBoolean writing = new AtomicBoolean();
    private final Queue<Waiting<?>> waiting = new ConcurrentLinkedQueue<>();

    public Database(DataSource source) {
        this.source = source;
    }

    /** Several queries on one unchanging state. */
    public <T, X extends Exception> T read(Work<T, X> work) throws X {
        try (Connection connection = source.getConnection(); Statements statements = new Statements(connection)) {
            statements.of("BEGIN DEFERRED").execute();
            try {
                return work.with(Session.reading(statements));
            } finally {
                statements.of("ROLLBACK").execute();
            }
        } catch (SQLException e) {
            throw DatabaseTrouble.of(e);
        }
    }

    /**
     * All or nothing: on any exception the state is as before. When this returns, the change is on disk. The work may
     * be begun twice, if what it was to be committed with fails; it must change nothing but the database.
     */
    public <T, X extends Exception> T write(Work<T, X> work) throws X {
        Waiting<T> mine = new Waiting<>(work);
        waiting.add(mine);
        boolean interrupted = false;
        while (!mine.done) {
            if (writing.compareAndSet(false, true)) {
                try {
                    writeWhoWait();
                } finally {
                    writing.set(false);
                    wakeWhoIsNext();
                }
            } else {
                LockSupport.park(this);
                interrupted |= Thread.interrupted();
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
        return mine.<X>result();
    }

    /** As {@link #write}, of what has no answer. */
    public <X extends Exception> void run(Deed<X> deed) throws X {
        this.<Boolean, X>write(session -> {
            deed.with(session);
            return true;
        });
    }

    /** How many wait to write now. */
    int waiting() {
        return waiting.size();
    }

    /** One who waits for the write lock, and what became of it. */
    private static final class Waiting<T> {
        private final Work<T, ?> work;
        private final Thread thread = Thread.currentThread();
        private volatile boolean done;
        private @Nullable T result;
        private @Nullable Throwable thrown = new IllegalStateException("not written");
        private @Nullable Session session;

        Waiting(Work<T, ?> work) {
            this.work = work;
        }

        void run(Session on) {
            session = on;
            result = null;
            thrown = null;
            try {
                result = work.with(on);
            } catch (SQLException e) {
                thrown = DatabaseTrouble.of(e);
            } catch (Exception | Error e) {
                thrown = e;
            }
        }

        void finish() {
            done = true;
            LockSupport.unpark(thread);
        }

        /** True if the transaction itself may be broken, not only this work. */
        boolean lostTheTransaction() {
            return thrown instanceof DatabaseTrouble trouble
                && (trouble.what() == DatabaseTrouble.What.DISK_FULL || trouble.what() == DatabaseTrouble.What.OTHER);
        }

        /** Of work that was done. */
        Session session() {
            return Objects.requireNonNull(session);
        }

        /** What the work gave, which may be null only if that is what its T allows. */
        @SuppressWarnings({"unchecked", "NullAway"})
        <X extends Exception> T result() throws X {
            if (thrown instanceof Error error) {
                throw error;
            }
            if (thrown != null) {
                throw (X) thrown;
            }
            return result;
        }
    }

    /** As the one who writes: does the work of those who wait, who came first first. Who is done goes on at once, in no order. */
    private void writeWhoWait() {
        List<Waiting<?>> group = new ArrayList<>();
        for (Waiting<?> next = waiting.poll(); next != null; next = group.size() < MOST_TOGETHER ? waiting.poll() : null) {
            group.add(next);
        }
        try {
            if (group.size() != 1 && together(group)) {
                return;
            }
            group.forEach(this::alone);
        } finally {
            group.forEach(Waiting::finish);
        }
    }

    /** Who waited while the others were being written, if anybody did, writes now. */
    private void wakeWhoIsNext() {
        Waiting<?> next = waiting.peek();
        if (next != null) {
            LockSupport.unpark(next.thread);
        }
    }

    /** @return false if nothing was kept of any, because the transaction itself failed */
    private boolean together(List<Waiting<?>> group) {
        Map<Object, Object> noted = new HashMap<>();
        List<Waiting<?>> kept = new ArrayList<>();
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            boolean committed = false;
            try (Statements statements = new Statements(connection)) {
                for (Waiting<?> one : group) {
                    statements.of("SAVEPOINT one").execute();
                    one.run(Session.writing(statements, noted));
                    if (one.lostTheTransaction()) {
                        return false;
                    }
                    if (one.thrown == null) {
                        noted.putAll(one.session().notes());
                        kept.add(one);
                    } else {
                        statements.of("ROLLBACK TO one").execute();
                    }
                    statements.of("RELEASE one").execute();
                }
                connection.commit();
                committed = true;
            } finally {
                leave(connection, committed);
            }
        } catch (SQLException e) {
            LOG.warn("{} who saved together are saved one by one: {}", group.size(), e.getClass().getSimpleName());
            return false;
        }
        kept.forEach(one -> afterwards(one.session()));
        return true;
    }

    private void alone(Waiting<?> one) {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            boolean committed = false;
            try (Statements statements = new Statements(connection)) {
                one.run(Session.writing(statements, Map.of()));
                if (one.thrown == null) {
                    connection.commit();
                    committed = true;
                }
            } finally {
                leave(connection, committed);
            }
        } catch (SQLException e) {
            one.thrown = one.thrown == null ? DatabaseTrouble.of(e) : one.thrown;
        }
        if (one.thrown == null) {
            afterwards(one.session());
        }
    }

    /** What went wrong before is what is told: SQLite takes a transaction back by itself when the disk is full, and then has none to take back. */
    private static void leave(Connection connection, boolean committed) {
        try {
            if (!committed) {
                connection.rollback();
            }
        } catch (SQLException e) {
            LOG.debug("Nothing to take back: {}", e.getMessage());
        }
        try {
            connection.setAutoCommit(true);
        } catch (SQLException e) {
            LOG.debug("Nothing to end: {}", e.getMessage());
        }
    }

    /** What is on disk is on disk: trouble after that is ours, not that of who saved. */
    private static void afterwards(Session session) {
        for (Runnable after : session.afterCommit()) {
            try {
                after.run();
            } catch (RuntimeException e) {
                LOG.error("After a commit: {}", Trace.of(e));
            }
        }
    }
}
