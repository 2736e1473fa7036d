package org.dwimble.server.caseload;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.mend.WorthDoing;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.told.Told;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.student.Access;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
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

    enum MarkKind { STEP, PEOPLE, NAMED }

    /** @param sentence who did what, or what the version is called */
    record LineMark(MarkKind what, String sentence) {
    }

    /** What is worth doing next. @param does as on a button; @param intention what does it */
    record NextView(String sentence, String does, Intention intention) {
    }

    /** @param wordsByStep how many words are shown at each step */
    record Glance(String student, long vocabulary, int version, Plan plan, List<Integer> wordsByStep, List<NextView> next, List<LinePoint> line) {
    }

    private final StudentStore students;
    private final VocabularyStore store;
    private final Access access;
    private final Wording wording;
    private final Clock clock;

    GlanceApi(StudentStore students, VocabularyStore store, Access access, Wording wording, Clock clock) {
        this.students = students;
        this.store = store;
        this.access = access;
        this.wording = wording;
        this.clock = clock;
    }

    /** Of every student of the caseload who has a vocabulary. */
    @GetMapping("/glances")
    List<Glance> glances(@AuthenticationPrincipal Account account) {
        return students.caseload(account.id()).stream().filter(row -> row.vocabulary() != null)
            .map(row -> glance(row.student().id(), row.vocabulary().id())).flatMap(Optional::stream).toList();
    }

    @GetMapping("/vocabularies/{vocabulary}/glance")
    List<Glance> glance(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        access.toVocabulary(vocabulary, account);
        String student = store.find(vocabulary).map(VocabularyStore.Kept::student).orElse(null);
        return student == null ? List.of() : glance(student, vocabulary).stream().toList();
    }

    private Optional<Glance> glance(String student, long id) {
        return store.find(id).map(kept -> {
            Vocabulary now = kept.vocabulary();
            LocalDate today = LocalDate.now(clock);
            List<NextView> next = WorthDoing.of(now, today).stream()
                .map(w -> new NextView(wording.of(w.told()), wording.of(w.does()), w.intention())).toList();
            return new Glance(student, id, kept.version(), now.plan(), Revealed.wordsByStep(now), next, line(store.versions(id, VERSIONS_READ)));
        });
    }

    /** One point a day, the last of it, and one for everything that is marked; the first day first. */
    private List<LinePoint> line(List<VocabularyStore.Version> newestFirst) {
        List<VocabularyStore.Version> versions = new ArrayList<>(newestFirst);
        Collections.reverse(versions);
        Map<String, LinePoint> points = new LinkedHashMap<>();
        for (VocabularyStore.Version version : versions) {
            LineMark mark = mark(version);
            points.put(mark == null ? version.madeAt().substring(0, 10) : version.madeAt() + version.number(),
                new LinePoint(version.madeAt(), version.shown(), version.words(), mark));
        }
        List<LinePoint> all = points.values().stream().sorted(Comparator.comparing(LinePoint::at)).toList();
        return all.subList(Math.max(0, all.size() - POINTS), all.size());
    }

    private @Nullable LineMark mark(VocabularyStore.Version version) {
        if (version.name() != null) {
            return new LineMark(MarkKind.NAMED, version.name());
        }
        MarkKind what = switch (version.told().key()) {
            case "moved-on", "moved-back", "added-step", "laid-plan", "ended-plan" -> MarkKind.STEP;
            case "added-people" -> MarkKind.PEOPLE;
            default -> null;
        };
        return what == null ? null : new LineMark(what, wording.of(Told.of("who-did", "who", version.by() == null ? "Dwimble" : version.by(), "what",
            version.told())));
    }
}
