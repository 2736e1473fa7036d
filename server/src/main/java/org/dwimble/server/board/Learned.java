package org.dwimble.server.board;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Place;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Delta;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.place.Consequence;
import org.dwimble.core.route.Routes;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Words whose place a student has learned, and changes that would take them from it. A word counts if it has stood where it
 * stands since before today: what is put and moved about while boards are built disturbs nobody. Of a student whose places are
 * kept every shown word counts, unless the change takes it back to where it stood before today; and the reason is asked for.
 */
@Component
class Learned {
    /**
     * @param sure   true if the person has been told what would move
     * @param reason why, where places are kept
     * @param back   true if words go back to where they were, which needs no reason
     */
    record Answer(boolean sure, @Nullable String reason, boolean back) {
        static final Answer NOT_ASKED = new Answer(false, null, false);
        static final Answer BACK = new Answer(true, null, true);

        static Answer of(@Nullable Boolean sure, @Nullable String reason) {
            return new Answer(Boolean.TRUE.equals(sure), reason, false);
        }
    }

    /** What would be done instead. @param words as on a button */
    record InsteadView(String words, Intention intention) {
    }

    private record Day(LocalDate day, Map<String, Place> places) {
    }

    private final VocabularyStore store;
    private final Wording wording;
    private final Clock clock;
    private final Cache<Long, Day> places = Caffeine.newBuilder().maximumSize(200).build();

    Learned(VocabularyStore store, Wording wording, Clock clock) {
        this.store = store;
        this.wording = wording;
        this.clock = clock;
    }

    /** Where every button stood when today began; empty for a vocabulary that is new today. */
    private Map<String, Place> before(long vocabulary) {
        LocalDate today = LocalDate.now(clock.withZone(ZoneId.systemDefault()));
        Day known = places.getIfPresent(vocabulary);
        if (known == null || !known.day.equals(today)) {
            Instant morning = today.atStartOfDay(ZoneId.systemDefault()).toInstant();
            Map<String, Place> stood = new HashMap<>();
            store.lastBefore(vocabulary, morning).flatMap(number -> store.version(vocabulary, number)).ifPresent(then -> then.boards().values()
                .forEach(board -> board.buttons().forEach(b -> stood.put(b.id(), new Place(board.id(), b.standing())))));
            known = new Day(today, stood);
            places.put(vocabulary, known);
        }
        return known.places;
    }

    /**
     * Asks before learned words are taken from their places: refuses the change with a sentence, unless the person is sure.
     *
     * @param intention that made it, to find something that takes none; null if nothing can be offered
     */
    VocabularyStore.Beside asking(long vocabulary, @Nullable Student student, @Nullable Intention intention, Answer answer) {
        boolean kept = student != null && student.placesKept();
        if (answer.back || answer.sure && (!kept || answer.reason != null && !answer.reason.isBlank())) {
            return VocabularyStore.Beside.NOTHING;
        }
        Map<String, Place> stood = before(vocabulary);
        if (stood.isEmpty() && !kept) {
            return VocabularyStore.Beside.NOTHING;
        }
        return (session, change) -> {
            Asks asks = asks(change, stood, kept, intention);
            if (asks != null) {
                Map<String, Object> more = new LinkedHashMap<>();
                more.put("needsReason", asks.needsReason);
                Optional.ofNullable(asks.instead).ifPresent(i -> more.put("instead", i));
                throw new Problem(HttpStatus.PRECONDITION_REQUIRED, asks.told, more);
            }
        };
    }

    /** What is asked before a change is made. @param instead what would take no word from its place; null if nothing is known */
    record Asks(Told told, boolean needsReason, @Nullable InsteadView instead) {
    }

    /** What would be asked; null if it takes no learned word from its place. */
    @Nullable Asks asks(long vocabulary, @Nullable Student student, Change change, Intention intention) {
        return asks(change, before(vocabulary), student != null && student.placesKept(), intention);
    }

    private @Nullable Asks asks(Change change, Map<String, Place> stood, boolean kept, @Nullable Intention intention) {
        if (change.deltas().stream().noneMatch(Learned::touchesPlaces)) {
            return null;
        }
        Vocabulary now = change.before();
        Routes routes = Routes.of(now);
        Predicate<String> learned = id -> kept || stands(now, stood.get(id), id);
        Consequence consequence = without(Consequence.of(now, routes, change.after(), learned), kept ? stood : Map.of());
        if (consequence.isNone()) {
            return null;
        }
        InsteadView instead = Optional.ofNullable(intention)
            .flatMap(i -> Instead.of(i, now, learned, after -> Consequence.of(now, routes, after, learned).isNone()))
            .map(i -> new InsteadView(wording.of(i.told()), i.intention())).orElse(null);
        return new Asks(consequence.told(), kept, instead);
    }

    private static boolean touchesPlaces(Delta delta) {
        return delta instanceof Delta.ButtonMoved || delta instanceof Delta.ButtonWent || delta instanceof Delta.BoardWent
            || delta instanceof Delta.ButtonAltered<?> altered && altered.facet() == Facet.LEADS && altered.before() instanceof Leads.Opens
            || delta instanceof Delta.WholeAltered<?> whole && whole.facet() == WholeFacet.HOME;
    }

    private static boolean stands(Vocabulary now, @Nullable Place stood, String id) {
        return stood != null && now.board(stood.board()).flatMap(b -> b.button(id)).filter(b -> b.standing().equals(stood.standing())).isPresent();
    }

    /** Without those that come back to where they stood. */
    private static Consequence without(Consequence consequence, Map<String, Place> stood) {
        List<Comparison.Word> words = consequence.words().stream()
            .filter(w -> w.is() == null || !new Place(w.is().board(), w.is().standing()).equals(stood.get(w.after()))).toList();
        return new Consequence(words);
    }
}
