package org.dwimble.server.caseload;

import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.grant.Act;
import org.dwimble.core.place.Belongs;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.student.Student;
import org.dwimble.core.text.Text;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.SpotView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.library.Library;
import org.dwimble.server.reveal.WhyKept;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where one word is for each student of a caseload. */
@RestController
@RequestMapping("/api")
class WhereApi {
    private static final int LONGEST = 100;
    private static final int PLACES = 3;
    private static final int LOOKED_AT = 20;

    /** @param why what keeps it back, in words; none if it is shown */
    record FoundAt(SpotView spot, String label, @Nullable String picture, @Nullable String why) {
    }

    /**
     * @param found    nearest first; none if it is not there
     * @param proposed where it could go, if it is not there and there is room
     */
    record WhereView(String student, String name, long vocabulary, String art, List<FoundAt> found, @Nullable SpotView proposed) {
    }

    private final StudentStore students;
    private final VocabularyStore store;
    private final Library library;
    private final WhyKept why;

    WhereApi(StudentStore students, VocabularyStore store, Library library, WhyKept why) {
        this.students = students;
        this.store = store;
        this.library = library;
        this.why = why;
    }

    @ForSignedIn("each of the students this person may look into")
    @GetMapping("/where")
    List<WhereView> where(@AuthenticationPrincipal Account account, @RequestParam String word) {
        String sought = Text.cut(Text.tidy(word), LONGEST);
        return students.caseload(account.id()).stream().filter(row -> row.role().may(Act.LOOK) && row.vocabulary() != null && !sought.isEmpty())
            .flatMap(row -> store.find(row.vocabulary().id()).map(kept -> where(row.student(), kept, sought)).stream()).toList();
    }

    /** Where a word that is not there yet belongs in one vocabulary; none if no board has room. */
    @For(Act.LOOK)
    @GetMapping("/vocabularies/{vocabulary}/place-for-word")
    List<SpotView> placeForWord(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String word) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        return belongs(kept.vocabulary(), kept.overview().routes(), Text.cut(Text.tidy(word), LONGEST)).stream().toList();
    }

    private Optional<SpotView> belongs(Vocabulary now, Routes routes, String word) {
        return Belongs.of(now, routes, WayHome.of(now), library.categories().of(word), library.categories()::of)
            .map(spot -> SpotView.of(now, routes, spot.board(), spot.standing().cell()));
    }

    private WhereView where(Student student, VocabularyStore.Kept kept, String sought) {
        Vocabulary now = kept.vocabulary();
        Routes routes = Routes.of(now);
        Revealed revealed = Revealed.of(now);
        String folded = Names.folded(sought);
        List<FoundAt> found = WordPlaces.of(now, routes, sought, LOOKED_AT).stream()
            .filter(p -> Names.folded(p.button().label()).equals(folded) || Names.folded(p.button().spoken()).equals(folded)).limit(PLACES)
            .map(p -> new FoundAt(SpotView.of(now, routes, p.board(), p.cell()), p.button().label(), p.button().picture(), why.of(now, revealed,
                p.button()).orElse(null)))
            .toList();
        SpotView proposed = found.isEmpty() ? belongs(now, routes, sought).orElse(null) : null;
        return new WhereView(student.id(), student.name(), kept.id(), student.appearance().slug(), found, proposed);
    }
}
