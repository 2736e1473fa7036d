package org.dwimble.server.place;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.whole.PutBack;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.place.Fate;
import org.dwimble.core.place.Spot;
import org.dwimble.core.route.Routes;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.SpotView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.edit.Learned;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.library.Library;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What became of every word's place, and putting words back. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class PlacesApi {
    private static final int WORDS_LISTED = 2_000;

    /**
     * @param button  its id now, or what it was
     * @param text    what it shows
     * @param byText  true if it is known as the same by what it says alone
     * @param inPlace of one that is gone, what stands there now
     */
    record WordView(String button, String text, boolean says, Fate fate, @Nullable SpotView was, @Nullable SpotView is, boolean byText,
        @Nullable String inPlace,
        @Nullable String picture) {
    }

    /**
     * @param kept    how many words kept their place, of those there were
     * @param saidKept the same as a share of what is said, words weighed by how often they are; 0 to 1
     * @param words   those that are other than kept, the first {@value #WORDS_LISTED}
     */
    record ComparisonView(Map<Fate, Integer> counts, int kept, int of, double saidKept, List<WordView> words) {
    }

    /** @param board none for all, @param button none for all of the board */
    record PutBackRequest(int base, int version, @Nullable String board, @Nullable String button) {
    }

    /** One side of a comparison. */
    private record Side(Vocabulary vocabulary, Routes routes) {
        SpotView view(Spot spot) {
            return SpotView.of(vocabulary, routes, spot.board(), spot.standing().cell());
        }
    }

    private final VocabularyStore store;
    private final Editing editing;
    private final Rights rights;
    private final Library library;

    PlacesApi(VocabularyStore store, Editing editing, Rights rights, Library library) {
        this.store = store;
        this.editing = editing;
        this.rights = rights;
        this.library = library;
    }

    /**
     * What became of every word.
     *
     * @param then    a version of this vocabulary, or of {@code of} if one is named; none for what that holds now
     * @param of      another vocabulary to compare with; none for this one
     * @param version of this vocabulary; none for what it holds now
     */
    @For(Act.LOOK)
    @GetMapping("/comparison")
    ComparisonView comparison(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable Integer then,
        @RequestParam(required = false) @Nullable Long of, @RequestParam(required = false) @Nullable Integer version) {
        if (of != null) {
            rights.must(account, Act.LOOK, Thing.vocabulary(of));
        }
        Side before = side(of == null ? vocabulary : of, then);
        Side after = side(vocabulary, version);
        Comparison comparison = Comparison.of(before.vocabulary, before.routes, after.vocabulary, after.routes);
        Comparison.Share share = comparison.kept();
        return new ComparisonView(comparison.counts(), (int) share.kept(), (int) share.of(), comparison.kept(library.frequency()::weight).part(),
            comparison.changes().stream().limit(WORDS_LISTED).map(w -> view(w, before, after)).toList());
    }

    private Side side(long vocabulary, @Nullable Integer version) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        if (version == null || version == kept.version()) {
            return new Side(kept.vocabulary(), kept.overview().routes());
        }
        Vocabulary then = store.version(vocabulary, version).orElseThrow(() -> Problem.notFound("version"));
        return new Side(then, Routes.of(then));
    }

    private static WordView view(Comparison.Word word, Side before, Side after) {
        String button = Objects.requireNonNull(word.after() == null ? word.before() : word.after());
        Spot spot = Objects.requireNonNull(word.is() == null ? word.was() : word.is());
        String picture = (word.is() == null ? before : after).vocabulary.at(spot.board()).button(button).orElseThrow().picture();
        return new WordView(button, word.text(), word.says(), word.fate(), word.was() == null ? null : before.view(word.was()),
            word.is() == null ? null : after.view(word.is()), word.byText(), word.inPlace(), picture);
    }

    /** Puts words that moved since a version back to where they were. */
    @For(Act.CHANGE)
    @PostMapping("/putting-back")
    Editing.Changed putBack(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody PutBackRequest request) {
        Vocabulary then = store.version(vocabulary, request.version()).orElseThrow(() -> Problem.notFound("version"));
        return editing.edit(account, vocabulary, request.base(), new PutBack(then, request.board(), request.button()), List.of(), null, Learned.Answer.BACK);
    }
}
