package org.dwimble.server.media.sound;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** MPEG audio: frames after each other, with notes before (ID3v2) and behind them (ID3v1, APEv2, Lyrics3v2). */
final class Mp3Notes {
    private static final int ID3V2_HEAD = 10;
    private static final int ID3V2_FOOT = 0x10;
    private static final int ID3V1 = 128;
    private static final int ID3V1_MORE = 227;
    private static final int APE_FOOT = 32;
    private static final int LYRICS_FOOT = 15;
    /** What may stand between the notes and the first frame: some programs leave room. */
    private static final int ROOM = 1 << 16;

    private Mp3Notes() {
    }

    static byte[] without(byte[] file) throws IOException {
        int from = 0;
        while (is("ID3", file, from)) {
            int length = (file[from + 6] & 0x7f) << 21 | (file[from + 7] & 0x7f) << 14 | (file[from + 8] & 0x7f) << 7 | file[from + 9] & 0x7f;
            from += ID3V2_HEAD + length + ((file[from + 5] & ID3V2_FOOT) != 0 ? ID3V2_HEAD : 0);
        }
        int most = Math.min(file.length - 1, from + ROOM);
        while (from < most && !((file[from] & 0xff) == 0xff && (file[from + 1] & 0xe0) == 0xe0)) {
            from++;
        }
        if (from >= most) {
            throw new IOException("no frame is in it");
        }
        int to = file.length;
        for (int shorter = behind(file, to); shorter < to; shorter = behind(file, to)) {
            to = Math.max(shorter, from);
        }
        if (to == from) {
            throw new IOException("nothing but notes is in it");
        }
        return Arrays.copyOfRange(file, from, to);
    }

    /** Where the last notes before this place begin; the place itself if there are none. */
    private static int behind(byte[] file, int to) {
        if (is("TAG", file, to - ID3V1)) {
            return is("TAG+", file, to - ID3V1 - ID3V1_MORE) ? to - ID3V1 - ID3V1_MORE : to - ID3V1;
        }
        if (is("APETAGEX", file, to - APE_FOOT)) {
            ByteBuffer foot = ByteBuffer.wrap(file, to - APE_FOOT, APE_FOOT).slice().order(ByteOrder.LITTLE_ENDIAN);
            long length = Integer.toUnsignedLong(foot.getInt(12)) + (foot.getInt(20) < 0 ? APE_FOOT : 0);
            return (int) Math.max(0, to - Math.max(APE_FOOT, length));
        }
        if (is("LYRICS200", file, to - LYRICS_FOOT + 6)) {
            String length = new String(file, to - LYRICS_FOOT, 6, StandardCharsets.ISO_8859_1);
            return length.matches("[0-9]{6}") ? Math.max(0, to - LYRICS_FOOT - Integer.parseInt(length)) : to - LYRICS_FOOT;
        }
        return to;
    }

    private static boolean is(String sign, byte[] file, int at) {
        byte[] wanted = sign.getBytes(StandardCharsets.ISO_8859_1);
        return at >= 0 && at + wanted.length <= file.length && Arrays.equals(file, at, at + wanted.length, wanted, 0, wanted.length);
    }
}
