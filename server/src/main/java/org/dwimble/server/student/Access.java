package org.dwimble.server.student;

import java.util.Optional;
import org.dwimble.core.student.Role;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.problem.Problem;
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
            throw new Problem(HttpStatus.FORBIDDEN, "only-owner");
        }
    }

    /** What the account may do with a vocabulary; for a starter, look. */
    public Role toVocabulary(long vocabulary, Account account) {
        return vocabulary(vocabulary, account).role;
    }

    public boolean mayLookAt(long vocabulary, Account account) {
        return find(vocabulary, account).isPresent();
    }

    /** @return what else the account may do */
    public Role toChangeVocabulary(long vocabulary, Account account) {
        May may = vocabulary(vocabulary, account);
        if (may.starter) {
            throw new Problem(HttpStatus.FORBIDDEN, "starter-stays");
        }
        mayEdit(may.role);
        return may.role;
    }

    private record May(boolean starter, Role role) {
    }

    private May vocabulary(long vocabulary, Account account) {
        return find(vocabulary, account).orElseThrow(() -> Problem.notFound("vocabulary"));
    }

    private Optional<May> find(long vocabulary, Account account) {
        return database.read(session -> session.first("""
            SELECT v.student_id IS NULL AS starter, t.role FROM vocabulary v LEFT JOIN team t ON t.student_id = v.student_id AND t.account_id = ?
            WHERE v.id = ? AND (v.student_id IS NULL OR t.role IS NOT NULL) AND v.deleted_at IS NULL
                AND NOT EXISTS (SELECT 1 FROM student s WHERE s.id = v.student_id AND s.deleted_at IS NOT NULL)""",
            row -> row.getBoolean("starter") ? new May(true, Role.VIEWER) : new May(false, Role.valueOf(row.getString("role"))), account.id(), vocabulary));
    }

    private static void mayEdit(Role role) {
        if (!role.mayEdit()) {
            throw new Problem(HttpStatus.FORBIDDEN, "only-look");
        }
    }
}
