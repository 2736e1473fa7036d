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
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
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
    /** Held without an end for longer than this many days is pointed out. */
    private static final int FORGOTTEN_DAYS = 60;
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

    /**
     * @param past      words held past their day
     * @param forgotten words held for long, with no end
     * @param nowhere   words that wait for no step of the plan
     */
    record Glance(String student, long vocabulary, int version, Plan plan, List<Integer> wordsByStep, int past, int forgotten, int nowhere, List<LinePoint> line) {
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
            int past = 0;
            int forgotten = 0;
            for (var board : now.boards().values()) {
                for (Button b : board.buttons()) {
                    if (b.shown().hold() != null && b.shown().left() == null) {
                        past += b.shown().hold().pastOn(today) ? 1 : 0;
                        LocalDate since = b.shown().hold().since();
                        forgotten += b.shown().hold().until() == null && since != null && since.plusDays(FORGOTTEN_DAYS).isBefore(today) ? 1 : 0;
                    }
                }
            }
            List<Integer> byStep = Revealed.wordsByStep(now);
            int words = kept.counts().words();
            return new Glance(student, id, kept.version(), now.plan(), byStep, past, forgotten, byStep.isEmpty() ? 0 : words - byStep.get(byStep.size() - 1),
                line(store.versions(id, VERSIONS_READ)));
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
        return what == null ? null : new LineMark(what, wording.of(Told.of("who-did", "who", version.by() == null ? "Dwimble" : version.by(), "what", version.told())));
    }
}
