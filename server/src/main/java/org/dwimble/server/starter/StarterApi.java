package org.dwimble.server.starter;

import java.time.Clock;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Whole;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.student.Student;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.leaving.Doors;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Comparing starters for a student, and copying one under the student's name. */
@RestController
class StarterApi {
    private static final int LONGEST_NOTE = 400;

    /**
     * @param home          the home board itself, to be shown small
     * @param cellWidthMm   on this student's screen
     * @param small         true if a cell is smaller than many hands can hit
     */
    record StarterView(long id, String starter, String name, String about, int rows, int columns, int words, int boards, BoardView home,
        double cellWidthMm, double cellHeightMm, boolean small) {
    }

    /**
     * Of a starter, or of a vocabulary.
     *
     * @param name          of the copy; none to call it after the student
     * @param note          why it is made; none for none
     * @param withoutPeople true to leave behind photos that show somebody, in a copy for another student
     */
    record Copy(@Nullable String starter, @Nullable Long vocabulary, @Nullable String name, @Nullable String note, @Nullable Boolean withoutPeople) {
    }

    /** @param left pictures and sounds that stayed behind, because the other student's team may not use them or was not to */
    record Copied(long vocabulary, String name, int left) {
    }

    /** @param first true if its home board is as small as a first board: one steps up from it */
    record VocabularyLine(long vocabulary, String name, boolean first) {
    }

    /** What to ask before a copy for another student. @param people photos of somebody that could go along; @param staying what may not */
    record Asked(int people, int staying) {
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Rights rights;
    private final Doors doors;
    private final Clock clock;

    StarterApi(VocabularyStore store, StudentStore students, Rights rights, Doors doors, Clock clock) {
        this.store = store;
        this.students = students;
        this.rights = rights;
        this.doors = doors;
        this.clock = clock;
    }

    @For(Act.LOOK)
    @GetMapping("/api/students/{student}/starters")
    List<StarterView> starters(@AuthenticationPrincipal Account account, @PathVariable String student) {
        Student who = students.find(student).orElseThrow(() -> Problem.notFound("student"));
        return store.starters().stream().map(kept -> view(kept, who)).toList();
    }

    private static StarterView view(VocabularyStore.Kept kept, Student student) {
        Board home = kept.vocabulary().homeBoard();
        Counts counts = Counts.of(kept.vocabulary());
        TalkLayout layout = new TalkLayout(student.screen(), home.rows(), home.columns());
        return new StarterView(kept.id(), String.valueOf(kept.starter()), kept.vocabulary().name(), String.valueOf(kept.about()), home.rows(), home.columns(),
            counts.words(), counts.boards(), BoardView.of(home),
            layout.cellWidth().mm(), layout.cellHeight().mm(), layout.small());
    }

    /** A copy of a starter, of a vocabulary this student has, such as one to be safe, or of another student's. */
    @For(Act.CHANGE)
    @PostMapping("/api/students/{student}/vocabularies")
    Copied copy(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody Copy copy) {
        Student who = students.find(student).orElseThrow(() -> Problem.notFound("student"));
        VocabularyStore.Kept from = copy.vocabulary() == null ? starter(copy.starter()) : vocabulary(account, copy.vocabulary());
        String wanted = Text.tidy(copy.name());
        String name = wanted.isEmpty() ? Text.cut(who.name() + "’s words", Whole.LONGEST_NAME) : wanted;
        String note = Text.tidy(copy.note());
        Text.atMost(LONGEST_NOTE, "note", note);
        if (from.student() == null || student.equals(from.student())) {
            return new Copied(store.copy(from.id(), student, name, note, account.id(), clock.instant()), name, 0);
        }
        boolean people = !Boolean.TRUE.equals(copy.withoutPeople());
        Leaving.Answer answer = new Leaving.Answer(people, people, false, false, Leaving.Instead.DRAWN);
        WithoutPictures.Made made = doors.ready(from.vocabulary(), doors.toStudent(student, answer, account));
        return new Copied(store.copy(from, made.vocabulary().withName(name), student, note, account.id(), clock.instant()), name, made.left());
    }

    /** What a copy of a vocabulary for this student would take along of people's photos. */
    @For(Act.CHANGE)
    @GetMapping("/api/students/{student}/copying")
    Asked copying(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestParam long vocabulary) {
        VocabularyStore.Kept from = vocabulary(account, vocabulary);
        Leaving.Count count = doors.count(from.vocabulary().boards().values(), doors.toStudent(student, Leaving.Answer.NOTHING, account));
        return new Asked(count.student() + count.others(), count.staying());
    }

    private VocabularyStore.Kept starter(@Nullable String starter) {
        return store.starters().stream().filter(s -> String.valueOf(s.starter()).equals(starter)).findFirst()
            .orElseThrow(() -> new Unacceptable("no-such-starter"));
    }

    private VocabularyStore.Kept vocabulary(Account account, long vocabulary) {
        rights.must(account, Act.TAKE, Thing.vocabulary(vocabulary));
        return store.there(vocabulary);
    }

    /** A student's vocabularies, the one that changed last first. */
    @For(Act.LOOK)
    @GetMapping("/api/students/{student}/vocabularies")
    List<VocabularyLine> vocabularies(@AuthenticationPrincipal Account account, @PathVariable String student) {
        return store.ofStudent(student).stream().map(v -> new VocabularyLine(v.id(), v.name(), FirstBoard.isAsSmall(v.cells()))).toList();
    }
}
