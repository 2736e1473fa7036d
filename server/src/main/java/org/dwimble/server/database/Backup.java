package org.dwimble.server.database;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Optional;
import org.sqlite.SQLiteConfig;

/** Copies the database into one file, consistent also while it is written to. */
public final class Backup {
    /** The newest form of data this release knows: the number of its last migration, as a test holds. */
    static final int NEWEST = 29;

    private Backup() {
    }

    /** Database, file: ends with 1 and a sentence if it cannot be made. */
    public static void main(String[] args) {
        Path file = Path.of(args[1]).toAbsolutePath();
        try {
            whole(Path.of(args[0]), file);
            System.out.println("Copied into " + file + ", and checked. To bring it back: stop Dwimble, then ./dwimble restore " + file);
        } catch (SQLException | IOException e) {
            System.err.println(Room.isNone(e) ? "The disk is full: the copy needs about " + megabytes(Path.of(args[0])) + " MB. Nothing was left of it; "
                + "make room or choose another disk." : e.getMessage());
            System.exit(1);
        }
    }

    /** How large a copy will be at most, in megabytes. */
    public static long megabytes(Path database) {
        long bytes = 0;
        for (String part : List.of("", "-wal")) {
            try {
                bytes += Files.size(database.resolveSibling(database.getFileName() + part));
            } catch (IOException none) {
                // There is no log, or nothing at all.
            }
        }
        return (bytes >> 20) + 1;
    }

    /** A copy that is sealed and read through; nothing is left of one that cannot be made. */
    private static void whole(Path database, Path file) throws SQLException, IOException {
        boolean made = false;
        try {
            copy(database, file);
            Seal.put(file);
            check(file);
            made = true;
        } finally {
            if (!made) {
                for (String part : List.of("", "-journal", "-wal", "-shm")) {
                    Files.deleteIfExists(file.resolveSibling(file.getFileName() + part));
                }
            }
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
        whole(database, coming);
        return Files.move(coming, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Reads a database through without changing anything beside it. @throws SQLException with a sentence if it is damaged or none of Dwimble's */
    public static void check(Path file) throws SQLException {
        refuse(file, of(file, Backup::ours));
    }

    /**
     * The same, and all that can be known of a backup: that the file is not cut short, that every row that names another finds it, that this
     * release knows how its data are kept, and that nothing in it is other than when it was made.
     *
     * @throws SQLException with a sentence if any of this is not so
     */
    static void checkAll(Path file) throws SQLException, IOException {
        refuse(file, cutShort(file));
        refuse(file, of(file, connection -> {
            String ours = ours(connection);
            return !ours.isEmpty() ? ours : keptAsHere(connection);
        }));
    }

    private static void refuse(Path file, String what) throws SQLException {
        if (!what.isEmpty()) {
            throw new SQLException(file + " cannot be used: " + what + ".");
        }
    }

    /** What is wrong with a database, as part of a sentence; empty for nothing. */
    @FunctionalInterface
    private interface Question {
        String ask(Connection connection) throws SQLException;
    }

    private static String of(Path file, Question question) {
        SQLiteConfig reading = new SQLiteConfig();
        reading.setReadOnly(true);
        try (Connection connection = reading.createConnection("jdbc:sqlite:" + file)) {
            return question.ask(connection);
        } catch (SQLException e) {
            return Room.isNone(e) ? "there is no room on the disk to look at it" : "it is damaged, or no database of Dwimble";
        }
    }

    /** What is wrong with a database as it is, as part of a sentence; empty for nothing. */
    static String ours(Connection connection) throws SQLException {
        if (number(connection, "SELECT count(*) FROM sqlite_master WHERE name IN ('vocabulary', 'student', 'account')") != 3) {
            return "it is no database of Dwimble";
        }
        try (Statement statement = connection.createStatement(); ResultSet whole = statement.executeQuery("PRAGMA integrity_check(1)")) {
            whole.next();
            return whole.getString(1).equals("ok") ? "" : "it is damaged: " + whole.getString(1);
        }
    }

    private static String keptAsHere(Connection connection) throws SQLException {
        if (number(connection, "SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'") == 0
            || number(connection, "SELECT count(*) FROM flyway_schema_history WHERE version = '1' AND description = 'first slice' AND success") == 0) {
            return "it is a database of another program";
        }
        long release = number(connection, "SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success");
        if (release > NEWEST) {
            return "a later release of Dwimble made it (its data are of form " + release + ", this release knows up to " + NEWEST
                + "); restore it with that release";
        }
        if (number(connection, "SELECT count(*) FROM pragma_foreign_key_check") > 0) {
            return "rows in it name others that are not there";
        }
        Optional<Seal> said = Seal.in(connection);
        return said.isEmpty() || said.get().equals(Seal.of(connection)) ? "" : "something in it is other than when it was made";
    }

    private static long number(Connection connection, String query) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet row = statement.executeQuery(query)) {
            row.next();
            return row.getLong(1);
        }
    }

    /** By its head a database says how many pages it has: bytes 16 and 17 are the size of one (1 stands for 65,536), 28 to 31 how many. */
    private static String cutShort(Path file) throws IOException {
        ByteBuffer head = ByteBuffer.allocate(32);
        try (FileChannel channel = FileChannel.open(file)) {
            while (head.hasRemaining() && channel.read(head) >= 0) {
                // Goes on until the head is read.
            }
        }
        if (head.hasRemaining()) {
            return "it is no database of Dwimble";
        }
        int page = head.getShort(16) == 1 ? 1 << 16 : head.getShort(16) & 0xFFFF;
        long says = (head.getInt(28) & 0xFFFF_FFFFL) * page;
        return Files.size(file) < says ? "it is cut short: " + (says - Files.size(file)) + " bytes are missing" : "";
    }
}
