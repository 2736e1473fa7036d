package org.dwimble.server.media.sound;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/** RIFF WAVE (IBM and Microsoft, 1991): chunks after each other, of which three are needed to play it. */
final class WaveNotes {
    private static final Set<String> NEEDED = Set.of("fmt ", "fact", "data");
    private static final int HEAD = 12;
    private static final int CHUNK_HEAD = 8;

    private WaveNotes() {
    }

    static byte[] without(byte[] file) throws IOException {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, HEAD);
        ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        long at = HEAD;
        while (at + CHUNK_HEAD <= file.length) {
            int from = (int) at;
            String name = new String(file, from, 4, StandardCharsets.ISO_8859_1);
            // A program that writes as it goes does not know how long the sound will be: then it is what there is.
            long length = Math.min(Integer.toUnsignedLong(in.getInt(from + 4)), file.length - CHUNK_HEAD - at);
            if (NEEDED.contains(name)) {
                kept.write(file, from, 4);
                kept.writeBytes(number((int) length));
                kept.write(file, from + CHUNK_HEAD, (int) length);
                if (length % 2 == 1) {
                    kept.write(0);
                }
            }
            at += CHUNK_HEAD + length + length % 2;
        }
        byte[] whole = kept.toByteArray();
        if (whole.length == HEAD) {
            throw new IOException("nothing is in it");
        }
        ByteBuffer.wrap(whole).order(ByteOrder.LITTLE_ENDIAN).putInt(4, whole.length - CHUNK_HEAD);
        return whole;
    }

    private static byte[] number(int value) {
        return ByteBuffer.allocate(4).order(ByteOrder.LITTLE_ENDIAN).putInt(value).array();
    }
}
