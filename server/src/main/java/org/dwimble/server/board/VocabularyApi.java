package org.dwimble.server.board;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Differences;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.mend.Finding;
import org.dwimble.core.student.Student;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.picture.CreditView;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reading a vocabulary: as a whole, its boards, what is worth a look, its versions. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class VocabularyApi {
    private static final int VERSIONS_LISTED = 100;
    private static final int FINDINGS_LISTED = 50;

    record MendView(String words, Intention intention) {
    }

    record FindingView(Finding.What what, String sentence, String board, @Nullable Cell cell, List<MendView> mends) {
    }

    /** @param total how many there are; @param findings the first of them, those of the board asked for before others */
    record Findings(int total, List<FindingView> findings) {
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Rights rights;
    private final Pictures pictures;
    private final Wording wording;

    VocabularyApi(VocabularyStore store, StudentStore students, Rights rights, Pictures pictures, Wording wording) {
        this.store = store;
        this.students = students;
        this.rights = rights;
        this.pictures = pictures;
        this.wording = wording;
    }

    @For(Act.SEE)
    @GetMapping
    VocabularyView vocabulary(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        Set<Act> may = rights.acts(account, Thing.vocabulary(vocabulary));
        VocabularyStore.Kept kept = store.there(vocabulary);
        Student student = kept.student() == null ? null : students.find(kept.student()).orElse(null);
        return VocabularyView.of(kept, student == null || may.contains(Act.LOOK) ? student : student.forTalking(), may);
    }

    /** Every board with its buttons: what the talk view needs to go on when the network does not. */
    @For(Act.SEE)
    @GetMapping("/boards")
    List<BoardView> boards(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        return store.there(vocabulary).vocabulary().boards().values().stream().map(BoardView::of).toList();
    }

    /**
     * One board.
     *
     * @param revision that is wanted; if it is the one in force, the answer holds for ever
     */
    @For(Act.SEE)
    @GetMapping("/boards/{board}")
    ResponseEntity<BoardView> board(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board,
        @RequestParam(required = false) @Nullable Long revision) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        Board found = kept.vocabulary().board(board).orElseThrow(() -> Problem.notFound("board"));
        boolean lasting = revision != null && revision == kept.revisionOf(board);
        return ResponseEntity.ok().cacheControl(lasting ? CacheControl.maxAge(Duration.ofDays(1)).cachePrivate().immutable() : CacheControl.noStore())
            .body(BoardView.of(found));
    }

    /** @param board whose findings come first */
    @For(Act.LOOK)
    @GetMapping("/findings")
    Findings findings(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(defaultValue = "") String board) {
        List<Finding> all = store.there(vocabulary).overview().findings();
        return new Findings(all.size(), all.stream().sorted(Comparator.comparing(f -> !f.board().equals(board))).limit(FINDINGS_LISTED)
            .map(this::view).toList());
    }

    private FindingView view(Finding finding) {
        return new FindingView(finding.what(), wording.of(finding.told()), finding.board(), finding.cell(),
            finding.mends().stream().map(m -> new MendView(wording.of(m.told()), m.intention())).toList());
    }

    /** Whose the pictures are, of all boards or of one. */
    @For(Act.LOOK)
    @GetMapping("/credits")
    List<CreditView> credits(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable String board) {
        Vocabulary all = store.there(vocabulary).vocabulary();
        return CreditView.of(pictures.credits(board == null ? all.boards().values() : List.of(all.board(board).orElseThrow(() -> Problem.notFound("board")))),
            wording);
    }

    @For(Act.LOOK)
    @GetMapping("/versions")
    List<VersionView> versions(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        return store.versions(vocabulary, VERSIONS_LISTED).stream().map(v -> VersionView.of(v, wording)).toList();
    }

    /**
     * A board as a version held it, and as it is now.
     *
     * @param then      none if that version had no such board
     * @param now       none if it is no longer there
     * @param differing ids of the buttons that came, went, moved or changed since
     * @param boards    ids of all boards on which something differs
     */
    record BesideView(@Nullable BoardView then, @Nullable BoardView now, List<String> differing, List<String> boards) {
    }

    /** How far one side has moved since the copy was made. */
    record Moved(int boards, int buttons) {
        static Moved between(Vocabulary then, Vocabulary now) {
            Map<String, Set<String>> differs = Differences.between(then, now);
            return new Moved(differs.size(), (int) differs.values().stream().flatMap(Set::stream).distinct().count());
        }
    }

    /**
     * What a copy is of.
     *
     * @param vocabulary what it is of, if it may be looked at and is there; else none
     * @param there      how far that has moved since; none if it may not be looked at
     */
    record OriginView(String name, int version, @Nullable String note, @Nullable Long vocabulary, Moved here, @Nullable Moved there) {
    }

    /** None if it is no copy. */
    @For(Act.LOOK)
    @GetMapping("/origin")
    List<OriginView> origin(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        return store.origin(vocabulary).map(origin -> {
            Moved here = Moved.between(store.version(vocabulary, 1).orElseThrow(), store.there(vocabulary).vocabulary());
            boolean open = rights.may(account, Act.LOOK, Thing.vocabulary(origin.vocabulary()));
            Moved there = open
                ? Moved.between(store.version(origin.vocabulary(), origin.version()).orElseThrow(), store.there(origin.vocabulary()).vocabulary())
                : null;
            return new OriginView(origin.name(), origin.version(), origin.note(), open ? origin.vocabulary() : null, here, there);
        }).stream().toList();
    }

    record VersionName(@Nullable String name) {
    }

    @For(Act.LOOK)
    @GetMapping("/versions/{number}/boards/{board}")
    BesideView beside(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable int number, @PathVariable String board) {
        Vocabulary then = store.version(vocabulary, number).orElseThrow(() -> Problem.notFound("version"));
        Vocabulary now = store.there(vocabulary).vocabulary();
        Map<String, Set<String>> differs = Differences.between(then, now);
        return new BesideView(then.board(board).map(BoardView::of).orElse(null), now.board(board).map(BoardView::of).orElse(null),
            List.copyOf(differs.getOrDefault(board, Set.of())), List.copyOf(differs.keySet()));
    }

    /** Gives a version a name, so that it is found again; an empty one takes it away. */
    @For(Act.CHANGE)
    @PutMapping("/versions/{number}/name")
    void nameVersion(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable int number, @RequestBody VersionName name) {
        store.version(vocabulary, number).orElseThrow(() -> Problem.notFound("version"));
        store.nameVersion(vocabulary, number, name.name());
    }

    @For(Act.LOOK)
    @GetMapping("/steps")
    StepsView steps(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        return StepsView.of(store.steps(vocabulary, account.id()), wording);
    }
}
