package org.dwimble.server.outside;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.server.account.Account;
import org.dwimble.server.collection.OwnPictureView;
import org.dwimble.server.collection.TakingIn;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.media.MediaAnswer;
import org.dwimble.server.media.Photo;
import org.dwimble.server.problem.Problem;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Looking for pictures outside, and keeping one. The service never learns who asks: this server asks for everybody. */
@RestController
@RequestMapping("/api/outside-pictures")
class OutsideApi {
    /** @param there false if the school has no such service */
    record Outside(String service, boolean there, List<OutsidePictures.Offered> pictures) {
    }

    /** One to be kept, under the word it was looked for. */
    record Keep(String word, String title, String licence, String author) {
    }

    private final OutsidePictures outside;
    private final TakingIn collection;

    OutsideApi(OutsidePictures outside, TakingIn collection) {
        this.outside = outside;
        this.collection = collection;
    }

    @ForSignedIn("found outside, of nobody here")
    @GetMapping
    Outside outsidePictures(@RequestParam(defaultValue = "") String query) {
        try {
            return new Outside(outside.name(), outside.there(), query.isBlank() || !outside.there() ? List.of() : outside.search(query.strip()));
        } catch (OutsidePictures.Trouble e) {
            throw trouble(e);
        }
    }

    /** What one looks like, passed on after the same checks as anything that comes from outside. */
    @ForSignedIn("found outside, of nobody here")
    @GetMapping("/{id}")
    @Bounded({"PICTURE_BYTES", "PIXELS"})
    ResponseEntity<byte[]> preview(@PathVariable String id) throws Refused {
        Photo.Taken checked = Photo.take(fetch(id), "the picture");
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(checked.type())).cacheControl(CacheControl.noStore())
            .header("Content-Security-Policy", MediaAnswer.NOTHING_RUNS).body(checked.bytes());
    }

    /** Keeps one among the account's own pictures, with its licence and author. */
    @ForSignedIn("a new one; for a student, whom this person may change")
    @PostMapping("/{id}")
    @Bounded({"PICTURE_BYTES", "PIXELS"})
    OwnPictureView.TakenIn keep(@AuthenticationPrincipal Account account, @PathVariable String id, @RequestBody Keep keep) throws Refused {
        OwnPicture about = new OwnPicture(Stream.of(keep.word(), keep.title()).filter(Objects::nonNull).toList(), List.of(), OwnPicture.Audience.MINE,
            null, Shows.NOBODY,
            OwnPicture.Origin.LICENCE, keep.author(), keep.licence(), keep.title() + " (" + outside.name() + ")");
        return collection.keep(fetch(id), about, "the picture", account);
    }

    private byte[] fetch(String id) {
        try {
            if (!outside.there()) {
                throw Problem.notFound("picture");
            }
            return outside.fetch(id);
        } catch (OutsidePictures.Trouble e) {
            throw trouble(e);
        }
    }

    private static Problem trouble(OutsidePictures.Trouble trouble) {
        return new Problem(trouble.told().key().equals(OutsidePictures.Trouble.GONE) ? HttpStatus.NOT_FOUND : HttpStatus.BAD_GATEWAY, trouble.told());
    }
}
