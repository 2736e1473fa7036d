package org.dwimble.server.edit;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.board.Place;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.LearnedPlaces;
import org.dwimble.core.student.Student;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Knows where every button stood when today began, and asks before a change takes learned words from their places. */
@Component
public class Learned {
    /**
     * @param sure   true if the person has been told what would move
     * @param reason why, where places are kept
     * @param back   true if words go back to where they were, which needs no reason
     */
    public record Answer(boolean sure, @Nullable String reason, boolean back) {
        public static final Answer NOT_ASKED = new Answer(false, null, false);
        public static final Answer BACK = new Answer(true, null, true);

        public static Answer of(@Nullable Boolean sure, @Nullable String reason) {
            return new Answer(Boolean.TRUE.equals(sure), reason, false);
        }
    }

    /** What would be done instead. @param words as on a button */
    public record InsteadView(String words, Intention intention) {
    }

    private record Day(LocalDate day, Map<String, Place> places) {
    }

    private final VocabularyStore store;
    private final Wording wording;
    private final OwnDays days;
    private final Clock clock;
    private final Cache<Long, Day> places = Caffeine.newBuilder().maximumSize(200).build();

    Learned(VocabularyStore store, Wording wording, OwnDays days, Clock clock) {
        this.store = store;
        this.wording = wording;
        this.days = days;
        this.clock = clock;
    }

    /** Where every button stood when today began; empty for a vocabulary that is new today. */
    private Map<String, Place> before(long vocabulary, @Nullable Student student) {
        ZoneId zone = days.zoneOf(student == null ? null : student.id());
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        Day known = places.getIfPresent(vocabulary);
        if (known == null || !known.day.equals(today)) {
            Instant morning = today.atStartOfDay(zone).toInstant();
            Map<String, Place> stood = new HashMap<>();
            store.lastBefore(vocabulary, morning).flatMap(number -> store.version(vocabulary, number)).ifPresent(then -> then.boards().values()
                .forEach(board -> board.buttons().forEach(b -> stood.put(b.id(), new Place(board.id(), b.standing())))));
            known = new Day(today, stood);
            places.put(vocabulary, known);
        }
        return known.places;
    }

    /** What is asked of a person before a change of a vocabulary is made. */
    public Optional<LearnedPlaces.Asked> asked(long vocabulary, @Nullable Student student, Change change, Intention intention) {
        return places(vocabulary, student).before(change, intention);
    }

    /**
     * Asks before learned words are taken from their places: refuses the change with a sentence, unless the person is sure.
     *
     * @param intention that made it, to find something that takes none; null if nothing can be offered
     */
    public VocabularyStore.Asking asking(long vocabulary, @Nullable Student student, @Nullable Intention intention, Answer answer) {
        LearnedPlaces learned = places(vocabulary, student);
        if (answer.back || answer.sure && (!learned.kept() || answer.reason != null && !answer.reason.isBlank())) {
            return VocabularyStore.Asking.NOTHING;
        }
        return (session, change) -> learned.before(change, intention).ifPresent(asked -> {
            Map<String, Object> more = new LinkedHashMap<>();
            more.put("needsReason", learned.kept());
            Optional.ofNullable(view(asked.instead())).ifPresent(i -> more.put("instead", i));
            throw new Problem(HttpStatus.PRECONDITION_REQUIRED, asked.consequence().told(), more);
        });
    }

    /** As on a button; null for nothing. */
    public @Nullable InsteadView view(@Nullable Instead instead) {
        return instead == null ? null : new InsteadView(wording.of(instead.told()), instead.intention());
    }

    private LearnedPlaces places(long vocabulary, @Nullable Student student) {
        return new LearnedPlaces(before(vocabulary, student), student != null && student.placesKept());
    }
}
