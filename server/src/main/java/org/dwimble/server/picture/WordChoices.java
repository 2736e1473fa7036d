package org.dwimble.server.picture;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Kind;
import org.dwimble.core.words.Spelling;
import org.dwimble.server.database.Database;
import org.springframework.stereotype.Component;

/** What a person chose for a word and a student instead of what was found, and which pictures a student's boards are made of. */
@Component
public class WordChoices {
    private final Database database;

    WordChoices(Database database) {
        this.database = database;
    }

    Optional<String> picture(String student, String word) {
        return database.read(session -> session.first("SELECT picture FROM word_choice WHERE student_id = ? AND word = ?", row -> row.getString(1), student, Spelling.fold(word)));
    }

    Optional<Kind> kind(String student, String word) {
        return database.read(session -> session.first("SELECT kind FROM word_choice WHERE student_id = ? AND word = ?", row -> row.getString(1), student, Spelling.fold(word))).map(Kind::of);
    }

    public void choosePicture(String student, String word, String picture) {
        if (!Spelling.fold(word).isEmpty()) {
            database.write(session -> session.update("""
                INSERT INTO word_choice (student_id, word, picture) VALUES (?, ?, ?)
                ON CONFLICT (student_id, word) DO UPDATE SET picture = excluded.picture""", student, Spelling.fold(word), picture));
        }
    }

    public void chooseKind(String student, String word, Kind kind) {
        if (!Spelling.fold(word).isEmpty()) {
            database.write(session -> session.update("""
                INSERT INTO word_choice (student_id, word, kind) VALUES (?, ?, ?)
                ON CONFLICT (student_id, word) DO UPDATE SET kind = excluded.kind""", student, Spelling.fold(word), kind.word()));
        }
    }

    /** Counts pictures that were just put on a student's boards. */
    public void used(String student, List<String> pictures, Instant at) {
        if (!pictures.isEmpty()) {
            database.write(session -> {
                session.batch("""
                    INSERT INTO picture_use (student_id, picture, times, used_at) VALUES (?, ?, 1, ?)
                    ON CONFLICT (student_id, picture) DO UPDATE SET times = times + 1, used_at = excluded.used_at""",
                    pictures.stream().map(p -> new Object[] {student, p, at.toString()}).toList());
                return null;
            });
        }
    }

    /** Last used first. */
    List<String> recent(String student, int most) {
        return database.read(session -> session.list("SELECT picture FROM picture_use WHERE student_id = ? ORDER BY used_at DESC, picture LIMIT ?", row -> row.getString(1), student, most));
    }

    /** Most often used first. */
    List<String> mostUsed(String student, int most) {
        return database.read(session -> session.list("SELECT picture FROM picture_use WHERE student_id = ? ORDER BY times DESC, used_at DESC, picture LIMIT ?", row -> row.getString(1), student, most));
    }
}
