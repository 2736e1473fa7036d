package org.dwimble.core.edit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Place;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.place.Consequence;
import org.dwimble.core.route.Routes;
import org.jspecify.annotations.Nullable;

/**
 * Words whose place a student has learned. A word counts if it stands where it stood when today began: what is put and moved
 * about while boards are built disturbs nobody. Of a student whose places are kept every shown word counts, unless it comes back
 * to where it stood.
 *
 * @param stood where every button stood when today began, by its id; empty for a vocabulary that is new today
 * @param kept  true if the student's places are kept
 */
public record LearnedPlaces(Map<String, Place> stood, boolean kept) {
    /** What is asked before a change is made. @param instead what would take no word from its place; null if nothing is known */
    public record Asked(Consequence consequence, @Nullable Instead instead) {
    }

    /**
     * What is to be asked before a change is made; empty if it takes no learned word from its place.
     *
     * @param intention that makes it, to find something that takes none; null if nothing can be offered
     */
    public Optional<Asked> before(Change change, @Nullable Intention intention) {
        if (stood.isEmpty() && !kept || change.deltas().stream().noneMatch(LearnedPlaces::touchesPlaces)) {
            return Optional.empty();
        }
        Vocabulary now = change.before();
        Routes routes = Routes.of(now);
        Predicate<String> learned = id -> kept || stands(now, id);
        Consequence consequence = taken(Consequence.of(now, routes, change.after(), learned));
        if (consequence.isNone()) {
            return Optional.empty();
        }
        Instead instead = intention == null ? null
            : Instead.of(intention, now, learned, after -> Consequence.of(now, routes, after, learned).isNone()).orElse(null);
        return Optional.of(new Asked(consequence, instead));
    }

    private static boolean touchesPlaces(Delta delta) {
        return delta instanceof Delta.ButtonMoved || delta instanceof Delta.ButtonWent || delta instanceof Delta.BoardWent
            || delta instanceof Delta.ButtonAltered<?> altered && altered.facet() == Facet.LEADS && altered.before() instanceof Leads.Opens
            || delta instanceof Delta.WholeAltered<?> whole && whole.facet() == WholeFacet.HOME;
    }

    private boolean stands(Vocabulary now, String id) {
        Place place = stood.get(id);
        return place != null && now.board(place.board()).flatMap(b -> b.button(id)).filter(b -> b.standing().equals(place.standing())).isPresent();
    }

    /** Where places are kept, without those that come back to where they stood. */
    private Consequence taken(Consequence consequence) {
        return !kept ? consequence : new Consequence(List.copyOf(consequence.words().stream()
            .filter(w -> w.is() == null || !new Place(w.is().board(), w.is().standing()).equals(stood.get(w.after()))).toList()));
    }
}
