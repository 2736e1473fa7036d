package org.dwimble.server.student;

import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.access.Access;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.student.Student;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.use.UseKept;
import org.dwimble.core.voice.StudentVoice;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class StudentApi {

    record NewStudent(String name, @Nullable Integer schoolYear, String className, Screen screen, @Nullable Appearance appearance,
        @Nullable Boolean placesKept, @Nullable StudentVoice voice, @Nullable Hand hand, @Nullable Access access, @Nullable UseKept useKept) {
        Student as(String id) {
            if (screen == null) {
                throw new Unacceptable("choose-screen");
            }
            return new Student(id, name, schoolYear, className, screen, appearance == null ? Appearance.USUAL : appearance, Boolean.TRUE.equals(placesKept),
                voice, hand, access == null ? Access.USUAL : access, useKept);
        }
    }

    /** @param was as it was seen: what others changed since stays, and what both changed is refused */
    record ChangedStudent(NewStudent student, NewStudent was) {
    }

    record Joining(Role role) {
    }

    /** One student of the caseload, with the vocabulary that changed last. @param may all that this person may do with what is the student’s */
    record CaseloadView(Student student, Role role, Set<Act> may, @Nullable CurrentView vocabulary, int vocabularies) {
    }

    /** @param changedBy null if the program itself made the change, or who asks only talks; @param change what happened, after the name */
    record CurrentView(long id, String name, int rows, int columns, int words, int shown, int boards, String changedAt, @Nullable String changedBy,
        String change) {
    }

    private final StudentStore students;
    private final Rights rights;
    private final AccountStore accounts;
    private final Wording wording;
    private final Supplier<String> ids;

    StudentApi(StudentStore students, Rights rights, AccountStore accounts, Wording wording, Supplier<String> ids) {
        this.rights = rights;
        this.wording = wording;
        this.students = students;
        this.accounts = accounts;
        this.ids = ids;
    }

    /** @param name as people say it */
    record ScreenView(String name, Screen screen) {
    }

    /** The screens to choose from for a student. */
    @ForSignedIn("the same for all schools")
    @GetMapping("/screens")
    List<ScreenView> screens() {
        return UsualScreen.ALL.stream().map(s -> new ScreenView(wording.of(s.called()), s.screen())).toList();
    }

    @ForSignedIn("those given to this person")
    @GetMapping("/students")
    List<CaseloadView> caseload(@AuthenticationPrincipal Account account) {
        return students.caseload(account.id()).stream().map(this::view).toList();
    }

    private CaseloadView view(StudentStore.CaseloadRow row) {
        StudentStore.Current v = row.vocabulary();
        boolean looks = row.role().may(Act.LOOK);
        return new CaseloadView(looks ? row.student() : row.student().forTalking(), row.role(), row.role().acts(), v == null ? null
            : new CurrentView(v.id(), v.name(), v.rows(), v.columns(), v.words(), v.shown(), v.boards(), v.changedAt(), looks ? v.changedBy() : null,
                looks ? wording.of(v.change()) : ""),
            row.vocabularies());
    }

    @ForSignedIn("a new one")
    @PostMapping("/students")
    Student addStudent(@AuthenticationPrincipal Account account, @RequestBody NewStudent student) {
        Student added = student.as(ids.get());
        students.add(added, account.id());
        return added;
    }

    @For(Act.LOOK)
    @GetMapping("/students/{student}")
    Student student(@AuthenticationPrincipal Account account, @PathVariable String student) {
        return students.find(student).orElseThrow(() -> Problem.notFound("student"));
    }

    @For(Act.CHANGE)
    @PutMapping("/students/{student}")
    Student changeStudent(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody ChangedStudent changed) {
        Unacceptable.ifMissing(changed.student, changed.was);
        return students.change(changed.student.as(student), changed.was.as(student));
    }

    /** The settings of another student’s talk, for this one. @return the student as it is then */
    @For(Act.CHANGE)
    @PutMapping("/students/{student}/talks-as/{other}")
    Student talkAs(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable String other) {
        rights.must(account, Act.LOOK, Thing.student(other));
        Student as = students.find(other).orElseThrow(() -> Problem.notFound("student"));
        Student was = students.find(student).orElseThrow(() -> Problem.notFound("student"));
        return students.change(was.talkingAs(as), was);
    }

    @For(Act.LOOK)
    @GetMapping("/students/{student}/team")
    List<StudentStore.Member> team(@AuthenticationPrincipal Account account, @PathVariable String student) {
        return students.team(student);
    }

    @For(Act.OWN)
    @PutMapping("/students/{student}/team/{signIn}")
    List<StudentStore.Member> joinTeam(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable String signIn,
        @RequestBody Joining joining) {
        Role role = joining.role() == null ? Role.VIEWER : joining.role();
        if (!role.ofTeams()) {
            throw new Unacceptable("not-of-teams");
        }
        keepsAnOwner(students.join(student, member(signIn).id(), role));
        return students.team(student);
    }

    @For(Act.OWN)
    @DeleteMapping("/students/{student}/team/{signIn}")
    List<StudentStore.Member> leaveTeam(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable String signIn) {
        keepsAnOwner(students.leave(student, member(signIn).id()));
        return students.team(student);
    }

    private Account member(String signIn) {
        return accounts.bySignIn(signIn).orElseThrow(() -> new Unacceptable("nobody-signs-in", "name", Text.cut(signIn, 60)));
    }

    private static void keepsAnOwner(boolean kept) {
        if (!kept) {
            throw new Unacceptable("team-needs-owner");
        }
    }
}
