package org.dwimble.server.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.sqlite.SQLiteConfig;

/** Copies the database into one file, consistent also while it is written to. */
public final class Backup {
    private Backup() {
    }

    /** Database, file: ends with 1 and a sentence if it cannot be made. */
    public static void main(String[] args) {
        Path file = Path.of(args[1]).toAbsolutePath();
        try {
            copy(Path.of(args[0]), file);
            check(file);
            System.out.println("Copied into " + file + ", and checked. To bring it back: stop Dwimble, then ./dwimble restore " + file);
        } catch (SQLException e) {
            System.err.println(e.getMessage());
            System.exit(1);
        }
    }

    /** @throws SQLException with a sentence if the copy cannot be made, such as when the file is there already */
    public static void copy(Path database, Path file) throws SQLException {
        if (!Files.exists(database)) {
            throw new SQLException("There is no database at " + database + ". Nothing was copied.");
        }
        if (file.getParent() != null && !Files.isDirectory(file.getParent())) {
            throw new SQLException("There is no folder " + file.getParent() + ". Make it or choose another; nothing was copied.");
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
             PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, file.toString());
            copy.execute();
        }
    }

    /** Copies into a folder under a name it gets when the copy is whole and was read through. @throws SQLException with a sentence if it cannot be made */
    public static Path into(Path database, Path folder, String name) throws SQLException, IOException {
        Files.createDirectories(folder);
        Path coming = folder.resolve("coming.db");
        Files.deleteIfExists(coming);
        copy(database, coming);
        check(coming);
        return Files.move(coming, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Reads a database through without changing anything beside it. @throws SQLException with a sentence if it is damaged or none of Dwimble's */
    public static void check(Path file) throws SQLException {
        SQLiteConfig reading = new SQLiteConfig();
        reading.setReadOnly(true);
        String what;
        try (Connection connection = reading.createConnection("jdbc:sqlite:" + file); Statement statement = connection.createStatement()) {
            try (ResultSet ours = statement.executeQuery("SELECT count(*) FROM sqlite_master WHERE name IN ('vocabulary', 'student', 'account')")) {
                ours.next();
                what = ours.getInt(1) == 3 ? "" : "it is no database of Dwimble";
            }
            if (what.isEmpty()) {
                try (ResultSet whole = statement.executeQuery("PRAGMA integrity_check(1)")) {
                    whole.next();
                    what = whole.getString(1).equals("ok") ? "" : "it is damaged: " + whole.getString(1);
                }
            }
        } catch (SQLException e) {
            what = "it is damaged, or no database of Dwimble";
        }
        if (!what.isEmpty()) {
            throw new SQLException(file + " cannot be used: " + what + ".");
        }
    }
}
