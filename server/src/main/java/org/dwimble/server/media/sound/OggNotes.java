package org.dwimble.server.media.sound;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * Ogg (RFC 3533): pages of packets, of which each stream's second holds comments (Vorbis I, 5; RFC 7845, 5.2). They are written over with blanks as long as
 * they were, and the sums of their pages made anew; a FLAC stream's pictures become room.
 */
final class OggNotes {
    private static final int HEAD = 27;
    private static final int SERIAL = 14;
    private static final int SUM = 22;
    private static final int SEGMENTS = 26;
    private static final int FULL = 255;
    /** Of what stands before the sound. */
    private static final int MOST = 4 << 20;
    private static final int[] SUMS = new int[256];
    static {
        for (int i = 0; i < SUMS.length; i++) {
            int sum = i << 24;
            for (int bit = 0; bit < 8; bit++) {
                sum = sum << 1 ^ (sum < 0 ? 0x04c11db7 : 0);
            }
            SUMS[i] = sum;
        }
    }

    /** A stream's packets of its beginning: where each byte of the one that is coming stands. */
    private static final class Stream {
        private int packet;
        private boolean flac;
        private boolean over;
        private int[] places = new int[FULL];
        private int size;

        void add(byte[] b, int from, int length, boolean ends) throws IOException {
            if (over) {
                return;
            }
            if (size + length > MOST) {
                throw new IOException("its comments are longer than a book");
            }
            if (size + length > places.length) {
                places = Arrays.copyOf(places, 2 * (size + length));
            }
            for (int i = 0; i < length; i++) {
                places[size++] = from + i;
            }
            if (ends) {
                whole(b);
                packet++;
                size = 0;
            }
        }

        private void whole(byte[] b) throws IOException {
            if (packet == 0) {
                flac = begins(b, "\u007fFLAC");
                return;
            }
            if (flac) {
                over = size == 0 || (b[places[0]] & 0x80) != 0;
                int kind = size == 0 ? 0 : b[places[0]] & 0x7f;
                if (kind == 6) {
                    b[places[0]] = (byte) (b[places[0]] & 0x80 | 1);
                    blank(b, 4, size - 4, (byte) 0);
                } else if (kind == 4) {
                    comments(b, 4);
                }
                return;
            }
            over = true;
            comments(b, begins(b, "\u0003vorbis") ? 7 : begins(b, "OpusTags") ? 8 : 0);
        }

        private void comments(byte[] b, int from) throws IOException {
            int at = from + 4 + number(b, from);
            int count = number(b, at);
            at += 4;
            for (int i = 0; i < count; i++) {
                int length = number(b, at);
                blank(b, at + 4, length, (byte) ' ');
                at += 4 + length;
            }
        }

        private void blank(byte[] b, int from, int length, byte with) {
            for (int i = from; i < from + length; i++) {
                b[places[i]] = with;
            }
        }

        private int number(byte[] b, int at) throws IOException {
            if (at + 4 > size) {
                throw new IOException("comments end in the middle");
            }
            int value = 0;
            for (int i = 3; i >= 0; i--) {
                value = value << 8 | b[places[at + i]] & 0xff;
            }
            if (value < 0 || value > size) {
                throw new IOException("comments are longer than what holds them");
            }
            return value;
        }

        private boolean begins(byte[] b, String with) {
            byte[] wanted = with.getBytes(StandardCharsets.ISO_8859_1);
            for (int i = 0; i < wanted.length; i++) {
                if (i >= size || b[places[i]] != wanted[i]) {
                    return false;
                }
            }
            return true;
        }
    }

    private OggNotes() {
    }

    static byte[] without(byte[] file) throws IOException {
        byte[] kept = file.clone();
        Map<Integer, Stream> streams = new HashMap<>();
        for (int at = 0; at < kept.length; at = end(kept, at)) {
            if (!new String(kept, at, 4, StandardCharsets.ISO_8859_1).equals("OggS")) {
                throw new IOException("no page begins here");
            }
            int serial = kept[at + SERIAL] << 24 | (kept[at + SERIAL + 1] & 0xff) << 16 | (kept[at + SERIAL + 2] & 0xff) << 8 | kept[at + SERIAL + 3] & 0xff;
            Stream stream = streams.computeIfAbsent(serial, s -> new Stream());
            int segments = kept[at + SEGMENTS] & 0xff;
            int from = at + HEAD + segments;
            for (int i = 0; i < segments && from < kept.length; i++) {
                int length = kept[at + HEAD + i] & 0xff;
                stream.add(kept, from, Math.min(length, kept.length - from), length < FULL);
                from += length;
            }
        }
        for (int at = 0; at < kept.length; at = end(kept, at)) {
            sum(kept, at, end(kept, at));
        }
        return kept;
    }

    private static int end(byte[] b, int page) {
        int end = page + HEAD + (b[page + SEGMENTS] & 0xff);
        for (int i = 0; i < (b[page + SEGMENTS] & 0xff); i++) {
            end += b[page + HEAD + i] & 0xff;
        }
        return Math.min(b.length, end);
    }

    private static void sum(byte[] b, int from, int to) {
        Arrays.fill(b, from + SUM, from + SUM + 4, (byte) 0);
        int sum = 0;
        for (int i = from; i < to; i++) {
            sum = sum << 8 ^ SUMS[(sum >>> 24 ^ b[i]) & 0xff];
        }
        for (int i = 0; i < 4; i++) {
            b[from + SUM + i] = (byte) (sum >>> 8 * i);
        }
    }
}
