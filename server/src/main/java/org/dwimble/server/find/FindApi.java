package org.dwimble.server.find;

import java.util.List;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Names;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.grant.Act;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.reveal.WhyKept;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where words stand. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class FindApi {
    private static final int PLACES_LISTED = 200;
    private static final int DIFFERING_LISTED = 50;

    /**
     * @param taps from home to say it; 0 if no taps lead there;
     * @param exact true if its label is just what was sought;
     * @param kept what keeps it back, in words; none if the student sees it
     */
    record PlaceView(String board, String name, Cell cell, String label, List<Layer> layers, String says, int taps, boolean exact, @Nullable String kept) {
    }

    record DiffersView(String word, List<List<Layer>> pictures, List<Kind> kinds, List<String> spoken) {
    }

    private final VocabularyStore store;
    private final WhyKept why;

    FindApi(VocabularyStore store, WhyKept why) {
        this.store = store;
        this.why = why;
    }

    /** Every button that shows or says a text, the nearest first. */
    @For(Act.LOOK)
    @GetMapping("/places")
    List<PlaceView> places(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String text) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        String sought = Names.folded(text.strip());
        return WordPlaces.of(kept.vocabulary(), kept.overview().routes(), text, PLACES_LISTED).stream()
            .map(p -> new PlaceView(p.board(), p.name(), p.cell(), p.button().label(), p.button().layers(), p.button().spoken(), p.taps(),
                Names.folded(p.button().label()).equals(sought), why.of(kept.vocabulary(), kept.overview().revealed(), p.button()).orElse(null)))
            .toList();
    }

    /** Words that are not the same everywhere. */
    @For(Act.LOOK)
    @GetMapping("/differing-words")
    List<DiffersView> differing(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        return WordPlaces.differing(kept(account, vocabulary).vocabulary()).stream().limit(DIFFERING_LISTED)
            .map(d -> new DiffersView(d.word(), d.pictures(), d.kinds(), d.spoken())).toList();
    }

    private VocabularyStore.Kept kept(Account account, long vocabulary) {
        return store.there(vocabulary);
    }
}
