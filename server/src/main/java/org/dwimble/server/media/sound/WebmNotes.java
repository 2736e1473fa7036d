package org.dwimble.server.media.sound;

import java.io.IOException;
import java.util.Arrays;
import java.util.Set;

/** Matroska and WebM (RFC 8794, RFC 9559): elements in elements. What is taken out becomes an element that says nothing, as long as it was. */
final class WebmNotes {
    /** The whole, what is said of it, its tracks, and each of them. */
    private static final Set<Integer> HOLDS = Set.of(0x18538067, 0x1549a966, 0x1654ae6b, 0xae);
    private static final int DEEPEST = 4;
    private static final int NOTHING = 0xec;
    /** Tags, attachments, chapters, what is said of the file's own name, title and day, of a track's name, and sums over those. */
    private static final Set<Integer> NOTES = Set.of(0x1254c367, 0x1941a469, 0x1043a770, 0x7384, 0x7ba9, 0x4461, 0x536e, 0xbf);
    /** What it was written with: every file must say so, were it by nothing. */
    private static final Set<Integer> PROGRAMS = Set.of(0x4d80, 0x5741);
    private static final int LONG = 8;

    private final byte[] b;
    private int at;

    private WebmNotes(byte[] b) {
        this.b = b;
    }

    static byte[] without(byte[] file) throws IOException {
        WebmNotes one = new WebmNotes(file.clone());
        one.walk(file.length, 0);
        return one.b;
    }

    private void walk(int to, int deep) throws IOException {
        while (at < to) {
            int begins = at;
            int id = id();
            int width = width(b[at]);
            long length = length(width);
            at += width;
            if (at > to) {
                throw new IOException("an element is longer than what holds it");
            }
            if (length < 0) {
                // A recording that was written as it came does not say how long its parts are: what is in them follows here.
                continue;
            }
            int end = (int) Math.min(to, at + length);
            if (NOTES.contains(id)) {
                silence(begins, end);
            } else if (PROGRAMS.contains(id)) {
                Arrays.fill(b, at, end, (byte) 0);
            } else if (HOLDS.contains(id) && deep < DEEPEST) {
                walk(end, deep + 1);
            }
            at = end;
        }
    }

    private int id() throws IOException {
        int width = width(b[at]);
        if (width > 4) {
            throw new IOException("no element begins here");
        }
        int id = 0;
        for (int i = 0; i < width; i++) {
            id = id << 8 | b[at + i] & 0xff;
        }
        at += width;
        return id;
    }

    /** Below 0 if it is not said. */
    private long length(int width) {
        long value = b[at] & (0xff >> width);
        boolean all = value == 0xff >> width;
        for (int i = 1; i < width; i++) {
            value = value << 8 | b[at + i] & 0xff;
            all &= b[at + i] == -1;
        }
        return all ? -1 : value;
    }

    private static int width(byte first) throws IOException {
        int width = Integer.numberOfLeadingZeros(first & 0xff) - 23;
        if (width > LONG) {
            throw new IOException("no element begins here");
        }
        return width;
    }

    private void silence(int from, int to) {
        Arrays.fill(b, from, to, (byte) 0);
        b[from] = (byte) NOTHING;
        int whole = to - from;
        if (whole < 2 + 0x7f) {
            b[from + 1] = (byte) (0x80 | whole - 2);
            return;
        }
        b[from + 1] = 1;
        long inside = whole - 1 - LONG;
        for (int i = LONG; i > 1; i--, inside >>= 8) {
            b[from + i] = (byte) inside;
        }
    }
}
