package org.dwimble.server.database;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;

/** A folder of data while it is somebody's: no two processes work with it at once. The system lets go of it when a process ends, however. */
public final class DataFolder implements AutoCloseable {
    /** It cannot be worked with, and a sentence says why; a person is told that and no trace. */
    public static final class Refused extends SpringApplication.AbandonedRunException {
        private final String sentence;

        Refused(String sentence) {
            this.sentence = sentence;
        }

        @Override
        public String getMessage() {
            return sentence;
        }
    }

    /** The folder for what is there for a moment, below that of the data; {@code ./dwimble} makes it the one Java uses. */
    static final String ASIDE = "temp";

    private final FileChannel channel;

    private DataFolder(FileChannel channel) {
        this.channel = channel;
    }

    /** @throws Refused if another process works with it */
    public static DataFolder lock(Path home) throws IOException {
        FileChannel channel = FileChannel.open(home.resolve("dwimble.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return new DataFolder(channel);
            }
        } catch (OverlappingFileLockException sameProcess) {
            // Told below, as of another process.
        }
        channel.close();
        throw new Refused("Dwimble runs with the data in " + home + " already. Stop it first.");
    }

    /**
     * The folder made, locked and looked at. A log that was left behind by a crash is looked at together with the database, without changing either:
     * if it belongs to another one, playing it in would destroy both.
     *
     * @throws Refused if another process works with it, or its log belongs to another database
     */
    public static DataFolder open(Path home) throws IOException {
        Files.createDirectories(home);
        DataFolder folder = lock(home);
        @Nullable String refused = null;
        Path log = home.resolve("dwimble.db-wal");
        Path database = home.resolve("dwimble.db");
        if (Files.exists(log) && Files.size(log) > 0) {
            try {
                if (!Files.exists(database) || Files.size(database) == 0) {
                    throw new SQLException("no database");
                }
                Backup.check(database);
            } catch (SQLException e) {
                refused = "The log " + log + " does not belong to the database beside it, as when a backup was copied over it. Nothing was changed. "
                    + "Bring the backup in with ./dwimble restore FILE, or move dwimble.db-wal and dwimble.db-shm out of the folder and start again.";
            }
        }
        if (refused != null) {
            folder.close();
            throw new Refused(refused);
        }
        clear(home.resolve(ASIDE));
        return folder;
    }

    /** What an earlier process put aside for a moment and was killed before it took it away. */
    private static void clear(Path aside) throws IOException {
        if (!Files.isDirectory(aside)) {
            return;
        }
        try (Stream<Path> all = Files.walk(aside)) {
            for (Path left : all.sorted(Comparator.reverseOrder()).filter(p -> !p.equals(aside)).toList()) {
                Files.deleteIfExists(left);
            }
        }
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
