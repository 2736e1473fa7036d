package org.dwimble.server.starter;

import java.time.Clock;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Counts;
import org.dwimble.core.board.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.board.Whole;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.Access;
import org.dwimble.core.student.Student;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Comparing starters for a student, and copying one under the student's name. */
@RestController
class StarterApi {

    /**
     * @param home          the home board itself, to be shown small
     * @param cellWidthMm   on this student's screen
     * @param small         true if a cell is smaller than many hands can hit
     */
    record StarterView(long id, String starter, String name, String about, int rows, int columns, int words, int boards, BoardView home,
                       double cellWidthMm, double cellHeightMm, boolean small) {
    }

    /** Of a starter, or of a vocabulary. @param name of the copy; none to call it after the student */
    record Copy(@Nullable String starter, @Nullable Long vocabulary, @Nullable String name) {
    }

    record Copied(long vocabulary, String name) {
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Access access;
    private final Clock clock;

    StarterApi(VocabularyStore store, StudentStore students, Access access, Clock clock) {
        this.store = store;
        this.students = students;
        this.access = access;
        this.clock = clock;
    }

    @GetMapping("/api/students/{student}/starters")
    List<StarterView> starters(@AuthenticationPrincipal Account account, @PathVariable String student) {
        access.toStudent(student, account);
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

    /** A copy of a starter, or of a vocabulary this student has, such as one to be safe. */
    @PostMapping("/api/students/{student}/vocabularies")
    Copied copy(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody Copy copy) {
        access.toChangeStudent(student, account);
        Student who = students.find(student).orElseThrow(() -> Problem.notFound("student"));
        VocabularyStore.Kept from = copy.vocabulary() == null ? starter(copy.starter()) : ownVocabulary(account, student, copy.vocabulary());
        String wanted = Text.tidy(copy.name());
        String name = wanted.isEmpty() ? Text.cut(who.name() + "’s words", Whole.LONGEST_NAME) : wanted;
        return new Copied(store.copy(from.id(), student, name, account.id(), clock.instant()), name);
    }

    private VocabularyStore.Kept starter(@Nullable String starter) {
        return store.starters().stream().filter(s -> String.valueOf(s.starter()).equals(starter)).findFirst()
            .orElseThrow(() -> new Unacceptable("no-such-starter"));
    }

    /** Only for the same student: a copy for another could show people who were photographed for this one alone. */
    private VocabularyStore.Kept ownVocabulary(Account account, String student, long vocabulary) {
        access.toVocabulary(vocabulary, account);
        return store.find(vocabulary).filter(v -> student.equals(v.student())).orElseThrow(() -> new Unacceptable("copy-other-student"));
    }

    /** A student's vocabularies, the one that changed last first. */
    @GetMapping("/api/students/{student}/vocabularies")
    List<Copied> vocabularies(@AuthenticationPrincipal Account account, @PathVariable String student) {
        access.toStudent(student, account);
        return store.ofStudent(student).stream().map(v -> new Copied(v.id(), v.name())).toList();
    }
}
