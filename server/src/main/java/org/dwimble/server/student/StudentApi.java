package org.dwimble.server.student;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.sheet.Screen;
import org.dwimble.core.sheet.UsualScreen;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.problem.Problem;
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

    record NewStudent(String name, @Nullable Integer schoolYear, String className, Screen screen, @Nullable Appearance appearance) {
        Student as(String id) {
            if (screen == null) {
                throw new Unacceptable("Choose the size of the student's screen.");
            }
            return new Student(id, name, schoolYear, className, screen, appearance);
        }
    }

    record Joining(Role role) {
    }

    private final StudentStore students;
    private final AccountStore accounts;
    private final Access access;
    private final Supplier<String> ids;

    StudentApi(StudentStore students, AccountStore accounts, Access access, Supplier<String> ids) {
        this.students = students;
        this.accounts = accounts;
        this.access = access;
        this.ids = ids;
    }

    /** The screens to choose from for a student. */
    @GetMapping("/screens")
    List<UsualScreen> screens() {
        return UsualScreen.ALL;
    }

    @GetMapping("/students")
    List<StudentStore.CaseloadRow> caseload(@AuthenticationPrincipal Account account) {
        return students.caseload(account.id());
    }

    @PostMapping("/students")
    Student addStudent(@AuthenticationPrincipal Account account, @RequestBody NewStudent student) {
        Student added = student.as(ids.get());
        students.add(added, account.id());
        return added;
    }

    @GetMapping("/students/{student}")
    Student student(@AuthenticationPrincipal Account account, @PathVariable String student) {
        access.toStudent(student, account);
        return students.find(student).orElseThrow(() -> Problem.notFound("student"));
    }

    @PutMapping("/students/{student}")
    Student changeStudent(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody NewStudent changed) {
        access.toChangeStudent(student, account);
        Student kept = changed.as(student);
        students.change(kept);
        return kept;
    }

    @GetMapping("/students/{student}/team")
    List<StudentStore.Member> team(@AuthenticationPrincipal Account account, @PathVariable String student) {
        access.toStudent(student, account);
        return students.team(student);
    }

    @PutMapping("/students/{student}/team/{signIn}")
    List<StudentStore.Member> joinTeam(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable String signIn, @RequestBody Joining joining) {
        access.toOwnStudent(student, account);
        keepsAnOwner(students.join(student, member(signIn).id(), joining.role() == null ? Role.VIEWER : joining.role()));
        return students.team(student);
    }

    @DeleteMapping("/students/{student}/team/{signIn}")
    List<StudentStore.Member> leaveTeam(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable String signIn) {
        access.toOwnStudent(student, account);
        keepsAnOwner(students.leave(student, member(signIn).id()));
        return students.team(student);
    }

    private Account member(String signIn) {
        return accounts.bySignIn(signIn).orElseThrow(() -> new Unacceptable("Nobody here signs in as “" + signIn + "”. Check the name they sign in with."));
    }

    private static void keepsAnOwner(boolean kept) {
        if (!kept) {
            throw new Unacceptable("A student's team needs an owner. Make somebody else an owner first; nothing was changed.");
        }
    }
}
