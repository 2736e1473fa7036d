package org.dwimble.server.database;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;

/**
 * Documents made small by deflate (RFC 1951), alone or with another document as the dictionary. Of a dictionary only the
 * last 32 KB count, by the format; a longer document is still right, only less small.
 */
public final class Packing {
    private static final int WINDOW = 32 * 1024;

    public enum How {
        PLAIN, ALONE, AGAINST
    }

    private Packing() {
    }

    public static byte[] alone(byte[] document) {
        return deflated(document, new byte[0]);
    }

    public static byte[] against(byte[] document, byte[] other) {
        return deflated(document, other);
    }

    private static byte[] deflated(byte[] document, byte[] dictionary) {
        Deflater deflater = new Deflater(Deflater.DEFAULT_COMPRESSION, true);
        try {
            deflater.setDictionary(window(dictionary));
            deflater.setInput(document);
            deflater.finish();
            ByteArrayOutputStream out = new ByteArrayOutputStream(document.length / 4 + 64);
            byte[] buffer = new byte[4096];
            while (!deflater.finished()) {
                out.write(buffer, 0, deflater.deflate(buffer));
            }
            return out.toByteArray();
        } finally {
            deflater.end();
        }
    }

    public static byte[] unpackedAlone(byte[] packed) {
        return inflated(packed, new byte[0]);
    }

    public static byte[] unpackedAgainst(byte[] packed, byte[] other) {
        return inflated(packed, other);
    }

    private static byte[] inflated(byte[] packed, byte[] dictionary) {
        Inflater inflater = new Inflater(true);
        try {
            inflater.setDictionary(window(dictionary));
            inflater.setInput(packed);
            ByteArrayOutputStream out = new ByteArrayOutputStream(packed.length * 4 + 64);
            byte[] buffer = new byte[8192];
            while (!inflater.finished()) {
                int n = inflater.inflate(buffer);
                if (n == 0 && !inflater.finished()) {
                    throw new IllegalStateException("a kept document is damaged");
                }
                out.write(buffer, 0, n);
            }
            return out.toByteArray();
        } catch (DataFormatException e) {
            throw new IllegalStateException("a kept document is damaged", e);
        } finally {
            inflater.end();
        }
    }

    private static byte[] window(byte[] dictionary) {
        return dictionary.length <= WINDOW ? dictionary : Arrays.copyOfRange(dictionary, dictionary.length - WINDOW, dictionary.length);
    }
}
