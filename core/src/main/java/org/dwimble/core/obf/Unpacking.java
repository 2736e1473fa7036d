package org.dwimble.core.obf;

import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.util.Enumeration;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.dwimble.core.text.Text;
import org.jspecify.annotations.Nullable;

/** The files of a package, unpacked one by one and counted: what a zip says of itself may be a lie. */
final class Unpacking {
    private static final int LEAST_PIECE = 1 << 12;
    private static final int PIECE = 1 << 16;

    private final ZipFile zip;
    private final String name;
    private final PackageLimits limits;
    private final AtomicLong unpacked = new AtomicLong();
    private final AtomicLong ofBoards = new AtomicLong();

    /** @param broken true if the check sum the zip gives is another */
    record Unpacked(byte[] bytes, boolean broken) {
    }

    /** @throws Refused if it has too many files, or says of itself that it is too large or climbs out of its folder */
    Unpacking(ZipFile zip, String name, PackageLimits limits) throws Refused {
        this.zip = zip;
        this.name = name;
        this.limits = limits;
        if (zip.size() > limits.entries()) {
            throw new Refused("too-many-files", "file", name, "has", zip.size(), "most", limits.entries());
        }
        long total = 0;
        for (Enumeration<? extends ZipEntry> entries = zip.entries(); entries.hasMoreElements();) {
            ZipEntry entry = entries.nextElement();
            if (climbs(entry.getName())) {
                throw new Refused("zip-climbs-out", "file", name, "entry", told(entry.getName()));
            }
            if (entry.getSize() > limits.entryBytes()) {
                throw tooLarge(entry.getName());
            }
            total += Math.max(0, entry.getSize());
        }
        if (total > limits.totalBytes()) {
            throw new Refused("package-too-large", "file", name, "most", limits.totalBytes() >> 20);
        }
    }

    private static boolean climbs(String name) {
        String path = name.replace('\\', '/');
        return path.startsWith("/") || path.matches("^[A-Za-z]:.*") || path.indexOf('\0') >= 0 || List.of(path.split("/")).contains("..");
    }

    private Refused tooLarge(String entry) {
        return new Refused("entry-too-large", "entry", told(entry), "most", limits.entryBytes() >> 20);
    }

    /** As it is put into a sentence. */
    static String told(String entry) {
        return Text.cut(Text.tidy(entry), 60);
    }

    boolean has(String path) {
        ZipEntry entry = zip.getEntry(path);
        return entry != null && !entry.isDirectory();
    }

    /**
     * A file with a board or the manifest. May be asked by several threads at once.
     *
     * @throws Refused if it is damaged, or it, or all such together, are too large
     */
    Unpacked board(String path) throws IOException, Refused {
        try {
            return bytes(zip.getEntry(path), ofBoards, limits.boardBytes());
        } catch (ZipException | EOFException e) {
            throw new Refused("entry-cut-short", "entry", told(path));
        }
    }

    /** A file of another kind; null if there is none. May be asked by several threads at once. @throws ZipException or EOFException if it is damaged */
    @Nullable
    Unpacked other(String path) throws IOException, Refused {
        return has(path) ? bytes(zip.getEntry(path), new AtomicLong(), limits.entryBytes()) : null;
    }

    private Unpacked bytes(ZipEntry entry, AtomicLong together, long most) throws IOException, Refused {
        CRC32 sum = new CRC32();
        byte[] piece = new byte[(int) Math.max(LEAST_PIECE, Math.min(PIECE, entry.getSize()))];
        ByteArrayOutputStream pieces = new ByteArrayOutputStream(piece.length);
        try (InputStream in = zip.getInputStream(entry)) {
            for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                sum.update(piece, 0, n);
                if (pieces.size() + n > limits.entryBytes()) {
                    throw tooLarge(entry.getName());
                }
                if (together.addAndGet(n) > most) {
                    throw new Refused("boards-unpack-too-large", "file", name, "most", most >> 20);
                }
                if (unpacked.addAndGet(n) > limits.totalBytes()) {
                    throw new Refused("unpacks-too-large", "most", limits.totalBytes() >> 20);
                }
                pieces.write(piece, 0, n);
            }
        }
        return new Unpacked(pieces.toByteArray(), entry.getCrc() >= 0 && entry.getCrc() != sum.getValue());
    }
}
