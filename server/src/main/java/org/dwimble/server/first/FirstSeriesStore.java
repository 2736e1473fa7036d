package org.dwimble.server.first;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.told.Told;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.database.Database;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** First boards that were made together, in the database. */
@Component
public class FirstSeriesStore {
    /** @param boards in their order @param madeBy the account of whoever made them */
    record Series(long id, String name, long madeBy, List<Member> boards) {
        /** As far as somebody may know of it. */
        Series seen(Predicate<Member> may) {
            return new Series(id, name, madeBy, boards.stream().filter(may).toList());
        }
    }

    /** One of its vocabularies, and whose that is. */
    record Member(long vocabulary, String name, String student) {
    }

    /** One to be made, and for whom. */
    public record Made(String student, Vocabulary boards) {
    }

    private record Row(long id, String name, long madeBy, Member member) {
    }

    private static final String ROWS = """
        SELECT s.id, s.name, s.made_by, v.id, v.name, v.student_id FROM first_series s
        JOIN first_series_board b ON b.series_id = s.id JOIN vocabulary v ON v.id = b.vocabulary_id AND v.deleted_at IS NULL
        JOIN student t ON t.id = v.student_id AND t.deleted_at IS NULL\s""";

    private final Database database;
    private final VocabularyStore vocabularies;

    FirstSeriesStore(Database database, VocabularyStore vocabularies) {
        this.database = database;
        this.vocabularies = vocabularies;
    }

    /** All of them with the line that holds them together, or nothing. */
    public long make(String name, List<Made> boards, long account, Instant at) {
        return database.write(session -> {
            long id = session.insert("INSERT INTO first_series (name, made_by, made_at) VALUES (?, ?, ?) RETURNING id", name, account, at.toString());
            for (int i = 0; i < boards.size(); i++) {
                long made = vocabularies.create(session, boards.get(i).boards, boards.get(i).student, account, at, Told.of("first-board-begun"));
                session.update("INSERT INTO first_series_board (series_id, place, vocabulary_id) VALUES (?, ?, ?)", id, i, made);
            }
            return id;
        });
    }

    Optional<Series> find(long id) {
        return gathered(database.read(session -> session.list(ROWS + "WHERE s.id = ? ORDER BY b.place", FirstSeriesStore::row, id))).stream().findFirst();
    }

    /** Those with a board of one of these students, the newest first. */
    List<Series> of(List<String> students) {
        return gathered(database.read(session -> session.list(ROWS
            + "WHERE v.student_id IN (SELECT value FROM json_each(?)) ORDER BY s.id DESC, b.place", FirstSeriesStore::row,
            JsonMapper.shared().writeValueAsString(students))));
    }

    void forget(long id) {
        database.write(session -> session.update("DELETE FROM first_series WHERE id = ?", id));
    }

    private static Row row(ResultSet row) throws SQLException {
        return new Row(row.getLong(1), row.getString(2), row.getLong(3), new Member(row.getLong(4), row.getString(5), row.getString(6)));
    }

    private static List<Series> gathered(List<Row> rows) {
        List<Series> all = new ArrayList<>();
        for (Row row : rows) {
            Series last = all.isEmpty() ? null : all.get(all.size() - 1);
            if (last == null || last.id != row.id) {
                last = new Series(row.id, row.name, row.madeBy, new ArrayList<>());
                all.add(last);
            }
            last.boards.add(row.member);
        }
        return all;
    }
}
