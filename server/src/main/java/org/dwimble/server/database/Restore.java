package org.dwimble.server.database;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;

/**
 * Puts a backup in the place of the data of a folder. The data there are set aside under a dated name, with the log that belongs to them:
 * a log that stays behind would be played into the backup, and destroy it.
 */
public final class Restore {
    private static final List<String> PARTS = List.of("dwimble.db", "dwimble.db-wal", "dwimble.db-shm");

    private Restore() {
    }

    /** Backup, folder of the data: ends with 1 and a sentence if it cannot be done. */
    public static void main(String[] args) {
        try {
            System.out.println(restore(Path.of(args[0]).toAbsolutePath(), Path.of(args[1]).toAbsolutePath(), LocalDateTime.now()));
        } catch (SQLException | IOException | DataFolder.Refused e) {
            System.err.println(e.getMessage() + " Nothing was changed.");
            System.exit(1);
        }
    }

    /**
     * @return what was done, as a sentence
     * @throws SQLException       if the backup is damaged or none
     * @throws DataFolder.Refused if Dwimble runs with that folder
     */
    public static String restore(Path backup, Path home, LocalDateTime at) throws IOException, SQLException {
        if (!Files.isRegularFile(backup)) {
            throw new SQLException("There is no backup " + backup + ".");
        }
        Backup.checkAll(backup);
        Files.createDirectories(home);
        try (DataFolder lock = DataFolder.lock(home)) {
            Path coming = home.resolve("dwimble.db.coming");
            boolean whole = false;
            try {
                Files.copy(backup, coming, StandardCopyOption.REPLACE_EXISTING);
                try (FileChannel written = FileChannel.open(coming, StandardOpenOption.WRITE)) {
                    written.force(true);
                }
                Backup.checkAll(coming);
                whole = true;
            } catch (IOException e) {
                if (Room.isNone(e)) {
                    throw new SQLException("The disk is full: the backup needs " + ((Files.size(backup) >> 20) + 1) + " MB beside the data.");
                }
                throw e;
            } finally {
                if (!whole) {
                    Files.deleteIfExists(coming);
                }
            }
            Path aside = home.resolve("before-restore-" + DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss").format(at));
            boolean had = Files.exists(home.resolve(PARTS.get(0)));
            for (String part : PARTS) {
                if (Files.exists(home.resolve(part))) {
                    Files.createDirectories(aside);
                    Files.move(home.resolve(part), aside.resolve(part));
                }
            }
            Files.move(coming, home.resolve(PARTS.get(0)), StandardCopyOption.ATOMIC_MOVE);
            return "The data are those of " + backup + " now." + (had ? " What was there before is in " + aside + "." : "")
                + " Start Dwimble with ./dwimble run.";
        }
    }
}
