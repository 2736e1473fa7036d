package org.dwimble.server.recording;

import java.time.Duration;
import java.util.List;
import org.dwimble.core.voice.Quip;
import org.dwimble.server.grant.ForAnybody;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.library.Effects;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.problem.Problem;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The sound effects that ship: listed, and heard; and the quips. */
@RestController
class EffectApi {
    private final Effects effects;

    EffectApi(Effects effects) {
        this.effects = effects;
    }

    @ForSignedIn("the same for everybody")
    @GetMapping("/api/effects")
    @Bounded("REQUEST_BYTES")
    List<Effects.Effect> effects() {
        return effects.all();
    }

    /** Short things to say that are ready, by what they are for. */
    @ForSignedIn("the same for everybody")
    @GetMapping("/api/quips")
    @Bounded("REQUEST_BYTES")
    List<Quip> quips() {
        return Quip.ALL;
    }

    @ForAnybody
    @GetMapping("/effects/{name}.wav")
    @Bounded("REQUEST_BYTES")
    ResponseEntity<byte[]> effect(@PathVariable String name) {
        byte[] sound = Effects.sound("effect/" + name).orElseThrow(() -> Problem.notFound("sound"));
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(Effects.TYPE)).cacheControl(CacheControl.maxAge(Duration.ofDays(7)).cachePublic())
            .body(sound);
    }
}
