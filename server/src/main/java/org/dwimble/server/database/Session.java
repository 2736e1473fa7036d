package org.dwimble.server.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Statements inside one transaction. Arguments are bound in order; null binds NULL. */
public final class Session {

    @FunctionalInterface
    public interface Row<T> {
        @Nullable
        T map(ResultSet row) throws SQLException;
    }

    private final Statements statements;
    private final Map<Object, Object> noted;
    private final Map<Object, Object> notes = new HashMap<>();
    private final List<Runnable> afterCommit = new ArrayList<>();

    private final boolean writing;

    private Session(Statements statements, Map<Object, Object> noted, boolean writing) {
        this.statements = statements;
        this.noted = noted;
        this.writing = writing;
    }

    static Session reading(Statements statements) {
        return new Session(statements, Map.of(), false);
    }

    /** @param noted by those who write in the same transaction before */
    static Session writing(Statements statements, Map<Object, Object> noted) {
        return new Session(statements, noted, true);
    }

    /** For the upgrade of a database, which brings its own transaction. */
    public static Session upgrading(Connection connection) {
        return new Session(new Statements(connection), Map.of(), true);
    }

    /** Notes what is true once this is committed, for whoever writes next in the same transaction. */
    public void note(Object key, Object value) {
        notes.put(key, value);
    }

    public @Nullable Object noted(Object key) {
        return notes.containsKey(key) ? notes.get(key) : noted.get(key);
    }

    /**
     * Is run once what is written here is on disk, and not if it never gets there; while reading, at once. Whatever is
     * remembered beyond the transaction is remembered so: numbers that were never committed are given again.
     */
    public void afterCommit(Runnable run) {
        if (writing) {
            afterCommit.add(run);
        } else {
            run.run();
        }
    }

    Map<Object, Object> notes() {
        return notes;
    }

    List<Runnable> afterCommit() {
        return afterCommit;
    }

    public <T> List<T> list(String sql, Row<T> row, @Nullable Object... arguments) throws SQLException {
        try (ResultSet rows = bound(sql, arguments).executeQuery()) {
            List<T> list = new ArrayList<>();
            while (rows.next()) {
                list.add(row.map(rows));
            }
            return list;
        }
    }

    /** What the first row is mapped to; empty if there is no row, or it is mapped to null. */
    public <T> Optional<T> first(String sql, Row<T> row, @Nullable Object... arguments) throws SQLException {
        List<T> list = list(sql, row, arguments);
        return list.isEmpty() ? Optional.empty() : Optional.ofNullable(list.get(0));
    }

    public boolean exists(String sql, @Nullable Object... arguments) throws SQLException {
        return first(sql, row -> true, arguments).isPresent();
    }

    /** Rows changed. */
    public int update(String sql, @Nullable Object... arguments) throws SQLException {
        return bound(sql, arguments).executeUpdate();
    }

    /** Inserts a row and gives the integer key it got; the statement ends in RETURNING that key. */
    public long insert(String sql, @Nullable Object... arguments) throws SQLException {
        return first(sql, row -> row.getLong(1), arguments).orElseThrow();
    }

    /** The same statement for many rows. */
    public void batch(String sql, Iterable<@Nullable Object[]> rows) throws SQLException {
        PreparedStatement statement = statements.of(sql);
        try {
            for (Object[] row : rows) {
                bind(statement, row);
                statement.addBatch();
            }
            statement.executeBatch();
        } finally {
            statement.clearBatch();
        }
    }

    private PreparedStatement bound(String sql, @Nullable Object... arguments) throws SQLException {
        PreparedStatement statement = statements.of(sql);
        bind(statement, arguments);
        return statement;
    }

    private static void bind(PreparedStatement statement, @Nullable Object... arguments) throws SQLException {
        for (int i = 0; i < arguments.length; i++) {
            statement.setObject(i + 1, arguments[i]);
        }
    }

    /** A column that may be NULL, as an integer. */
    public static @Nullable Integer integer(ResultSet row, String column) throws SQLException {
        int value = row.getInt(column);
        return row.wasNull() ? null : value;
    }

    /** A column that may be NULL, as a long integer. */
    public static @Nullable Long number(ResultSet row, String column) throws SQLException {
        long value = row.getLong(column);
        return row.wasNull() ? null : value;
    }
}
