package org.dwimble.server.passage;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.find.WordPlaces.Place;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.passage.Passage;
import org.dwimble.core.passage.Sayable;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.words.Forms;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.library.Library;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.reveal.WhyKept;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What of texts can be said. */
@RestController
class PassageApi {
    private static final int MOST_TEXTS = 12;
    private static final Forms FORMS = Forms.english();

    /** @param texts 1 to 12, together at most {@link Passage#LONGEST} characters */
    record Texts(List<String> texts) {
        Texts {
            Unacceptable.ifMissing(texts);
            if (texts.isEmpty() || texts.size() > MOST_TEXTS) {
                throw new Unacceptable("passages", "most", MOST_TEXTS, "has", texts.size());
            }
        }
    }

    /**
     * @param words     of one text or all, without names and numbers
     * @param said      of them now
     * @param percent   that, in hundredths of them
     * @param different different ones
     * @param saidOf    of those now
     */
    record ShareView(int words, int said, int percent, int different, int saidOf) {
        static ShareView of(Sayable.Found found) {
            return new ShareView(found.words(), found.said(), found.percent(), found.different(), found.saidOf());
        }
    }

    record SaidAt(String board, String name, Cell cell, BoardView.ButtonView button) {
        static SaidAt of(Place place) {
            return new SaidAt(place.board(), place.name(), place.cell(), BoardView.ButtonView.of(place.button()));
        }
    }

    /**
     * A word of the texts.
     *
     * @param written how it is written there
     * @param taps    from home to say it; 0 if no taps lead there or it is missing
     * @param why     it cannot be said now, in words; null if it can, or is missing
     */
    record PassageLine(String word, List<String> written, int times, Sayable.Sort sort, Sayable.Can can, int taps, List<SaidAt> places,
        @Nullable String why) {
    }

    /** @param each one share for each text @param lines those written most often first */
    record PassageView(ShareView all, List<ShareView> each, List<PassageLine> lines) {
    }

    private final VocabularyStore store;
    private final Library library;
    private final WhyKept why;
    private final Rights rights;
    private final Wording wording;

    PassageApi(VocabularyStore store, Library library, WhyKept why, Rights rights, Wording wording) {
        this.store = store;
        this.library = library;
        this.why = why;
        this.rights = rights;
        this.wording = wording;
    }

    @For(Act.LOOK)
    @PostMapping("/api/vocabularies/{vocabulary}/passage")
    @Bounded("REQUEST_BYTES")
    PassageView passage(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Texts texts) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        Sayable sayable = new Sayable(kept.vocabulary(), kept.overview().revealed(), FORMS, library.kinds()::ordinary);
        Sayable.Found all = sayable.of(Passage.read(String.join("\n\n", texts.texts), sayable.locale()));
        List<ShareView> each = texts.texts.size() == 1 ? List.of(ShareView.of(all))
            : texts.texts.stream().map(t -> t.isBlank() ? new ShareView(0, 0, 100, 0, 0) : ShareView.of(sayable.of(Passage.read(t, sayable.locale()))))
                .toList();
        boolean knows = rights.may(account, Act.KNOW, Thing.vocabulary(vocabulary));
        return new PassageView(ShareView.of(all), each, all.lines().stream().map(l -> new PassageLine(l.word(), l.written(), l.times(), l.sort(), l.can(),
            l.taps(), l.places().stream().map(SaidAt::of).toList(), why(kept, l, knows))).toList());
    }

    /** A fact about the student is told to those alone who may know it. */
    private @Nullable String why(VocabularyStore.Kept kept, Sayable.Line line, boolean knows) {
        if (line.can() == Sayable.Can.NO_WAY) {
            return wording.of(Told.of("no-way-there"));
        }
        String told = line.places().stream().map(Place::button).flatMap(b -> why.of(kept.vocabulary(), kept.overview().revealed(), b).stream()
            .map(said -> reason(b, knows).map(r -> said + ": " + r).orElse(said))).distinct().collect(Collectors.joining("; "));
        return told.isEmpty() ? null : told;
    }

    private static Optional<String> reason(Button button, boolean knows) {
        Hold hold = button.shown().hold();
        return hold == null || hold.reason().isEmpty() || hold.fact() && !knows ? Optional.empty() : Optional.of(hold.reason());
    }
}
