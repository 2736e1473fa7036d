package org.dwimble.server.media;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Bytes put aside while a package is read: in memory while they are few, in a temporary file when they are many. */
final class Spool implements AutoCloseable {
    private static final long IN_MEMORY = 32L << 20;

    /** Bytes put aside: in memory, or at a position of the file. */
    record Entry(String hash, String type, byte @Nullable [] bytes, long at, int length) {
    }

    private long held;
    private @Nullable Path path;
    private @Nullable RandomAccessFile file;

    Entry put(String hash, String type, byte[] bytes) {
        if (held + bytes.length <= IN_MEMORY) {
            held += bytes.length;
            return new Entry(hash, type, bytes, 0, bytes.length);
        }
        try {
            if (file == null) {
                path = Files.createTempFile("dwimble-", ".media");
                file = new RandomAccessFile(path.toFile(), "rw");
            }
            long at = file.length();
            file.seek(at);
            file.write(bytes);
            return new Entry(hash, type, null, at, bytes.length);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    byte[] get(Entry entry) {
        if (entry.bytes != null) {
            return entry.bytes;
        }
        try {
            byte[] bytes = new byte[entry.length];
            RandomAccessFile from = Objects.requireNonNull(file);
            from.seek(entry.at);
            from.readFully(bytes);
            return bytes;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        try {
            if (file != null) {
                file.close();
                Files.deleteIfExists(path);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
