package org.dwimble.server.media;

import java.time.Duration;
import org.dwimble.core.obf.Media;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** How kept media is sent: it never changes, and whatever it holds it runs nothing. */
public final class MediaAnswer {
    public static final String NOTHING_RUNS = "default-src 'none'; style-src 'unsafe-inline'; sandbox";

    private MediaAnswer() {
    }

    public static ResponseEntity<byte[]> of(Media.Item item) {
        return ResponseEntity.ok()
            .contentType(MediaType.parseMediaType(item.contentType()))
            .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
            .header("Content-Security-Policy", NOTHING_RUNS)
            .body(item.bytes());
    }
}
