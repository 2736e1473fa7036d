package org.dwimble.server.choice;

import java.sql.SQLException;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.dwimble.core.words.Spelling;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.library.Library;
import org.springframework.stereotype.Component;

/**
 * Words people put on boards of this school for which there was no picture, for whoever draws. A child is not known by
 * them: only words of the language are counted, in small letters as they stand, none that is in the name of a student,
 * and only what was put on boards several times is told.
 */
@Component
public class AskedFor {
    /** More words are not looked at: the rarest are no use to anybody. */
    private static final int LOOKED_AT = 400;
    private static final int OFTEN = 2;

    /** @param times how often it was put on a board without a picture */
    public record Word(String word, int times) {
    }

    private final Database database;
    private final Library library;

    AskedFor(Database database, Library library) {
        this.database = database;
        this.library = library;
    }

    /** Counts words that were put on boards without a picture, in the transaction that put them there. */
    public void count(Session session, Collection<String> words, Instant at) throws SQLException {
        List<String> ordinary = words.stream().filter(w -> Character.isLowerCase(w.charAt(0)) && library.kinds().ordinary(w)).distinct().toList();
        if (!ordinary.isEmpty()) {
            Set<String> names = names(session);
            session.batch("""
                INSERT INTO asked_for (word, times, last_at) VALUES (?, 1, ?)
                ON CONFLICT (word) DO UPDATE SET times = times + 1, last_at = excluded.last_at""",
                ordinary.stream().filter(w -> !names.contains(Spelling.fold(w))).map(w -> new Object[] {w, at.toString()}).toList());
        }
    }

    /** Every part of every student's name, folded. */
    private static Set<String> names(Session session) throws SQLException {
        Set<String> parts = new HashSet<>();
        session.list("SELECT name FROM student", row -> row.getString(1)).forEach(name -> parts.addAll(List.of(Spelling.fold(name).split(" "))));
        return parts;
    }

    /** Most often asked for first, without those that have a picture by now or are in the name of somebody who came since. */
    public List<Word> often(int most) {
        return database.read(session -> {
            Set<String> names = names(session);
            return session.list("SELECT word, times FROM asked_for WHERE times >= ? ORDER BY times DESC, last_at DESC, word LIMIT ?",
                row -> new Word(row.getString(1), row.getInt(2)), OFTEN, LOOKED_AT).stream().filter(w -> !names.contains(Spelling.fold(w.word))).toList();
        }).stream().filter(w -> library.search().best(w.word).isEmpty()).limit(most).toList();
    }
}
