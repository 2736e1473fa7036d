package org.dwimble.server.wordlist;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.access.Access;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.showing.DayRun;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.StudentVoice;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lists shown on a screen: days, walks and books, and what stands on a student's row. */
@RestController
@RequestMapping("/api")
class ShowingApi {

    /**
     * @param words  those that are printed, once each
     * @param whose  the student's name; null for nobody's
     * @param voice  chosen for the student; null for none
     * @param access how the student reaches what is shown; null for nobody's
     * @param art    the part of a library picture's address that gives look, skin tone and hair
     * @param language of the words, as a BCP 47 tag
     */
    record ShownList(long id, int version, String name, List<ListedWord> words, Showing showing, @Nullable String whose, @Nullable StudentVoice voice,
        @Nullable Access access, String art, String language, Set<Act> may) {
    }

    /**
     * @param day    as ISO 8601 has it, where the student is
     * @param minute after midnight there, now
     * @param zone   in which the student is, as the IANA names it
     * @param marks  said today, by the id of the word
     */
    record DayNow(String day, int minute, String zone, Map<String, DayRun.Mark> marks, DayRun run) {
    }

    /**
     * @param mark null to take back what was said
     * @param day  on which it was said, as ISO 8601 has it; null for today. What was said of another day holds no more and is let go
     */
    record DayMark(String word, DayRun.@Nullable Mark mark, @Nullable String day) {
        DayMark {
            Unacceptable.ifMissing(word);
        }
    }

    private final ListStore lists;
    private final ListAccess may;
    private final StudentStore students;
    private final Rights rights;
    private final OwnDays days;
    private final Clock clock;

    ShowingApi(ListStore lists, ListAccess may, StudentStore students, Rights rights, OwnDays days, Clock clock) {
        this.lists = lists;
        this.may = may;
        this.students = students;
        this.rights = rights;
        this.days = days;
        this.clock = clock;
    }

    /** What stands on the student's row. */
    @For(Act.SEE)
    @GetMapping("/students/{student}/row")
    List<ListStore.OnRow> row(@AuthenticationPrincipal Account account, @PathVariable String student) {
        return lists.onRow(student);
    }

    /** @param vocabulary from a button of which it is shown: then it is there only if it is of the same student; none if it is shown by itself */
    @For(Act.SEE)
    @GetMapping("/lists/{list}/showing")
    ShownList showing(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestParam(required = false) @Nullable Long vocabulary) {
        ListAccess.Shown seen = may.toShow(list, account);
        if (vocabulary != null && (seen.kept().student() == null || !seen.kept().student().equals(rights.studentOf(Thing.vocabulary(vocabulary))))) {
            throw Problem.notFound(Thing.Sort.LIST.word());
        }
        WordList shown = seen.kept().list();
        Student student = seen.kept().student() == null ? null : students.find(seen.kept().student()).orElse(null);
        Appearance appearance = student == null ? Appearance.USUAL : student.appearance();
        return new ShownList(list, seen.kept().version(), shown.name(), shown.shown(), shown.showing(), student == null ? null : student.name(),
            student == null ? null : student.voice(), student == null ? null : student.access(), appearance.slug(), shown.language(), seen.acts());
    }

    /** How the day stands now, where the student is. */
    @For(Act.SEE)
    @GetMapping("/lists/{list}/day")
    DayNow day(@AuthenticationPrincipal Account account, @PathVariable long list) {
        ListAccess.Shown seen = may.toShow(list, account);
        ListStore.Kept kept = seen.kept();
        ZonedDateTime now = clock.instant().atZone(days.zoneOf(kept.student()));
        LocalTime time = now.toLocalTime();
        int minute = time.getHour() * 60 + time.getMinute();
        List<DayRun.Item> items = kept.list().shown().stream().map(w -> new DayRun.Item(w.id(), w.not())).toList();
        Map<String, DayRun.Mark> marks = seen.team() ? lists.marks(list, now.toLocalDate()) : Map.of();
        return new DayNow(now.toLocalDate().toString(), minute, now.getZone().getId(), marks, DayRun.of(items, kept.list().showing().day(), marks, minute));
    }

    /** Says of something that it is over, not over yet, or not today. */
    @For(Act.TALK)
    @PutMapping("/lists/{list}/day")
    DayNow mark(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody DayMark mark) {
        ListAccess.Shown seen = may.toShow(list, account);
        ListStore.Kept kept = seen.kept();
        if (!seen.team()) {
            throw new Problem(HttpStatus.FORBIDDEN, "only-look");
        }
        if (kept.list().word(mark.word).isEmpty()) {
            throw new Unacceptable("list-word-gone");
        }
        LocalDate today = days.today(kept.student(), clock.instant());
        if (mark.day == null || mark.day.equals(today.toString())) {
            lists.mark(list, today, mark.word, mark.mark);
        }
        return day(account, list);
    }
}
