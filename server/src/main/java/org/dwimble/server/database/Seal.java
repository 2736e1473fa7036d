package org.dwimble.server.database;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.sqlite.SQLiteConfig;

/**
 * What a backup says of itself: a digest over everything in it, so that one changed bit is found that leaves the file a database, and how
 * many rows it has. It stands in a table of its own, {@code backup_seal}, of which the digest knows nothing.
 *
 * @param content SHA-256 over the tables by name: each one's definition, and its rows as they are stored
 * @param rows    of all tables
 */
record Seal(String content, long rows) {
    private static final String TABLE = "backup_seal";

    /** Writes a copy's seal into it. */
    static void put(Path file) throws SQLException {
        SQLiteConfig writing = new SQLiteConfig();
        writing.setJournalMode(SQLiteConfig.JournalMode.OFF);
        try (Connection connection = writing.createConnection("jdbc:sqlite:" + file); Statement statement = connection.createStatement()) {
            statement.execute("DROP TABLE IF EXISTS " + TABLE);
            Seal seal = of(connection);
            statement.execute("CREATE TABLE " + TABLE + " (content TEXT NOT NULL, row_count INTEGER NOT NULL) STRICT");
            try (PreparedStatement insert = connection.prepareStatement("INSERT INTO " + TABLE + " (content, row_count) VALUES (?, ?)")) {
                insert.setString(1, seal.content);
                insert.setLong(2, seal.rows);
                insert.execute();
            }
        }
    }

    /** What stands in a copy; empty for one of before there were seals. */
    static Optional<Seal> in(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            try (ResultSet there = statement.executeQuery("SELECT 1 FROM sqlite_master WHERE name = '" + TABLE + "'")) {
                if (!there.next()) {
                    return Optional.empty();
                }
            }
            try (ResultSet seal = statement.executeQuery("SELECT content, row_count FROM " + TABLE)) {
                return seal.next() ? Optional.of(new Seal(seal.getString(1), seal.getLong(2))) : Optional.of(new Seal("", 0));
            }
        }
    }

    static Seal of(Connection connection) throws SQLException {
        MessageDigest digest = sha256();
        long rows = 0;
        for (String table : tables(connection, digest)) {
            // In the order in which they are stored, whatever indexes there are.
            try (Statement statement = connection.createStatement(); ResultSet all = statement.executeQuery("SELECT * FROM \"" + table + "\" NOT INDEXED")) {
                int columns = all.getMetaData().getColumnCount();
                for (; all.next(); rows++) {
                    for (int i = 1; i <= columns; i++) {
                        digest(digest, all.getObject(i));
                    }
                }
            }
        }
        return new Seal(HexFormat.of().formatHex(digest.digest()), rows);
    }

    private static List<String> tables(Connection connection, MessageDigest digest) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (Statement statement = connection.createStatement();
            ResultSet all = statement.executeQuery(
                "SELECT name, type, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\' AND name <> '" + TABLE + "' ORDER BY name")) {
            while (all.next()) {
                digest(digest, all.getString("name"));
                digest(digest, all.getString("sql"));
                if (all.getString("type").equals("table")) {
                    tables.add(all.getString("name"));
                }
            }
        }
        return tables;
    }

    /** Each value with its sort and its length, so that no two rows run into one another. */
    private static void digest(MessageDigest digest, Object value) {
        byte[] bytes = value instanceof byte[] blob ? blob : String.valueOf(value).getBytes(StandardCharsets.UTF_8);
        digest.update((byte) (value == null ? 0 : value instanceof byte[] ? 1 : value instanceof Number ? 2 : 3));
        digest.update(ByteBuffer.allocate(Integer.BYTES).putInt(bytes.length).array());
        digest.update(bytes);
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
