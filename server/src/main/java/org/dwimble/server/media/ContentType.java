package org.dwimble.server.media;

import com.drew.imaging.FileType;
import com.drew.imaging.FileTypeDetector;
import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What bytes from outside really are, known by how they begin and never by their name: by metadata-extractor's table, and what that does not
 * know.
 */
final class ContentType {
    static final String SVG = "image/svg+xml";
    static final String PNG = "image/png";
    static final String JPEG = "image/jpeg";
    static final String BMP = "image/bmp";
    /** Of newer phones; no browser shows it. */
    static final String HEIC = "image/heic";
    static final String PDF = "application/pdf";
    private static final Set<String> KEPT = Set.of(SVG, PNG, JPEG, "image/gif", "image/webp", "audio/wav", "audio/mpeg", "audio/ogg", "audio/webm",
        "audio/mp4");

    /** More than any of these types needs to be known by; a file that is shorter is as if nothing followed. */
    private static final int LOOKED_AT = 256;

    private ContentType() {
    }

    /** True of the pictures and sounds every browser shows and plays, and Dwimble keeps. */
    static boolean isKept(@Nullable String type) {
        return type != null && KEPT.contains(type);
    }

    /** Null if it is nothing that is known here. */
    static @Nullable String of(byte[] b) {
        return switch (begins(b)) {
            case Png -> PNG;
            case Jpeg -> JPEG;
            case Gif -> "image/gif";
            case WebP -> "image/webp";
            case Bmp -> BMP;
            case Heif, Avif -> HEIC;
            case Pdf -> PDF;
            case Wav -> "audio/wav";
            case Mp3 -> "audio/mpeg";
            case Mp4 -> starts(b, 8, 'M', '4', 'A') ? "audio/mp4" : null;
            case Unknown -> others(b);
            default -> null;
        };
    }

    private static FileType begins(byte[] b) {
        try {
            return FileTypeDetector.detectFileType(new BufferedInputStream(new ByteArrayInputStream(Arrays.copyOf(b, LOOKED_AT))));
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }

    private static @Nullable String others(byte[] b) {
        if (starts(b, 0, 'I', 'D', '3')) {
            return "audio/mpeg";
        }
        if (starts(b, 0, 'O', 'g', 'g', 'S')) {
            return "audio/ogg";
        }
        if (starts(b, 0, 0x1a, 0x45, 0xdf, 0xa3)) {
            return "audio/webm";
        }
        String start = new String(b, 0, Math.min(b.length, 400), StandardCharsets.UTF_8).stripLeading().toLowerCase(Locale.ROOT);
        return start.startsWith("<") || start.startsWith("\ufeff<") ? SVG : null;
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
