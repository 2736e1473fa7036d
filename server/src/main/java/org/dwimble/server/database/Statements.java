package org.dwimble.server.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;

/** The statements of one transaction, each prepared once however often it is made; closed with the transaction. */
final class Statements implements AutoCloseable {
    private final Connection connection;
    private final Map<String, PreparedStatement> prepared = new HashMap<>();

    Statements(Connection connection) {
        this.connection = connection;
    }

    /** One that nobody uses now: its rows, if any, have been read and closed. */
    PreparedStatement of(String sql) throws SQLException {
        PreparedStatement known = prepared.get(sql);
        if (known == null) {
            known = connection.prepareStatement(sql);
            prepared.put(sql, known);
        }
        return known;
    }

    @Override
    public void close() throws SQLException {
        for (PreparedStatement statement : prepared.values()) {
            statement.close();
        }
        prepared.clear();
    }
}
