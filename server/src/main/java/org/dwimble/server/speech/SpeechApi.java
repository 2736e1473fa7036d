package org.dwimble.server.speech;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.Spoken;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.limit.Bounded;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Texts spoken by Dwimble's own voices. */
@RestController
class SpeechApi {
    /**
     * What Dwimble's own voices can do for a language.
     *
     * @param speaks   whether one reads it
     * @param variants which there are, besides the usual one
     * @param missing  true if the program that reads other languages than English is not on this machine
     */
    record OwnVoices(boolean speaks, List<String> variants, boolean missing) {
    }

    private final Voices voices;

    SpeechApi(Voices voices) {
        this.voices = voices;
    }

    /**
     * The text spoken.
     *
     * @param language BCP 47 tag
     * @param rate     percent of the usual rate
     * @param pitch    0 to 100; 50 is as usual
     */
    @ForSignedIn("a text this person gave")
    @GetMapping(value = "/api/speech", produces = "audio/wav")
    @Bounded("REQUEST_BYTES")
    ResponseEntity<byte[]> speech(@RequestParam String text, @RequestParam(defaultValue = "en") String language,
        @RequestParam(defaultValue = "PLAINLY") Manner manner, @RequestParam(required = false) @Nullable String variant,
        @RequestParam(defaultValue = "100") int rate, @RequestParam(defaultValue = "50") int pitch) {
        byte[] wav = voices.speak(new Spoken(text, language, manner, variant, rate, pitch));
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("audio/wav"))
            .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate()).body(wav);
    }

    @ForSignedIn("the same for everybody")
    @GetMapping("/api/voices")
    OwnVoices voices(@RequestParam String language) {
        String tag = language.toLowerCase(Locale.ROOT);
        return new OwnVoices(voices.speaks(tag), voices.variants(tag), !voices.readsOthers());
    }
}
