package org.dwimble.server.pack;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.grant.Act;
import org.dwimble.core.pack.TalkPack;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.student.Student;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.wordlist.ListStore;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a device is to keep of a vocabulary. The parts themselves are asked for where they always are, one by one, by who may see them there. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class TalkPackApi {
    /**
     * What to keep.
     *
     * @param mark    stands for all that is in it, the student’s settings among it: the same mark is the same pack
     * @param version of the vocabulary
     */
    record PackView(String mark, int version, List<String> pictures, List<String> sounds, List<TalkPack.Aloud> spoken, List<Long> lists) {
    }

    /** A device’s home screen, as the Web Application Manifest of the W3C has it. */
    record HomeScreen(String id, String name, @JsonProperty("short_name") String shortName, @JsonProperty("start_url") String start, String scope,
        String display, @JsonProperty("background_color") String background, @JsonProperty("theme_color") String theme, List<Icon> icons) {
    }

    record Icon(String src, String sizes, String type) {
    }

    private static final String INK = "#1e2a47";
    private final VocabularyStore store;
    private final StudentStore students;
    private final ListStore lists;
    private final Clock clock;
    /** Stands for this release of the application: what a page asks for may be another in the next. */
    private final String release;

    TalkPackApi(VocabularyStore store, StudentStore students, ListStore lists, Clock clock,
        @Value("classpath:/static/index.html") Resource page) throws IOException {
        this.store = store;
        this.students = students;
        this.lists = lists;
        this.clock = clock;
        this.release = page.exists() ? ContentHash.hex(page.getContentAsByteArray()) : "";
    }

    /** @param known the mark of the pack that is kept already; answered with nothing (204) if there is nothing new */
    @For(Act.TALK)
    @GetMapping("/talk-pack")
    ResponseEntity<PackView> pack(@AuthenticationPrincipal Account account, @PathVariable long vocabulary,
        @RequestParam(defaultValue = "") String known) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        Student student = student(kept).orElse(null);
        String mark = mark(kept, student);
        if (mark.equals(known)) {
            return ResponseEntity.noContent().cacheControl(CacheControl.noStore()).build();
        }
        TalkPack pack = TalkPack.of(kept.vocabulary(), student == null ? "" : student.name());
        return ResponseEntity.ok().cacheControl(CacheControl.noStore())
            .body(new PackView(mark, kept.version(), pack.pictures(), pack.sounds(), pack.spoken(), pack.lists()));
    }

    /** For putting this vocabulary’s talk on the home screen of a device: it opens there by itself. */
    @For(Act.TALK)
    @GetMapping("/talk.webmanifest")
    ResponseEntity<HomeScreen> homeScreen(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        String name = student(kept).map(Student::name).orElse(kept.vocabulary().whole().name());
        String talk = "/vocabularies/" + vocabulary + "/talk";
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("application/manifest+json")).cacheControl(CacheControl.noStore())
            .body(new HomeScreen(talk, name, name, talk, "/", "fullscreen", INK, INK,
                List.of(new Icon("/mark.svg", "any", "image/svg+xml"), new Icon("/mark-512.png", "512x512", "image/png"))));
    }

    private Optional<Student> student(VocabularyStore.Kept kept) {
        return Optional.ofNullable(kept.student()).flatMap(students::find);
    }

    /** Of the boards, which a version never changes; of what talk shows of the student and on the row; and of the day, as its words are told ahead. */
    private String mark(VocabularyStore.Kept kept, @Nullable Student student) {
        String of = student == null ? Appearance.USUAL.slug() : student.forTalking() + " " + lists.rowMark(student.id());
        String all = String.join(" ", release, String.valueOf(kept.version()), LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).toString(), of);
        return ContentHash.hex(all.getBytes(StandardCharsets.UTF_8));
    }
}
