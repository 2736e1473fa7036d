package org.dwimble.server.account;

import org.dwimble.core.sheet.Paper;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.database.Database;
import org.springframework.stereotype.Component;

/** What the school as a whole has chosen. */
@Component
public class School {
    private final Database database;

    School(Database database) {
        this.database = database;
    }

    /** What it prints on: A4, with lengths in millimetres, or Letter, with lengths in inches. */
    public Paper paper() {
        return Paper.valueOf(database.read(session -> session.first("SELECT paper FROM school WHERE id = 1", row -> row.getString(1))).orElse(Paper.A4.name()));
    }

    /** How much there is of everything that is not deleted; of nothing what it is. */
    public record Numbers(int accounts, int students, int vocabularies, int lists, int pictures) {
    }

    public Numbers numbers() {
        return database.read(session -> session.first("""
            SELECT (SELECT count(*) FROM account), (SELECT count(*) FROM student WHERE deleted_at IS NULL),
                (SELECT count(*) FROM vocabulary v JOIN student s ON s.id = v.student_id AND s.deleted_at IS NULL WHERE v.deleted_at IS NULL),
                (SELECT count(*) FROM word_list WHERE deleted_at IS NULL), (SELECT count(*) FROM collected)""",
            row -> new Numbers(row.getInt(1), row.getInt(2), row.getInt(3), row.getInt(4), row.getInt(5)))).orElseThrow();
    }

    /** @throws Unacceptable if it is neither A4 nor Letter */
    void printOn(Paper paper) {
        if (paper != Paper.A4 && paper != Paper.LETTER) {
            throw new Unacceptable("school-paper");
        }
        database.write(session -> session.update("UPDATE school SET paper = ? WHERE id = 1", paper.name()));
    }
}
