package org.dwimble.server.fact;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.fact.Fact;
import org.dwimble.server.database.Database;
import org.springframework.stereotype.Component;

/** Facts in the database. */
@Component
public class FactStore {
    /** @param by the name of who wrote it down */
    record Kept(long id, String student, Fact fact, String by, String madeAt) {
    }

    private static final String SELECT = """
        SELECT f.id, f.student_id, f.what, f.about, f.note, f.said_by, a.name, f.made_at FROM fact f JOIN account a ON a.id = f.account_id WHERE\s""";

    private final Database database;

    FactStore(Database database) {
        this.database = database;
    }

    /** @return its id */
    public long add(String student, Fact fact, long account, Instant at) {
        return database.write(session -> session.insert(
            "INSERT INTO fact (student_id, what, about, note, said_by, account_id, made_at) VALUES (?, ?, ?, ?, ?, ?, ?) RETURNING id",
            student, fact.what().name(), fact.about(), fact.note(), fact.saidBy(), account, at.toString()));
    }

    void remove(String student, long id) {
        database.write(session -> session.update("DELETE FROM fact WHERE student_id = ? AND id = ?", student, id));
    }

    /** In the order in which they were written down. */
    List<Kept> of(String student) {
        return database.read(session -> session.list(SELECT + "f.student_id = ? ORDER BY f.id", FactStore::kept, student));
    }

    Optional<Kept> find(String student, long id) {
        return database.read(session -> session.first(SELECT + "f.student_id = ? AND f.id = ?", FactStore::kept, student, id));
    }

    private static Kept kept(ResultSet row) throws SQLException {
        return new Kept(row.getLong(1), row.getString(2), new Fact(Fact.What.valueOf(row.getString(3)), row.getString(4), row.getString(5), row.getString(6)),
            row.getString(7), row.getString(8));
    }
}
