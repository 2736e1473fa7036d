package org.dwimble.server.use;

import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.Period;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.use.HowOften;
import org.dwimble.core.use.UseKept;
import org.dwimble.core.use.Used;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.springframework.stereotype.Component;

/** Words and messages that were said. */
@Component
public class UseStore {
    /** So long it is known what was sent; nobody's device keeps it longer. */
    private static final Duration KNOWN = Duration.ofDays(60);

    /** So far back words are counted. */
    private static final Period COUNTED = Period.ofYears(3);
    /** So many messages of a student are kept, the latest. */
    private static final int MOST_MESSAGES = 5_000;
    /** So many different words a day. */
    private static final int MOST_WORDS_A_DAY = 2_000;

    /** A message as it was said. */
    public record Message(Instant at, String text) {
    }

    private final Database database;

    UseStore(Database database) {
        this.database = database;
    }

    /**
     * Adds what was said, once, and no more of it than was agreed to.
     *
     * @param id of what is sent, made where it was said
     */
    public void add(String student, String id, UseKept agreed, LocalDate day, Map<String, Integer> words, List<Message> messages, Instant now) {
        if (!agreed.counts()) {
            return;
        }
        database.run(session -> {
            if (session.update("INSERT OR IGNORE INTO use_sent (id, student_id, at) VALUES (?, ?, ?)", id, student, now.toString()) == 0) {
                return;
            }
            session.update("DELETE FROM use_sent WHERE at < ?", now.minus(KNOWN).toString());
            session.update("DELETE FROM use_word WHERE student_id = ? AND day < ?", student, day.minus(COUNTED).toString());
            for (Map.Entry<String, Integer> word : words.entrySet()) {
                add(session, student, Used.wordOf(word.getKey()), day, word.getValue());
            }
            if (agreed == UseKept.MESSAGES) {
                for (Message message : messages) {
                    session.update("INSERT INTO use_message (student_id, said_at, text) VALUES (?, ?, ?)", student, message.at.toString(), message.text);
                }
                session.update("""
                    DELETE FROM use_message WHERE student_id = ? AND id NOT IN (
                        SELECT id FROM use_message WHERE student_id = ? ORDER BY said_at DESC, id DESC LIMIT ?)""", student, student, MOST_MESSAGES);
            }
        });
    }

    /** More words than anybody says in a day are not counted any more. */
    private static void add(Session session, String student, String word, LocalDate day, int times) throws SQLException {
        session.update("""
            INSERT INTO use_word (student_id, word, day, times)
            SELECT ?, ?, ?, ? WHERE (SELECT COUNT(*) FROM use_word WHERE student_id = ? AND day = ?) < ?
            ON CONFLICT (student_id, word, day) DO UPDATE SET times = times + excluded.times""", student, word, day.toString(), times, student, day.toString(),
            MOST_WORDS_A_DAY);
    }

    /** How often, and for how long, each word was said. */
    public Map<String, HowOften> said(String student) {
        Map<String, HowOften> said = new HashMap<>();
        database.read(session -> session.list("""
            SELECT word, SUM(times) AS times, CAST(julianday(MAX(day)) - julianday(MIN(day)) AS INTEGER) AS days
            FROM use_word WHERE student_id = ? GROUP BY word""",
            row -> said.put(row.getString("word"), new HowOften(row.getInt("times"), row.getInt("days"))), student));
        return said;
    }

    /** The first day something was kept of. */
    public Optional<LocalDate> since(String student) {
        return database
            .read(session -> session.list("SELECT MIN(day) AS day FROM use_word WHERE student_id = ?", row -> Optional.ofNullable(row.getString("day")),
                student))
            .stream().flatMap(Optional::stream).findFirst().map(LocalDate::parse);
    }

    /** The latest first. */
    public List<Message> messages(String student, int most) {
        return database.read(session -> session.list("SELECT said_at, text FROM use_message WHERE student_id = ? ORDER BY said_at DESC, id DESC LIMIT ?",
            row -> new Message(Instant.parse(row.getString("said_at")), row.getString("text")), student, most));
    }

    /** All that was kept of a student is gone, for good. */
    public void delete(String student) {
        database.run(session -> {
            session.update("DELETE FROM use_word WHERE student_id = ?", student);
            session.update("DELETE FROM use_message WHERE student_id = ?", student);
        });
    }
}
