package org.dwimble.server.database;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Room on the disk of the data. Some of it Dwimble keeps for itself, as a file of nothing: it is let go when a start would have too
 * little, so that a full disk never keeps what was acknowledged from being read again.
 */
public class Room {
    /** What a start needs at most: the library that reads databases is unpacked, and a log played in. */
    public static final long TO_START = 16L << 20;
    /** What is kept. */
    static final long KEPT = 48L << 20;
    /** As long as there is less than this, nothing is kept anew: it would take what people need. */
    private static final long PLENTY = 4 * KEPT;
    /** What is left to people where there is little. */
    private static final long LEFT = 4L << 20;
    private static final String FILE = "dwimble.room";
    private static final int AT_ONCE = 1 << 20;

    private final Path home;

    public Room(Path home) {
        this.home = home;
    }

    /** Bytes. */
    public long free() throws IOException {
        return Files.getFileStore(home).getUsableSpace();
    }

    /** Lets go of what is kept, if a start would have too little without it. @return what is free then, in bytes */
    long forStart() throws IOException {
        if (free() < TO_START) {
            Files.deleteIfExists(home.resolve(FILE));
        }
        return free();
    }

    /** Keeps room anew, as much as there is after what a start took; all of it where there is plenty. Nothing fails if there is none. */
    public void keep() {
        Path file = home.resolve(FILE);
        try {
            long had = Files.exists(file) ? Files.size(file) : 0;
            long free = free();
            long wanted = free > PLENTY ? KEPT : Math.min(KEPT, had + free - LEFT);
            if (had < wanted && (had < TO_START || free > PLENTY)) {
                fill(file, wanted);
            }
        } catch (IOException e) {
            // There is no room now; it is tried again.
        }
    }

    private static void fill(Path file, long bytes) throws IOException {
        byte[] nothing = new byte[AT_ONCE];
        try (OutputStream out = Files.newOutputStream(file)) {
            for (long written = 0; written < bytes; written += AT_ONCE) {
                out.write(nothing);
            }
        } catch (IOException full) {
            // What was written of it is kept all the same.
        }
    }

    /** True if something failed because the disk is full, wherever in its causes that stands. */
    public static boolean isNone(Throwable trouble) {
        for (Throwable cause = trouble; cause != null; cause = cause.getCause()) {
            if (cause instanceof DatabaseTrouble database && database.what() == DatabaseTrouble.What.DISK_FULL
                || cause instanceof SQLException sql && DatabaseTrouble.of(sql).what() == DatabaseTrouble.What.DISK_FULL
                || cause instanceof IOException io && (says(io.getMessage()) || io instanceof FileSystemException file && says(file.getReason()))) {
                return true;
            }
        }
        return false;
    }

    private static boolean says(@Nullable String message) {
        String said = message == null ? "" : message.toLowerCase(Locale.ROOT);
        return said.contains("no space left") || said.contains("disk quota exceeded") || said.contains("not enough space");
    }
}
