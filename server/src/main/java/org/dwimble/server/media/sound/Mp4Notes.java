package org.dwimble.server.media.sound;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;

/** ISO base media file (ISO/IEC 14496-12): boxes in boxes. Tables in it count from its beginning, so that what is taken out becomes free room. */
final class Mp4Notes {
    private static final Set<String> HOLDS = Set.of("moov", "trak", "mdia", "minf", "stbl", "edts", "moof", "traf", "mvex");
    private static final Set<String> NOTES = Set.of("udta", "meta", "uuid", "free", "skip", "wide", "pnot", "mfra");
    /** Those that tell when it was made and changed: two times behind four bytes, each of 4 bytes, or of 8 in the later version. */
    private static final Set<String> DATED = Set.of("mvhd", "tkhd", "mdhd");
    /** Before what a box with a name for people tells of itself: after it comes that name. */
    private static final Map<String, Integer> NAMED = Map.of("hdlr", 24);
    private static final int DEEPEST = 8;
    private static final int HEAD = 8;
    private static final int LONG_HEAD = 16;

    private Mp4Notes() {
    }

    static byte[] without(byte[] file) throws IOException {
        byte[] kept = file.clone();
        walk(kept, 0, kept.length, 0);
        return kept;
    }

    private static void walk(byte[] b, int from, int to, int deep) throws IOException {
        ByteBuffer in = ByteBuffer.wrap(b);
        int at = from;
        while (to - at >= HEAD) {
            long length = Integer.toUnsignedLong(in.getInt(at));
            int head = HEAD;
            if (length == 1) {
                length = in.getLong(at + HEAD);
                head = LONG_HEAD;
            } else if (length == 0) {
                length = to - at;
            }
            if (length < head) {
                throw new IOException("a box is smaller than its own head");
            }
            int end = (int) Math.min(to, at + Math.min(length, b.length));
            String name = new String(b, at + 4, 4, StandardCharsets.ISO_8859_1);
            int inside = Math.min(end, at + head);
            if (NOTES.contains(name)) {
                System.arraycopy("free".getBytes(StandardCharsets.ISO_8859_1), 0, b, at + 4, 4);
                Arrays.fill(b, inside, end, (byte) 0);
            } else if (HOLDS.contains(name) && deep < DEEPEST) {
                walk(b, inside, end, deep + 1);
            } else if (DATED.contains(name) && inside + 4 < end) {
                Arrays.fill(b, inside + 4, Math.min(end, inside + 4 + (b[inside] == 1 ? 16 : 8)), (byte) 0);
            } else if (NAMED.containsKey(name)) {
                Arrays.fill(b, Math.min(end, inside + NAMED.get(name)), end, (byte) 0);
            }
            at = end;
        }
    }
}
