package org.dwimble.server.notice;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.dwimble.server.grant.ForSignedIn;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who made what ships with Dwimble, and on what terms. */
@RestController
class NoticeApi {
    record Notices(String text) {
    }

    @ForSignedIn("the same for all schools")
    @GetMapping("/api/notices")
    Notices notices() throws IOException {
        try (InputStream in = NoticeApi.class.getResourceAsStream("/NOTICE")) {
            return new Notices(in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }
}
