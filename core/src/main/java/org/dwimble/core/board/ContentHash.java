package org.dwimble.core.board;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The SHA-256 (FIPS 180-4) of some bytes, by which boards, pictures and sounds are known and kept once. */
public final class ContentHash {
    private ContentHash() {
    }

    /** 32 bytes. */
    public static byte[] of(byte[] content) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(content);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** 64 digits, lower case. */
    public static String hex(byte[] content) {
        return HexFormat.of().formatHex(of(content));
    }
}
