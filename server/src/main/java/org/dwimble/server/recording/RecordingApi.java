package org.dwimble.server.recording;

import java.io.IOException;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.grant.Act;
import org.dwimble.core.obf.Media;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.recording.Recording;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.collection.OwnSounds;
import org.dwimble.server.grant.For;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaAnswer;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.JsonNode;

/** Recordings for the buttons of a vocabulary: taken in, listed, heard. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class RecordingApi {
    /**
     * A recording as it is kept.
     *
     * @param seconds    it lasts
     * @param cutBefore  seconds of silence cut before it
     * @param cutAfter   seconds of silence cut after it
     * @param loudBefore LUFS as it came; it is kept as loud as all others
     */
    record Recorded(String id, double seconds, double cutBefore, double cutAfter, double loudBefore) {
    }

    /**
     * A sound that can be put on a button.
     *
     * @param by whose voice it is, in words; null if that is not known
     */
    record SoundView(String id, String name, @Nullable String by, Shows shows) {
    }

    private final VocabularyStore store;
    private final OwnSounds sounds;
    private final Recordings recordings;
    private final MediaStore media;
    private final Turns turns;

    RecordingApi(VocabularyStore store, OwnSounds sounds, Recordings recordings, MediaStore media, Turns turns) {
        this.store = store;
        this.sounds = sounds;
        this.recordings = recordings;
        this.media = media;
        this.turns = turns;
    }

    /**
     * Takes a recording in: its silence is cut, its loudness evened, and nothing else of the file kept. No button has it yet.
     *
     * @param file a WAV; other files are made one of by the browser, which plays them
     * @param word it says
     * @param by   whose voice it is, in words
     */
    @For(Act.CHANGE)
    @PostMapping(value = "/recordings", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Bounded("SOUND_BYTES")
    Recorded record(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam MultipartFile file,
        @RequestParam(defaultValue = "") String word, @RequestParam(defaultValue = "OTHERS") Shows shows, @RequestParam(defaultValue = "") String by)
        throws IOException {
        byte[] bytes = file.getBytes();
        String student = store.there(vocabulary).student();
        Recordings.Made made = turns.<Recordings.Made, RuntimeException>take(account.id(), () -> recordings.ready(bytes));
        Recordings.Kept kept = recordings.keep(made, word, student, shows, by, account);
        Recording recording = kept.recording();
        return new Recorded(kept.id(), recording.sound().seconds(), recording.cutBefore(), recording.cutAfter(), recording.loudBefore());
    }

    /** The sounds that can be put on buttons here: those that stand on them already, and what this account may use besides. By name. */
    @For(Act.CHANGE)
    @GetMapping("/sounds")
    List<SoundView> sounds(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        Map<String, SoundView> all = new LinkedHashMap<>();
        sounds.usable(account, kept.student())
            .forEach(s -> all.putIfAbsent(s.id(), new SoundView(s.id(), s.name(), s.by().isEmpty() ? null : s.by(), s.shows())));
        kept.vocabulary().boards().values().forEach(board -> board.buttons().stream().filter(b -> b.sound() != null && MediaId.isOwn(b.sound()))
            .forEach(b -> all.computeIfAbsent(b.sound(), id -> new SoundView(id, named(b, board.facts().sounds().get(id)), null, Shows.NOT_SAID))));
        return all.values().stream().sorted(Comparator.comparing(SoundView::name, String.CASE_INSENSITIVE_ORDER)).toList();
    }

    private static String named(Button button, @Nullable JsonNode fact) {
        String name = fact == null ? "" : fact.path("name").asString("");
        return !name.isEmpty() ? name : button.called();
    }

    /** A sound of one of its buttons. */
    @For(Act.SEE)
    @GetMapping("/sounds/{hash}")
    ResponseEntity<byte[]> sound(@PathVariable long vocabulary, @PathVariable String hash) {
        Media.Item item = media.ofVocabulary(vocabulary, hash, Appearance.USUAL).filter(i -> i.contentType().startsWith("audio/"))
            .orElseThrow(() -> Problem.notFound("sound"));
        return MediaAnswer.of(item);
    }
}
