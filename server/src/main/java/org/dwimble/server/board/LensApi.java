package org.dwimble.server.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Names;
import org.dwimble.core.edit.people.AddPeople;
import org.dwimble.core.edit.people.Folk;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.map.BoardMap;
import org.dwimble.core.reach.Reach;
import org.dwimble.core.route.Routes;
import org.dwimble.core.student.Student;
import org.dwimble.server.account.Account;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.Access;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is worked out about a vocabulary when somebody asks: where words stand, what they cost, where somebody would go. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class LensApi {
    private static final int PLACES_LISTED = 200;
    private static final int COSTLY_LISTED = 12;
    /** More boards than this are drawn with everything behind home's own boards folded. */
    private static final int MANY_BOARDS = 60;
    private static final int DIFFERING_LISTED = 50;

    /** @param taps from home to say it; 0 if no taps lead there; @param exact true if its label is just what was sought; @param kept what keeps it back, in words; none if the student sees it */
    record PlaceView(String board, String name, Cell cell, String label, List<Layer> layers, String says, int taps, boolean exact, @Nullable String kept) {
    }

    record DiffersView(String word, List<List<Layer>> pictures, List<Kind> kinds, List<String> spoken) {
    }

    record CostView(String button, Cell cell, int taps, double travelMm) {
    }

    record CostlyWord(String board, String name, Cell cell, String label, int taps, double travelMm) {
    }

    /** @param here what each button of the board costs; @param costliest of the whole vocabulary */
    record ReachView(List<CostView> here, List<CostlyWord> costliest) {
    }

    /** Where somebody would go. @param beside the general word there; none if it stands nowhere */
    record PersonPlace(String board, String name, Cell cell, @Nullable String beside) {
    }

    /** @param boardName of the board of their own; @param there true if there is one */
    record FolkView(Folk kind, List<String> words, String boardName, boolean there) {
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Access access;
    private final WhyKept why;

    LensApi(VocabularyStore store, StudentStore students, Access access, WhyKept why) {
        this.store = store;
        this.students = students;
        this.access = access;
        this.why = why;
    }

    /** Every button that shows or says a text, the nearest first. */
    @GetMapping("/places")
    List<PlaceView> places(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String text) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        String sought = Names.folded(text.strip());
        return WordPlaces.of(kept.vocabulary(), kept.overview().routes(), text, PLACES_LISTED).stream()
            .map(p -> new PlaceView(p.board(), p.name(), p.cell(), p.button().label(), p.button().layers(), p.button().spoken(), p.taps(),
                Names.folded(p.button().label()).equals(sought), why.of(kept.vocabulary(), kept.overview().revealed(), p.button()).orElse(null))).toList();
    }

    /** Words that are not the same everywhere. */
    @GetMapping("/differing-words")
    List<DiffersView> differing(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        return WordPlaces.differing(kept(account, vocabulary).vocabulary()).stream().limit(DIFFERING_LISTED)
            .map(d -> new DiffersView(d.word(), d.pictures(), d.kinds(), d.spoken())).toList();
    }

    /** What it costs to say the words of a board, and which words of the vocabulary cost most. */
    @GetMapping("/boards/{board}/reach")
    ReachView reach(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        Board on = kept.vocabulary().board(board).orElseThrow(() -> Problem.notFound("board"));
        Student student = Optional.ofNullable(kept.student()).flatMap(students::find).orElse(null);
        Reach reach = new Reach(kept.vocabulary(), kept.overview().routes(), VocabularyView.screen(student));
        Map<String, Reach.Cost> costs = reach.on(on);
        List<CostView> here = new ArrayList<>();
        on.buttons().stream().filter(b -> costs.containsKey(b.id()))
            .forEach(b -> here.add(new CostView(b.id(), b.cell(), costs.get(b.id()).taps(), costs.get(b.id()).travelMm())));
        return new ReachView(here, reach.costliest(COSTLY_LISTED).stream()
            .map(w -> new CostlyWord(w.board(), w.name(), w.button().cell(), w.button().label(), w.cost().taps(), w.cost().travelMm())).toList());
    }

    /** Where somebody would go for whom this is the general word; none if no board for people has room. */
    @GetMapping("/place-for-person")
    List<PersonPlace> placeForPerson(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(defaultValue = "") String general,
        @RequestParam(required = false) @Nullable Folk own) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        return AddPeople.place(kept.vocabulary(), kept.overview().routes(), kept.overview().wayHome(), general, own)
            .map(p -> new PersonPlace(p.board(), kept.vocabulary().boards().get(p.board()).name(), p.cell(), p.beside())).stream().toList();
    }

    /** The kinds of people around a student, and whether they have a board of their own here. */
    @GetMapping("/folk")
    List<FolkView> folk(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        return Stream.of(Folk.values())
            .map(f -> new FolkView(f, f.words(), f.board(), f.boardIn(kept.vocabulary(), kept.overview().routes()).isPresent())).toList();
    }

    /**
     * The map of all boards.
     *
     * @param folded boards whose further boards are not to be drawn; none at all to fold by itself what would be too many
     */
    @GetMapping("/map")
    BoardMap map(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable List<String> folded) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        Routes routes = kept.overview().routes();
        boolean many = kept.vocabulary().boards().size() > MANY_BOARDS;
        return BoardMap.of(kept.vocabulary(), routes, board -> folded != null ? folded.contains(board)
            : many && !board.equals(kept.vocabulary().home()));
    }

    private VocabularyStore.Kept kept(Account account, long vocabulary) {
        access.toVocabulary(vocabulary, account);
        return store.there(vocabulary);
    }
}
