package org.dwimble.core.obf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Files made for tests. */
final class Packed {
    private Packed() {
    }

    /** In the order given. */
    static byte[] zip(Map<String, String> files) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** What the zip says of a file in its directory changed (APPNOTE 4.3.12). @param first letter of the file's name @param at from the start of the entry */
    static byte[] lying(byte[] zip, char first, int at, int... said) {
        byte[] lying = zip.clone();
        for (int i = 0; i + 46 < lying.length; i++) {
            if (lying[i] == 'P' && lying[i + 1] == 'K' && lying[i + 2] == 1 && lying[i + 3] == 2 && lying[i + 46] == first) {
                for (int n = 0; n < said.length; n++) {
                    lying[i + at + n] = (byte) said[n];
                }
            }
        }
        return lying;
    }

    /** What is packed of a file begins with bits that mean nothing (RFC 1951, 3.2.3). @param first letter of the file's name */
    static byte[] damaged(byte[] zip, char first) {
        byte[] damaged = zip.clone();
        for (int i = 0; i + 30 < damaged.length; i++) {
            if (damaged[i] == 'P' && damaged[i + 1] == 'K' && damaged[i + 2] == 3 && damaged[i + 3] == 4 && damaged[i + 30] == first) {
                damaged[i + 30 + damaged[i + 26] + damaged[i + 28]] = (byte) 0xFF;
            }
        }
        return damaged;
    }
}
