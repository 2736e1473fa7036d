package org.dwimble.server.use;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.student.Student;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.use.UseKept;
import org.dwimble.core.use.Used;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was said: told by talk, seen by the team, deleted when it is asked for. */
@RestController
@RequestMapping("/api")
class UseApi {
    private static final int MOST_WORDS = 500;
    private static final int MOST_MESSAGES = 100;
    private static final int MOST_TIMES = 10_000;
    private static final int LONGEST_WORD = 200;
    private static final int LONGEST_MESSAGE = 1_000;
    private static final int LISTED = 12;
    private static final int MESSAGES_LISTED = 50;

    /** @param at ISO 8601 */
    record SaidMessage(String at, String text) {
        SaidMessage {
            Unacceptable.ifMissing(at, text);
        }
    }

    /** @param id made where it was said, at most 64 characters; what comes twice counts once @param day where the student was, as ISO 8601 has it */
    record SaidNow(String id, String day, Map<String, Integer> words, List<SaidMessage> messages) {
        SaidNow {
            Unacceptable.ifMissing(id, day, words, messages);
            Text.atMost(64, "id", id);
            Unacceptable.ifMore("use-many", words.size(), MOST_WORDS);
            Unacceptable.ifMore("use-many", messages.size(), MOST_MESSAGES);
        }
    }

    /**
     * What is known of a student's words.
     *
     * @param since    the first day something was kept of, as ISO 8601 has it; null if nothing is
     * @param never    how many shown words were never said; the first of them are in {@code neverSaid}
     * @param times    by the id of each button of the vocabulary that says a word
     * @param messages said as a whole, the latest first
     */
    record UseView(@Nullable UseKept kept, @Nullable String since, List<Used.SaidWord> most, int never, List<Used.SaidWord> neverSaid,
        Map<String, Integer> times,
        List<SaidMessage> messages) {
    }

    private final UseStore use;
    private final VocabularyStore vocabularies;
    private final StudentStore students;
    private final Rights rights;
    private final Clock clock;

    UseApi(UseStore use, VocabularyStore vocabularies, StudentStore students, Rights rights, Clock clock) {
        this.rights = rights;
        this.use = use;
        this.vocabularies = vocabularies;
        this.students = students;
        this.clock = clock;
    }

    /** Tells what was said. Nothing is kept of a student for whom that was not asked for. */
    @For(Act.TALK)
    @PostMapping("/vocabularies/{vocabulary}/use")
    void said(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody SaidNow said) {
        Student student = student(vocabularies.there(vocabulary));
        Map<String, Integer> words = new TreeMap<>();
        said.words.forEach((word, times) -> {
            if (!Text.tidy(word).isEmpty() && word.length() <= LONGEST_WORD && times != null && times > 0) {
                words.merge(Used.wordOf(Text.tidy(word)), Math.min(times, MOST_TIMES), Integer::sum);
            }
        });
        List<UseStore.Message> messages = said.messages.stream()
            .map(m -> new UseStore.Message(moment(m.at), Text.cut(Text.tidy(m.text), LONGEST_MESSAGE))).toList();
        use.add(student.id(), said.id, Objects.requireNonNullElse(student.useKept(), UseKept.NOTHING), day(said.day), words, messages, clock.instant());
    }

    /** What was said of a vocabulary's words, wherever the student said them. */
    @For(Act.LOOK)
    @GetMapping("/vocabularies/{vocabulary}/use")
    UseView use(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        VocabularyStore.Kept kept = vocabularies.there(vocabulary);
        Student student = student(kept);
        // Whoever was given these boards alone is not of the team.
        rights.must(account, Act.LOOK, Thing.student(student.id()));
        Used used = Used.of(kept.vocabulary(), kept.overview().revealed(), use.said(student.id()), LISTED);
        return new UseView(student.useKept(), use.since(student.id()).map(LocalDate::toString).orElse(null), used.most(), used.never().size(),
            used.never().stream().limit(LISTED).toList(), used.times(),
            use.messages(student.id(), MESSAGES_LISTED).stream().map(m -> new SaidMessage(m.at().toString(), m.text())).toList());
    }

    /** Deletes all that was kept of what the student said. */
    @For(Act.CHANGE)
    @DeleteMapping("/students/{student}/use")
    void delete(@AuthenticationPrincipal Account account, @PathVariable String student) {
        use.delete(student);
    }

    private Student student(VocabularyStore.Kept kept) {
        if (kept.student() == null) {
            throw Problem.notFound("student");
        }
        return students.find(kept.student()).orElseThrow(() -> Problem.notFound("student"));
    }

    private LocalDate day(String written) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        try {
            LocalDate day = LocalDate.parse(written);
            // A device whose clock is wrong says what it says; its words are counted today.
            return day.isAfter(today.plusDays(1)) || day.isBefore(today.minusDays(60)) ? today : day;
        } catch (DateTimeParseException e) {
            return today;
        }
    }

    private Instant moment(String written) {
        try {
            return Instant.parse(written);
        } catch (DateTimeParseException e) {
            return clock.instant();
        }
    }
}
