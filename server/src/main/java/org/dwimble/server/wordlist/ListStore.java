package org.dwimble.server.wordlist;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.wordlist.kept.ListDocument;
import org.dwimble.core.document.ToldDocument;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.Merged;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.RightsChanged;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Packing;
import org.dwimble.server.database.Session;
import org.dwimble.server.live.Changed;
import org.dwimble.server.live.Thing;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Word lists as kept. Versions are one line of numbers, the newest is what holds; each holds the whole list, which is small. An edit made
 * on an older version, taking one's own back and making it again are all brought together with what holds by {@link Merged}.
 */
@Component
public class ListStore {
    private static final int PICTURES_SHOWN = 6;

    /**
     * A list at its newest version.
     *
     * @param student whom it is for; null for nobody in particular
     * @param shared  true if it is on the shelf
     * @param mended  what of it could not be used as it was kept
     */
    public record Kept(long id, int version, @Nullable String student, long owner, boolean shared, WordList list, @Nullable Long from, List<Told> mended) {
        Kept with(WordList seen) {
            return new Kept(id, version, student, owner, shared, seen, from, mended);
        }
    }

    /** @param name null if nobody gave it one */
    public record Version(int number, String madeAt, long account, String by, Told told, @Nullable String name) {
        /** What was first done, if this takes it back or makes it again. */
        Told atBottom() {
            return told.with().get("what") instanceof Told what ? what : told;
        }
    }

    /** A list as lists show it. @param pictures the first of its words @param by who changed it last */
    public record ListLine(long id, String name, int words, String support, List<String> pictures, @Nullable String student,
        @Nullable String studentName, long owner, String ownerName, boolean shared, String changedAt, String by) {
        /** For somebody who sees it on the shelf alone: not whose it is, nor pictures that are not this person's to use. */
        ListLine forOthers(Predicate<String> may) {
            return new ListLine(id, name, words, support, pictures.stream().filter(may).toList(), null, null, owner, ownerName, shared, changedAt, by);
        }
    }

    /** What undo and redo would do now for one person; what others did in between does not count. */
    public record Steps(@Nullable Version undo, @Nullable Version redo) {
    }

    /** Another person changed the same thing first: theirs is kept, yours is still in your hands. @param theirs the version that did */
    public static final class Conflict extends RuntimeException {
        private final transient Kept now;
        private final transient Version theirs;
        private final transient Merged.Met met;

        Conflict(Kept now, Version theirs, Merged.Met met) {
            super("met on " + met);
            this.now = now;
            this.theirs = theirs;
            this.met = met;
        }

        public Kept now() {
            return now;
        }

        public Version theirs() {
            return theirs;
        }

        public Merged.Met met() {
            return met;
        }
    }

    private enum Act { CHANGE, BACK, AGAIN }

    private final Database database;
    private final ApplicationEventPublisher told;

    ListStore(Database database, ApplicationEventPublisher told) {
        this.database = database;
        this.told = told;
    }

    public long create(WordList list, @Nullable String student, long account, Instant at, Told told) {
        return create(list, student, null, account, at, told);
    }

    /** @param from the list it is a copy of; null for none */
    public long create(WordList list, @Nullable String student, @Nullable Kept from, long account, Instant at, Told told) {
        return database.write(session -> {
            long id = session.insert("""
                INSERT INTO word_list (student_id, owner, head, name, words, support, pictures, copied_from, copied_version) VALUES (?, ?, 1, ?, ?, ?, ?, ?, ?)
                RETURNING id""", student, account, list.name(), list.words().size(), list.now(), shown(list), from == null ? null : from.id(),
                from == null ? null : from.version());
            insertVersion(session, id, 1, list, account, at, told, Act.CHANGE);
            return id;
        });
    }

    private static String shown(WordList list) {
        return String.join(" ", list.withRows(List.of()).pictures().stream().limit(PICTURES_SHOWN).toList());
    }

    public Optional<Kept> find(long id) {
        return database.read(session -> head(session, id));
    }

    /** As it is in force; a problem for the person if there is none. */
    public Kept there(long id) {
        return find(id).orElseThrow(() -> Problem.notFound("list"));
    }

    private static Optional<Kept> head(Session session, long id) throws SQLException {
        return session.first("""
            SELECT l.id, l.head, l.student_id, l.owner, l.shared, l.copied_from, n.content FROM word_list l
            JOIN list_version n ON n.list_id = l.id AND n.number = l.head WHERE l.id = ? AND l.deleted_at IS NULL
                AND NOT EXISTS (SELECT 1 FROM student s WHERE s.id = l.student_id AND s.deleted_at IS NOT NULL)""",
            row -> {
                ListDocument.Read read = ListDocument.readAll(Packing.unpackedAlone(row.getBytes("content")));
                return new Kept(row.getLong("id"), row.getInt("head"), row.getString("student_id"), row.getLong("owner"), row.getInt("shared") == 1,
                    read.list(), Session.number(row, "copied_from"), read.mended());
            }, id);
    }

    private static WordList list(ResultSet row) throws SQLException {
        return ListDocument.read(Packing.unpackedAlone(row.getBytes("content")));
    }

    /** Gives a version a name, so that it is found again; an empty one takes it away. */
    public void nameVersion(long id, int number, @Nullable String name) {
        String tidy = Text.tidy(name == null ? "" : name);
        Text.atMost(WordList.LONGEST_NAME, "version_name", tidy);
        String kept = tidy.isEmpty() ? null : tidy;
        database.write(session -> session.update("UPDATE list_version SET name = ? WHERE list_id = ? AND number = ?", kept, id, number));
    }

    /** What a version held; empty if there is no such version. */
    public Optional<WordList> version(long id, int number) {
        return database.read(session -> content(session, id, number));
    }

    private static Optional<WordList> content(Session session, long id, int number) throws SQLException {
        return session.first("SELECT content FROM list_version WHERE list_id = ? AND number = ?", ListStore::list, id, number);
    }

    /**
     * @param base the version it was made on
     * @throws Conflict if somebody else changed the same thing since
     */
    public Kept edit(long id, int base, ListEdit edit, long account, Instant at) {
        return database.write(session -> {
            Kept now = head(session, id).orElseThrow(() -> Problem.notFound("list"));
            WordList seen = base == now.version ? now.list : content(session, id, base).orElseThrow(() -> new Unacceptable("version-not-there"));
            WordList mine = edit.on(seen);
            Merged merged = Merged.of(seen, mine, now.list);
            if (merged.met() != null) {
                throw new Conflict(now, whoMet(session, now, base, seen, mine), merged.met());
            }
            return keepNext(session, now, merged.list(), edit.told(seen), Act.CHANGE, account, at);
        });
    }

    /** A version since {@code base} that met, where the one before it did not; sought by halves, so an old base costs no more. */
    private static Version whoMet(Session session, Kept now, int base, WordList seen, WordList mine) throws SQLException {
        int meetsNot = base;
        int meets = now.version;
        while (meets - meetsNot > 1) {
            int middle = (meetsNot + meets) >>> 1;
            if (Merged.of(seen, mine, content(session, now.id, middle).orElseThrow()).met() == null) {
                meetsNot = middle;
            } else {
                meets = middle;
            }
        }
        return version(session, now.id, meets);
    }

    /** Takes back this person's last change that is not taken back, if what it changed is still as it left it. */
    public Kept undo(long id, long account, Instant at) {
        return reverse(id, account, at, Act.BACK);
    }

    /** Makes again what this person took back last, unless he or she has changed something else since. */
    public Kept redo(long id, long account, Instant at) {
        return reverse(id, account, at, Act.AGAIN);
    }

    private Kept reverse(long id, long account, Instant at, Act act) {
        return database.write(session -> {
            Kept now = head(session, id).orElseThrow(() -> Problem.notFound("list"));
            Version reversed = (act == Act.BACK ? undoable(session, id, account) : redoable(session, id, account))
                .orElseThrow(() -> new Unacceptable(act == Act.BACK ? "nothing-to-undo" : "nothing-to-redo"));
            WordList after = content(session, id, reversed.number).orElseThrow();
            WordList before = content(session, id, reversed.number - 1).orElseThrow();
            Merged merged = Merged.of(after, before, now.list);
            if (merged.met() != null) {
                throw new Conflict(now, whoMet(session, now, reversed.number, after, before), merged.met());
            }
            session.update("UPDATE list_version SET reversed = 1 WHERE list_id = ? AND number = ?", id, reversed.number);
            return keepNext(session, now, merged.list(), Told.of(act == Act.BACK ? "took-back" : "made-again", "what", reversed.atBottom()), act, account, at);
        });
    }

    private Kept keepNext(Session session, Kept now, WordList next, Told what, Act act, long account, Instant at) throws SQLException {
        if (next.equals(now.list) && act == Act.CHANGE) {
            return now;
        }
        int number = now.version + 1;
        insertVersion(session, now.id, number, next, account, at, what, act);
        session.update("UPDATE word_list SET head = ?, name = ?, words = ?, support = ?, pictures = ? WHERE id = ?", number, next.name(), next.words().size(),
            next.now(), shown(next), now.id);
        session.afterCommit(() -> told.publishEvent(new Changed(Thing.list(now.id), number)));
        return new Kept(now.id, number, now.student, now.owner, now.shared, next, now.from, List.of());
    }

    private static void insertVersion(Session session, long id, int number, WordList list, long account, Instant at, Told told, Act act) throws SQLException {
        session.update("INSERT INTO list_version (list_id, number, made_at, account_id, told, act, content) VALUES (?, ?, ?, ?, ?, ?, ?)", id, number,
            at.toString(), account, ToldDocument.write(told), act.name(), Packing.alone(ListDocument.write(list)));
        session.batch("INSERT INTO list_media (list_id, number, media_id) SELECT ?, ?, id FROM media WHERE id = ?",
            list.pictures().stream().filter(MediaId::isOwn).map(p -> new Object[] {id, number, MediaId.hash(p)}).toList());
    }

    public Steps steps(long id, long account) {
        return database.read(session -> new Steps(undoable(session, id, account).orElse(null), redoable(session, id, account).orElse(null)));
    }

    private static final String VERSION = """
        SELECT n.number, n.made_at, n.account_id, a.name AS by_name, n.told, n.name FROM list_version n JOIN account a ON a.id = n.account_id
        """;

    private static Optional<Version> undoable(Session session, long id, long account) throws SQLException {
        return session.first(VERSION + """
            WHERE n.list_id = ? AND n.account_id = ? AND n.act <> 'BACK' AND n.reversed = 0 AND n.number > 1 ORDER BY n.number DESC LIMIT 1""",
            ListStore::version, id, account);
    }

    private static Optional<Version> redoable(Session session, long id, long account) throws SQLException {
        return session.first(VERSION + """
            WHERE n.list_id = ? AND n.account_id = ? AND n.act = 'BACK' AND n.reversed = 0
                AND n.number > coalesce((SELECT max(c.number) FROM list_version c
                    WHERE c.list_id = n.list_id AND c.account_id = n.account_id AND c.act = 'CHANGE'), 0)
            ORDER BY n.number DESC LIMIT 1""", ListStore::version, id, account);
    }

    private static Version version(Session session, long id, int number) throws SQLException {
        return session.first(VERSION + "WHERE n.list_id = ? AND n.number = ?", ListStore::version, id, number).orElseThrow();
    }

    private static Version version(ResultSet row) throws SQLException {
        return new Version(row.getInt("number"), row.getString("made_at"), row.getLong("account_id"), row.getString("by_name"),
            ToldDocument.read(row.getString("told")), row.getString("name"));
    }

    /** Newest first, at most {@code most}. */
    public List<Version> versions(long id, int most) {
        return database.read(session -> session.list(VERSION + "WHERE n.list_id = ? ORDER BY n.number DESC LIMIT ?", ListStore::version, id, most));
    }

    /** Puts it on the school's shelf, or takes it from there. */
    public void share(long id, boolean shared) {
        database.write(session -> session.update("UPDATE word_list SET shared = ? WHERE id = ?", shared ? 1 : 0, id));
        told.publishEvent(new RightsChanged());
    }

    public void delete(long id, long account, Instant at) {
        database.write(session -> session.update("UPDATE word_list SET deleted_at = ?, deleted_by = ? WHERE id = ? AND deleted_at IS NULL",
            at.toString(), account, id));
        told.publishEvent(new RightsChanged());
    }

    /**
     * All an account may see: its own for nobody in particular, those of its students, those on the shelf; the latest first.
     *
     * @param student of this one alone; null for all
     * @param may     true of the id of a picture this account may use
     */
    public List<ListLine> lines(long account, @Nullable String student, Predicate<String> may) {
        return database.read(session -> session.list("""
            SELECT l.id, l.name, l.words, l.support, l.pictures, l.student_id, s.name AS student_name, l.owner, o.name AS owner_name, l.shared, n.made_at,
                a.name AS by_name, (t.role IS NOT NULL OR l.student_id IS NULL AND l.owner = ?) AS team
            FROM word_list l JOIN list_version n ON n.list_id = l.id AND n.number = l.head JOIN account a ON a.id = n.account_id
                JOIN account o ON o.id = l.owner
            LEFT JOIN student s ON s.id = l.student_id LEFT JOIN team t ON t.student_id = l.student_id AND t.account_id = ?
            WHERE l.deleted_at IS NULL AND (s.id IS NULL OR s.deleted_at IS NULL)
                AND (l.shared = 1 OR t.role IS NOT NULL OR l.student_id IS NULL AND l.owner = ?) AND (? IS NULL OR l.student_id = ?)
            ORDER BY n.made_at DESC, l.id DESC""",
            row -> {
                ListLine line = new ListLine(row.getLong("id"), row.getString("name"), row.getInt("words"), row.getString("support"),
                    row.getString("pictures").isEmpty() ? List.of() : List.of(row.getString("pictures").split(" ")), row.getString("student_id"),
                    row.getString("student_name"), row.getLong("owner"), row.getString("owner_name"), row.getInt("shared") == 1, row.getString("made_at"),
                    row.getString("by_name"));
                return row.getBoolean("team") ? line : line.forOthers(may);
            }, account, account, account, student, student));
    }
}
