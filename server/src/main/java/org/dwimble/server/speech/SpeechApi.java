package org.dwimble.server.speech;

import java.time.Duration;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.limit.Bounded;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SpeechApi {
    private final Voice voice;

    SpeechApi(Voice voice) {
        this.voice = voice;
    }

    @ForSignedIn("a text this person gave")
    @GetMapping(value = "/api/speech", produces = "audio/wav")
    @Bounded("REQUEST_BYTES")
    ResponseEntity<byte[]> speech(@RequestParam String text) {
        String tidy = Text.tidy(text);
        if (tidy.isEmpty()) {
            throw new Unacceptable("nothing-to-say");
        }
        Text.atMost(Voice.MOST, "speech", tidy);
        byte[] wav = voice.speak(tidy);
        if (wav.length == 0) {
            throw new Unacceptable("voice-cannot");
        }
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("audio/wav"))
            .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate()).body(wav);
    }
}
