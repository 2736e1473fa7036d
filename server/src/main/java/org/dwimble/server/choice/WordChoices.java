package org.dwimble.server.choice;

import java.sql.SQLException;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Kind;
import org.dwimble.core.wordline.Choice;
import org.dwimble.core.words.Spelling;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a person chose for a word and a student instead of what was found, and which pictures a student's boards are made of. */
@Component
public class WordChoices {
    private final Database database;

    WordChoices(Database database) {
        this.database = database;
    }

    public Optional<String> picture(String student, String word) {
        return database.read(session -> session.first("SELECT picture FROM word_choice WHERE student_id = ? AND word = ?", row -> row.getString(1),
            student, Spelling.fold(word)));
    }

    public Optional<Kind> kind(String student, String word) {
        return database.read(session -> session.first("SELECT kind FROM word_choice WHERE student_id = ? AND word = ?", row -> row.getString(1),
            student, Spelling.fold(word))).map(Kind::of);
    }

    /** Keeps what was chosen, inside the transaction of the edit that chose it. @param student null if it is nobody's */
    public void keep(Session session, @Nullable String student, Collection<Choice> chosen) throws SQLException {
        for (Choice choice : chosen) {
            if (student != null && !Spelling.fold(choice.word()).isEmpty()) {
                session.update("""
                    INSERT INTO word_choice (student_id, word, picture, kind) VALUES (?, ?, ?, ?)
                    ON CONFLICT (student_id, word) DO UPDATE SET picture = coalesce(excluded.picture, picture), kind = coalesce(excluded.kind, kind)""",
                    student, Spelling.fold(choice.word()), choice.picture(), choice.kind() == null ? null : choice.kind().word());
            }
        }
    }

    /** Counts what was just put on a student's boards. */
    public void used(Session session, @Nullable String student, Collection<String> pictures, Instant at) throws SQLException {
        if (student != null && !pictures.isEmpty()) {
            session.batch("""
                INSERT INTO picture_use (student_id, picture, times, used_at) VALUES (?, ?, 1, ?)
                ON CONFLICT (student_id, picture) DO UPDATE SET times = times + 1, used_at = excluded.used_at""",
                pictures.stream().map(p -> new Object[] {student, p, at.toString()}).toList());
        }
    }

    /** Last used first. */
    public List<String> recent(String student, int most) {
        return database.read(session -> session.list("SELECT picture FROM picture_use WHERE student_id = ? ORDER BY used_at DESC, picture LIMIT ?",
            row -> row.getString(1), student, most));
    }

    /** Most often used first. */
    public List<String> mostUsed(String student, int most) {
        return database.read(session -> session.list("SELECT picture FROM picture_use WHERE student_id = ? ORDER BY times DESC, used_at DESC, picture LIMIT ?",
            row -> row.getString(1), student, most));
    }
}
