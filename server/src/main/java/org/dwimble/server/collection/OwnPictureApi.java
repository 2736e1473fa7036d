package org.dwimble.server.collection;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.compose.Composition;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.obf.Media;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.library.Library;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaAnswer;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.media.Photo;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A school's own pictures: taking them in one by one, telling what is known of them, showing them. */
@RestController
@RequestMapping("/api/own-pictures")
class OwnPictureApi {
    private final OwnPictures own;
    private final MediaStore media;
    private final Rights rights;
    private final TakingIn collection;
    private final Turns turns;

    OwnPictureApi(OwnPictures own, MediaStore media, Rights rights, TakingIn collection, Turns turns) {
        this.own = own;
        this.media = media;
        this.rights = rights;
        this.collection = collection;
        this.turns = turns;
    }

    /** Those this account may use, newest first. */
    @ForSignedIn("those given to this person")
    @GetMapping
    List<OwnPictureView> ownPictures(@AuthenticationPrincipal Account account) {
        Map<String, Integer> boards = own.boardsWith();
        return own.usable(account, null).stream().map(k -> OwnPictureView.of(k, boards, account)).toList();
    }

    /**
     * Takes one file in.
     *
     * @param words none to take the file's name
     */
    @ForSignedIn("a new one; for a student, whom this person may change")
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Bounded({"PICTURE_BYTES", "PIXELS"})
    OwnPictureView.TakenIn takeIn(@AuthenticationPrincipal Account account, @RequestParam MultipartFile file,
        @RequestParam(required = false) @Nullable List<String> words,
        @RequestParam(required = false) @Nullable List<String> categories, @RequestParam(defaultValue = "MINE") OwnPicture.Audience audience,
        @RequestParam(required = false) @Nullable String student, @RequestParam(defaultValue = "OTHERS") Shows shows,
        @RequestParam(defaultValue = "OWN_PHOTO") OwnPicture.Origin origin, @RequestParam(defaultValue = "") String author,
        @RequestParam(defaultValue = "") String licence, @RequestParam(defaultValue = "") String source) throws IOException, Refused {
        List<String> given = words == null || words.isEmpty() ? List.of(OwnPicture.wordOf(file.getOriginalFilename())) : words;
        OwnPicture about = new OwnPicture(given, categories == null ? List.of() : categories, audience, student == null || student.isBlank() ? null
            : student, shows, origin, author, licence, source);
        mayBeFor(about, account);
        String name = Text.cut(Text.tidy(file.getOriginalFilename()), 60);
        byte[] bytes = file.getBytes();
        return collection.keep(bytes, about, name.isEmpty() ? "the picture" : name, account);
    }

    /**
     * A picture put together out of the library's.
     *
     * @param word it stands for; @param student whose it is, with the audience STUDENT
     */
    record MadeRequest(List<Layer> parts, String word, OwnPicture.Audience audience, @Nullable String student) {
        MadeRequest {
            Unacceptable.ifMissing(parts);
            Unacceptable.ifMissing(word);
        }
    }

    /** Keeps a picture put together out of the library's, under its word. It shows nobody there is, and follows the look of whoever it is for. */
    @ForSignedIn("a new one; for a student, whom this person may change")
    @PostMapping("/made")
    @Bounded("REQUEST_BYTES")
    OwnPictureView made(@AuthenticationPrincipal Account account, @RequestBody MadeRequest request) {
        Composition composition = new Composition(request.parts);
        composition.parts().forEach(p -> Library.drawing(p.picture(), Appearance.USUAL).orElseThrow(() -> Problem.notFound("picture")));
        OwnPicture about = collection.about(composition, request.word, List.of(), request.audience,
            request.audience == OwnPicture.Audience.STUDENT ? request.student : null);
        mayBeFor(about, account);
        return collection.keep(composition, about, account);
    }

    /** A photo without the ground it was taken on, set straight and cut to its edges: it goes back as it came, and nothing is kept. */
    @ForSignedIn("what this person sends goes back to this person alone")
    @PostMapping(value = "/cutout", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Bounded({"PICTURE_BYTES", "PIXELS"})
    ResponseEntity<byte[]> cutout(@AuthenticationPrincipal Account account, @RequestParam MultipartFile file) throws IOException, Refused {
        String name = Text.cut(Text.tidy(file.getOriginalFilename()), 60);
        byte[] bytes = file.getBytes();
        Photo.Taken cut = turns.<Photo.Taken, Refused>take(account.id(), () -> Photo.cutout(bytes, name.isEmpty() ? "the picture" : name));
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(cut.type())).cacheControl(CacheControl.noStore()).body(cut.bytes());
    }

    @ForSignedIn("one that is this person’s to change")
    @PutMapping("/{id}")
    OwnPictureView change(@AuthenticationPrincipal Account account, @PathVariable long id, @RequestBody OwnPicture about) {
        mayChange(id, account);
        mayBeFor(about, account);
        own.change(id, about);
        return shown(found(id, account), account);
    }

    /** Takes its ground away, turns, cuts or brightens it. Boards that have it keep what they have. */
    @ForSignedIn("one that is this person’s to change")
    @PostMapping("/{id}/retouch")
    @Bounded("PIXELS")
    OwnPictureView retouch(@AuthenticationPrincipal Account account, @PathVariable long id, @RequestBody Photo.Retouch how) throws Refused {
        OwnPictures.Kept kept = mayChange(id, account);
        Media.Item item = media.any(MediaId.hash(kept.picture())).orElseThrow(() -> Problem.notFound("picture"));
        Photo.Taken from = new Photo.Taken(item.contentType(), item.bytes());
        Photo.Taken drawn = turns.<Photo.Taken, Refused>take(account.id(), () -> Photo.retouch(from, how, kept.about().words().get(0)));
        own.redraw(id, ContentHash.hex(drawn.bytes()), drawn.type(), drawn.bytes());
        return shown(found(id, account), account);
    }

    /** Takes it out of the collection. Boards that have it keep it. */
    @ForSignedIn("one that is this person’s to change")
    @DeleteMapping("/{id}")
    void delete(@AuthenticationPrincipal Account account, @PathVariable long id) {
        mayChange(id, account);
        own.delete(id);
    }

    /** The picture itself, for those who may use it. */
    @ForSignedIn("one given to this person")
    @GetMapping("/images/{hash}")
    ResponseEntity<byte[]> image(@AuthenticationPrincipal Account account, @PathVariable String hash, @RequestParam(defaultValue = "") String look) {
        boolean may = own.usable(account, null).stream().anyMatch(k -> k.picture().equals(MediaId.ofContent(hash)));
        return MediaAnswer.of(Optional.of(hash).filter(h -> may).flatMap(h -> media.any(h, Appearance.of(look).orElse(Appearance.USUAL)))
            .orElseThrow(() -> Problem.notFound("picture")));
    }

    private OwnPictures.Kept found(long id, Account account) {
        return own.find(id, account).orElseThrow(() -> Problem.notFound("picture"));
    }

    private OwnPictureView shown(OwnPictures.Kept kept, Account account) {
        return OwnPictureView.of(kept, own.boardsWith(), account);
    }

    private OwnPictures.Kept mayChange(long id, Account account) {
        OwnPictures.Kept kept = found(id, account);
        if (!OwnPictureView.mayChange(kept, account)) {
            throw new Problem(HttpStatus.FORBIDDEN, "not-your-picture", "owner", kept.ownerName());
        }
        return kept;
    }

    private void mayBeFor(OwnPicture about, Account account) {
        if (about.student() != null) {
            if (!rights.may(account, Act.CHANGE, Thing.student(about.student()))) {
                throw new Unacceptable("picture-not-your-student");
            }
        }
    }
}
