package org.dwimble.server.database;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;

/** Copies the database into one file, consistent also while it is written to. Restoring is putting the file back. */
public final class Backup {
    private Backup() {
    }

    public static void main(String[] args) throws SQLException {
        copy(Path.of(args[0]), Path.of(args[1]));
        System.out.println("Copied into " + args[1] + ". To restore, put it back as dwimble.db while Dwimble is stopped.");
    }

    /** @throws SQLException if the copy cannot be made, such as when the file is there already */
    public static void copy(Path database, Path file) throws SQLException {
        if (!Files.exists(database)) {
            throw new SQLException("There is no database at " + database);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
             PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, file.toString());
            copy.execute();
        }
    }
}
