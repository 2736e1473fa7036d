package org.dwimble.server.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.locks.ReentrantLock;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * The way to the database. A transaction encloses one intention of a person; its connection never leaves it.
 * Writers queue for SQLite's one write lock; readers see the state of the last commit and wait for nobody.
 */
@Component
public class Database {

    @FunctionalInterface
    public interface Work<T, X extends Exception> {
        T with(Session session) throws SQLException, X;
    }

    private final DataSource source;
    /** Writers wait here, in turn and without a connection, so that whoever writes can still read beside its transaction. */
    private final ReentrantLock writing = new ReentrantLock(true);

    public Database(DataSource source) {
        this.source = source;
    }

    /** Several queries on one unchanging state. */
    public <T, X extends Exception> T read(Work<T, X> work) throws X {
        try (Connection connection = source.getConnection()) {
            try (Statement begin = connection.createStatement()) {
                begin.execute("BEGIN DEFERRED");
            }
            try {
                return work.with(new Session(connection));
            } finally {
                try (Statement end = connection.createStatement()) {
                    end.execute("ROLLBACK");
                }
            }
        } catch (SQLException e) {
            throw DatabaseTrouble.of(e);
        }
    }

    /** All or nothing: on any exception the state is as before. When this returns, the change is on disk. */
    public <T, X extends Exception> T write(Work<T, X> work) throws X {
        writing.lock();
        try {
            return writeAlone(work);
        } finally {
            writing.unlock();
        }
    }

    private <T, X extends Exception> T writeAlone(Work<T, X> work) throws X {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            boolean done = false;
            try {
                T result = work.with(new Session(connection));
                connection.commit();
                done = true;
                return result;
            } finally {
                if (!done) {
                    connection.rollback();
                }
                connection.setAutoCommit(true);
            }
        } catch (SQLException e) {
            throw DatabaseTrouble.of(e);
        }
    }
}
