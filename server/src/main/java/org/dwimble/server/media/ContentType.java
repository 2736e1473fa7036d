package org.dwimble.server.media;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What bytes from outside really are: known by how they begin, never by their name. */
final class ContentType {
    static final String SVG = "image/svg+xml";
    static final String PNG = "image/png";

    private ContentType() {
    }

    /** Null if it is no picture or sound that is known. */
    static @Nullable String of(byte[] b) {
        if (b.length == 0) {
            return null;
        }
        if (starts(b, 0, 0x89, 'P', 'N', 'G', 0x0d, 0x0a, 0x1a, 0x0a)) {
            return PNG;
        }
        if (starts(b, 0, 0xff, 0xd8, 0xff)) {
            return "image/jpeg";
        }
        if (starts(b, 0, 'G', 'I', 'F', '8')) {
            return "image/gif";
        }
        if (starts(b, 0, 'R', 'I', 'F', 'F') && starts(b, 8, 'W', 'E', 'B', 'P')) {
            return "image/webp";
        }
        if (starts(b, 0, 'R', 'I', 'F', 'F') && starts(b, 8, 'W', 'A', 'V', 'E')) {
            return "audio/wav";
        }
        if (starts(b, 0, 'I', 'D', '3') || b.length > 2 && (b[0] & 0xff) == 0xff && (b[1] & 0xe6) == 0xe2) {
            return "audio/mpeg";
        }
        if (starts(b, 0, 'O', 'g', 'g', 'S')) {
            return "audio/ogg";
        }
        if (starts(b, 0, 0x1a, 0x45, 0xdf, 0xa3)) {
            return "audio/webm";
        }
        if (starts(b, 4, 'f', 't', 'y', 'p') && starts(b, 8, 'M', '4', 'A')) {
            return "audio/mp4";
        }
        String start = new String(b, 0, Math.min(b.length, 400), StandardCharsets.UTF_8).stripLeading().toLowerCase(Locale.ROOT);
        if (start.startsWith("<") || start.startsWith("\ufeff<")) {
            return SVG;
        }
        return null;
    }

    private static boolean starts(byte[] b, int at, int... with) {
        if (b.length < at + with.length) {
            return false;
        }
        for (int i = 0; i < with.length; i++) {
            if ((b[at + i] & 0xff) != with[i]) {
                return false;
            }
        }
        return true;
    }
}
