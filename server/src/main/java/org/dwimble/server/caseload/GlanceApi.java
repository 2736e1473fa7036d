package org.dwimble.server.caseload;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.grant.Act;
import org.dwimble.core.mend.WorthDoing;
import org.dwimble.core.reveal.ShownOverTime;
import org.dwimble.core.told.Told;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.PlanView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.dwimble.server.version.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Each student's plan, holds and line of words shown, for the vocabulary that changed last. */
@RestController
@RequestMapping("/api")
class GlanceApi {
    private static final int VERSIONS_READ = 2_000;
    private static final int POINTS = 60;

    /**
     * Words shown at the end of a day, or just after something that is marked.
     *
     * @param mark what happened then that is worth a mark: a step, people, a named version; null for none
     */
    record LinePoint(String at, int shown, int words, @Nullable LineMark mark) {
    }

    /** @param sentence who did what, or what the version is called */
    record LineMark(ShownOverTime.Mark what, String sentence) {
    }

    /** What is worth doing next. @param does as on a button; @param intention what does it */
    record NextView(String sentence, String does, Intention intention) {
    }

    /** @param wordsByStep how many words are shown at each step */
    record Glance(String student, long vocabulary, int version, PlanView plan, List<Integer> wordsByStep, List<NextView> next, List<LinePoint> line) {
    }

    private final StudentStore students;
    private final VocabularyStore store;
    private final Wording wording;
    private final OwnDays days;
    private final Clock clock;

    GlanceApi(StudentStore students, VocabularyStore store, Wording wording, OwnDays days, Clock clock) {
        this.students = students;
        this.store = store;
        this.wording = wording;
        this.days = days;
        this.clock = clock;
    }

    /** Of every student of the caseload who has a vocabulary. */
    @ForSignedIn("each of the students this person may look into")
    @GetMapping("/glances")
    List<Glance> glances(@AuthenticationPrincipal Account account) {
        return students.caseload(account.id()).stream().filter(row -> row.role().may(Act.LOOK) && row.vocabulary() != null)
            .map(row -> glance(row.student().id(), row.vocabulary().id())).flatMap(Optional::stream).toList();
    }

    @For(Act.LOOK)
    @GetMapping("/vocabularies/{vocabulary}/glance")
    List<Glance> glance(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        String student = store.find(vocabulary).map(VocabularyStore.Kept::student).orElse(null);
        return student == null ? List.of() : glance(student, vocabulary).stream().toList();
    }

    private Optional<Glance> glance(String student, long id) {
        return store.find(id).map(kept -> {
            Vocabulary now = kept.vocabulary();
            LocalDate today = days.today(student, clock.instant());
            List<NextView> next = WorthDoing.of(now, today).stream()
                .map(w -> new NextView(wording.of(w.told()), wording.of(w.does()), w.intention())).toList();
            return new Glance(student, id, kept.version(), PlanView.of(now.plan()), kept.counts().byStep(), next, line(store.versions(id, VERSIONS_READ)));
        });
    }

    private List<LinePoint> line(List<Version> versions) {
        return ShownOverTime.line(versions.stream()
            .map(v -> new ShownOverTime.Moment(Instant.parse(v.madeAt()), v.shown(), v.words(), v.told(), v.name(), v.by())).toList(), POINTS).stream()
            .map(this::view).toList();
    }

    private LinePoint view(ShownOverTime.Point point) {
        ShownOverTime.Moment moment = point.moment();
        String sentence = moment.name() != null ? moment.name()
            : wording.of(Told.of("who-did", "who", moment.by() == null ? "Dwimble" : moment.by(), "what", moment.told()));
        return new LinePoint(moment.at().toString(), moment.shown(), moment.words(), point.mark() == null ? null : new LineMark(point.mark(), sentence));
    }
}
