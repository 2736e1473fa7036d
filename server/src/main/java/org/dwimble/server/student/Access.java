package org.dwimble.server.student;

import java.util.Optional;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Who may see or change what. A student's data is there only for that student's team: to anybody else it
 * looks as if it did not exist. Starters are there for everyone to see and for nobody to change.
 */
@Component
public class Access {
    private final StudentStore students;
    private final Database database;

    Access(StudentStore students, Database database) {
        this.students = students;
        this.database = database;
    }

    public Role toStudent(String student, Account account) {
        return students.role(student, account.id()).orElseThrow(() -> Problem.notFound("student"));
    }

    public void toChangeStudent(String student, Account account) {
        mayEdit(toStudent(student, account));
    }

    public void toOwnStudent(String student, Account account) {
        if (toStudent(student, account) != Role.OWNER) {
            throw new Problem(HttpStatus.FORBIDDEN, "Only an owner of this student's team can do that. Nothing was changed.");
        }
    }

    /** What the account may do with a vocabulary; for a starter, look. */
    public Role toVocabulary(long vocabulary, Account account) {
        Optional<Owner> owner = owner(vocabulary);
        if (owner.isEmpty()) {
            throw Problem.notFound("vocabulary");
        }
        return owner.get().student == null ? Role.VIEWER
            : students.role(owner.get().student, account.id()).orElseThrow(() -> Problem.notFound("vocabulary"));
    }

    public void toChangeVocabulary(long vocabulary, Account account) {
        Role role = toVocabulary(vocabulary, account);
        if (owner(vocabulary).orElseThrow().student == null) {
            throw new Problem(HttpStatus.FORBIDDEN, "A starter cannot be changed. Copy it for a student first, then change the copy.");
        }
        mayEdit(role);
    }

    private static void mayEdit(Role role) {
        if (!role.mayEdit()) {
            throw new Problem(HttpStatus.FORBIDDEN, "You can look at this student's boards, but not change them. Ask an owner of the team. Nothing was changed.");
        }
    }

    private record Owner(@Nullable String student) {
    }

    private Optional<Owner> owner(long vocabulary) {
        return database.read((Session session) -> session.first("SELECT student_id FROM vocabulary WHERE id = ?", row -> new Owner(row.getString(1)), vocabulary));
    }
}
