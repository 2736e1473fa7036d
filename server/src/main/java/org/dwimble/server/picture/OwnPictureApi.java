package org.dwimble.server.picture;

import java.io.IOException;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.Text;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.core.obf.Media;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.server.account.Account;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.Access;
import org.jspecify.annotations.Nullable;
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
public class OwnPictureApi {
    /**
     * @param boards on how many boards in force it stands
     * @param mine   true if this account may change and delete it
     */
    public record Shown(long id, String picture, OwnPicture about, String takenInBy, String madeAt, int boards, boolean mine) {
    }

    /** @param before true if this very file was taken in before: then there is still one picture, with the words of both */
    public record TakenIn(Shown picture, boolean before) {
    }

    private final OwnPictures own;
    private final MediaStore media;
    private final Access access;
    private final Clock clock;

    OwnPictureApi(OwnPictures own, MediaStore media, Access access, Clock clock) {
        this.own = own;
        this.media = media;
        this.access = access;
        this.clock = clock;
    }

    /** Those this account may use, newest first. */
    @GetMapping
    List<Shown> ownPictures(@AuthenticationPrincipal Account account) {
        Map<String, Integer> boards = own.boardsWith();
        return own.usable(account, null).stream().map(k -> shown(k, boards, account)).toList();
    }

    /**
     * Takes one file in.
     *
     * @param words none to take the file's name
     */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    TakenIn takeIn(@AuthenticationPrincipal Account account, @RequestParam MultipartFile file, @RequestParam(required = false) @Nullable List<String> words,
                   @RequestParam(required = false) @Nullable List<String> categories, @RequestParam(defaultValue = "MINE") OwnPicture.Audience audience,
                   @RequestParam(required = false) @Nullable String student, @RequestParam(defaultValue = "true") boolean person,
                   @RequestParam(defaultValue = "OWN_PHOTO") OwnPicture.Origin origin, @RequestParam(defaultValue = "") String author,
                   @RequestParam(defaultValue = "") String licence, @RequestParam(defaultValue = "") String source) throws IOException, Refused {
        List<String> given = words == null || words.isEmpty() ? List.of(OwnPicture.wordOf(file.getOriginalFilename())) : words;
        OwnPicture about = new OwnPicture(given, categories == null ? List.of() : categories, audience, student == null || student.isBlank() ? null : student, person, origin, author, licence, source);
        mayBeFor(about, account);
        String name = Text.cut(Text.tidy(file.getOriginalFilename()), 60);
        byte[] bytes = file.getBytes();
        return keep(bytes, about, name.isEmpty() ? "The picture" : name, account);
    }

    /** A picture as it is shown, after its bytes were checked. */
    public record Checked(String type, byte[] bytes) {
    }

    /** @throws Refused if the bytes are no picture */
    public Checked checked(byte[] bytes, String name) throws Refused {
        Photo.Taken taken = Photo.take(bytes, name);
        return new Checked(taken.type(), taken.bytes());
    }

    /** Keeps bytes that came in, whatever way; what came before is one with what was known of it. */
    public TakenIn keep(byte[] bytes, OwnPicture about, String name, Account account) throws Refused {
        String hash = ContentHash.hex(bytes);
        Optional<Long> known = own.takenInAgain(about, hash, account);
        if (known.isPresent()) {
            return new TakenIn(shown(found(known.get(), account), account), true);
        }
        Photo.Taken taken = Photo.take(bytes, name);
        Optional<Long> kept = own.keep(about, hash, ContentHash.hex(taken.bytes()), taken.type(), taken.bytes(), account, clock.instant());
        return kept.isEmpty() ? keep(bytes, about, name, account) : new TakenIn(shown(found(kept.get(), account), account), false);
    }

    @PutMapping("/{id}")
    Shown change(@AuthenticationPrincipal Account account, @PathVariable long id, @RequestBody OwnPicture about) {
        mayChange(id, account);
        mayBeFor(about, account);
        own.change(id, about);
        return shown(found(id, account), account);
    }

    /** Turns, cuts or brightens it. Boards that have it keep what they have. */
    @PostMapping("/{id}/retouch")
    Shown retouch(@AuthenticationPrincipal Account account, @PathVariable long id, @RequestBody Photo.Retouch how) throws Refused {
        mayChange(id, account);
        Media.Item item = media.any(found(id, account).picture().substring("own/".length())).orElseThrow(() -> Problem.notFound("picture"));
        Photo.Taken drawn = Photo.retouch(new Photo.Taken(item.contentType(), item.bytes()), how);
        own.redraw(id, ContentHash.hex(drawn.bytes()), drawn.type(), drawn.bytes());
        return shown(found(id, account), account);
    }

    /** Takes it out of the collection. Boards that have it keep it. */
    @DeleteMapping("/{id}")
    void delete(@AuthenticationPrincipal Account account, @PathVariable long id) {
        mayChange(id, account);
        own.delete(id);
    }

    /** The picture itself, for those who may use it. */
    @GetMapping("/images/{hash}")
    ResponseEntity<byte[]> image(@AuthenticationPrincipal Account account, @PathVariable String hash) {
        boolean may = own.usable(account, null).stream().anyMatch(k -> k.picture().equals("own/" + hash));
        return PictureApi.shown(Optional.of(hash).filter(h -> may).flatMap(media::any).orElseThrow(() -> Problem.notFound("picture")));
    }

    private OwnPictures.Kept found(long id, Account account) {
        return own.find(id, account).orElseThrow(() -> Problem.notFound("picture"));
    }

    private Shown shown(OwnPictures.Kept kept, Account account) {
        return shown(kept, own.boardsWith(), account);
    }

    private static Shown shown(OwnPictures.Kept kept, Map<String, Integer> boards, Account account) {
        return new Shown(kept.id(), kept.picture(), kept.about(), kept.ownerName(), kept.madeAt(), boards.getOrDefault(kept.picture().substring("own/".length()), 0), mine(kept, account));
    }

    private static boolean mine(OwnPictures.Kept kept, Account account) {
        return kept.owner() == account.id() || account.admin();
    }

    private void mayChange(long id, Account account) {
        OwnPictures.Kept kept = found(id, account);
        if (!mine(kept, account)) {
            throw new Problem(HttpStatus.FORBIDDEN, "Only " + kept.ownerName() + ", who took this picture in, can change it. Nothing was changed.");
        }
    }

    private void mayBeFor(OwnPicture about, Account account) {
        if (about.student() != null) {
            try {
                access.toChangeStudent(about.student(), account);
            } catch (Problem e) {
                throw new Unacceptable("You do not work with that student, so a picture cannot be kept for them. Choose somebody else.");
            }
        }
    }
}
