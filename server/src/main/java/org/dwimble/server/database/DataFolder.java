package org.dwimble.server.database;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

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
     * The folder made, locked and looked at. A log that was left behind by a crash is looked at together with the database, without
     * changing either: if it is proven to belong to another one, playing it in would destroy both. A log holds what was acknowledged
     * last: nobody is ever told to move it away.
     *
     * @throws Refused if another process works with it, its log belongs to another database, or there is no room to look
     */
    public static DataFolder open(Path home) throws IOException {
        Files.createDirectories(home);
        DataFolder folder = lock(home);
        try {
            clear(home.resolve(ASIDE));
            long free = new Room(home).forStart();
            Path log = home.resolve("dwimble.db-wal");
            if (Files.exists(log) && Files.size(log) > 0) {
                refuseIfForeign(home.resolve("dwimble.db"), log, free);
            }
            return folder;
        } catch (Refused refused) {
            folder.close();
            throw refused;
        }
    }

    private static void refuseIfForeign(Path database, Path log, long free) throws IOException {
        boolean there = Files.exists(database) && Files.size(database) > 0;
        Sight together = there ? Sight.of("jdbc:sqlite:" + database) : new Sight.Damaged("there is no database");
        if (together instanceof Sight.Unknown unknown) {
            throw new Refused((free < Room.TO_START ? noRoom(free) : "The database " + database + " could not be looked at: " + unknown.why() + ".")
                + " Nothing was changed and nothing is lost, also not what stands in " + log.getFileName()
                + ": leave all files where they are, mend this and start again.");
        }
        if (together instanceof Sight.Damaged damaged) {
            boolean foreign = !there || Sight.of("jdbc:sqlite:file:" + database + "?immutable=1") instanceof Sight.Whole;
            throw new Refused((foreign ? "The log " + log + " does not belong to the database beside it, as when a backup was copied over it."
                : "The database " + database + " cannot be used: " + damaged.why() + ".")
                + " Nothing was changed. Bring a backup in with ./dwimble restore FILE: it sets aside all that is here, the log too, and loses nothing of it.");
        }
    }

    private static String noRoom(long free) {
        return "The disk is full: Dwimble needs " + (Room.TO_START >> 20) + " MB to start, and " + (free >> 20) + " MB are free.";
    }

    /** What looking at a database told, without changing anything: that it could not be looked at is not that it is damaged. */
    private sealed interface Sight {
        record Whole() implements Sight {
        }

        record Damaged(String why) implements Sight {
        }

        record Unknown(String why) implements Sight {
        }

        static Sight of(String address) {
            try {
                SQLiteConfig reading = new SQLiteConfig();
                reading.setReadOnly(true);
                try (Connection connection = reading.createConnection(address)) {
                    String wrong = Backup.ours(connection);
                    return wrong.isEmpty() ? new Whole() : new Damaged(wrong);
                }
            } catch (SQLException e) {
                boolean damaged = e instanceof SQLiteException s
                    && (s.getResultCode() == SQLiteErrorCode.SQLITE_CORRUPT || s.getResultCode() == SQLiteErrorCode.SQLITE_NOTADB);
                return damaged ? new Damaged(String.valueOf(e.getMessage())) : new Unknown(String.valueOf(e.getMessage()));
            } catch (RuntimeException | LinkageError e) {
                // The library that reads databases could not be unpacked, as there is no room for it.
                return new Unknown(String.valueOf(e.getMessage()));
            }
        }
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
