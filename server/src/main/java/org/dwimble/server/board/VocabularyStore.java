package org.dwimble.server.board;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Counts;
import org.dwimble.core.board.Edit;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.server.board.Revisions.Whole;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Vocabularies as kept. A version never changes once made; the head says which one is in force. An edit makes
 * a child of the head, undo moves the head to its parent, redo to its newest child, and a copy takes the
 * head's small rows along but no board and no picture.
 */
@Component
public class VocabularyStore {
    private static final int IN_MEMORY = 200;

    /** A vocabulary at a version, as it is in force. */
    public record Kept(long id, int version, @Nullable String student, @Nullable String starter, @Nullable String about, Vocabulary vocabulary, Map<String, Long> revisions) {
    }

    /** @param by null if the program made it */
    public record Version(int number, @Nullable Integer parent, String madeAt, @Nullable String by, String summary, @Nullable String name, int words, int shown) {
    }

    /** What undo and redo would do now. */
    public record Steps(@Nullable Version undo, @Nullable Version redo) {
    }

    /**
     * Another person changed the same thing first. Neither change is lost: theirs is kept, yours is still in your hands.
     */
    public static final class Conflict extends RuntimeException {
        private final transient Kept theirs;
        private final transient Edit yours;
        private final transient Version lastChange;

        Conflict(Kept theirs, Edit yours, Version lastChange) {
            super("Somebody else changed this first.");
            this.theirs = theirs;
            this.yours = yours;
            this.lastChange = lastChange;
        }

        public Kept theirs() {
            return theirs;
        }

        public Edit yours() {
            return yours;
        }

        public Version lastChange() {
            return lastChange;
        }
    }

    /** Makes an edit out of what is in force, such as words to be put into the next empty cells. */
    @FunctionalInterface
    public interface EditMaker {
        Edit on(Vocabulary vocabulary);
    }

    private record Change(String document, @Nullable Long before, @Nullable Long after) {
    }

    private record Head(int number, @Nullable String student, @Nullable String starter, @Nullable String about) {
    }

    private final Database database;
    private final Revisions revisions;
    private final Map<String, Kept> lately = Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Kept> eldest) {
            return size() > IN_MEMORY;
        }
    });

    VocabularyStore(Database database, Revisions revisions) {
        this.database = database;
        this.revisions = revisions;
    }

    /** The vocabulary as it is in force. */
    public Optional<Kept> find(long id) {
        return database.read(session -> head(session, id).isEmpty() ? Optional.empty() : Optional.of(inForce(session, id)));
    }

    /** Keeps a new vocabulary for a student. */
    public long create(Vocabulary vocabulary, String student, @Nullable Long account, Instant at, String summary) {
        return database.write(session -> create(session, vocabulary, student, null, null, account, at, summary));
    }

    /** As {@link #create(Vocabulary, String, Long, Instant, String)}, inside a transaction that keeps more. */
    public long create(Session session, Vocabulary vocabulary, String student, @Nullable Long account, Instant at, String summary) throws SQLException {
        return create(session, vocabulary, student, null, null, account, at, summary);
    }

    /** Keeps a starter under its own id, replacing what an earlier release shipped; copies made of that stay as they are. */
    public void keepStarter(String starter, String about, Vocabulary vocabulary, Instant at) {
        database.write(session -> {
            Long known = session.first("SELECT id FROM vocabulary WHERE starter = ?", row -> row.getLong(1), starter).orElse(null);
            if (known == null) {
                create(session, vocabulary, null, starter, about, null, at, "shipped with Dwimble");
                return null;
            }
            session.update("UPDATE vocabulary SET about = ? WHERE id = ?", about, known);
            Kept kept = inForce(session, known);
            if (!sameContent(kept.vocabulary, vocabulary)) {
                keepNext(session, kept, vocabulary, null, at, "shipped with a newer Dwimble");
            }
            return null;
        });
    }

    private static boolean sameContent(Vocabulary one, Vocabulary other) {
        return Whole.of(one).equals(Whole.of(other)) && one.boards().equals(other.boards());
    }

    private long create(Session session, Vocabulary vocabulary, @Nullable String student, @Nullable String starter, @Nullable String about,
                        @Nullable Long account, Instant at, String summary) throws SQLException {
        long id = session.insert("INSERT INTO vocabulary (student_id, starter, about, head) VALUES (?, ?, ?, 1) RETURNING id", student, starter, about);
        Map<String, Long> documents = new TreeMap<>();
        documents.put(Revisions.WHOLE, revisions.keep(session, Whole.of(vocabulary)));
        for (Revisions.Written written : List.copyOf(vocabulary.boardsById().values()).parallelStream().map(Revisions.Written::of).toList()) {
            documents.put(written.board().id(), revisions.keep(session, written));
        }
        session.batch("INSERT INTO head (vocabulary_id, document, revision_id) VALUES (?, ?, ?)",
            documents.entrySet().stream().map(d -> new Object[] {id, d.getKey(), d.getValue()}).toList());
        insertVersion(session, id, 1, null, at, account, summary, Counts.of(vocabulary));
        return id;
    }

    /**
     * Copies what is in force under a student's name: a row a board and one for the name, nothing more.
     *
     * @param name of the copy
     */
    public long copy(long from, String student, String name, long account, Instant at) {
        return database.write(session -> {
            Kept original = inForce(session, from);
            long id = session.insert("INSERT INTO vocabulary (student_id, head) VALUES (?, 1) RETURNING id", student);
            session.update("INSERT INTO head (vocabulary_id, document, revision_id) SELECT ?, document, revision_id FROM head WHERE vocabulary_id = ?", id, from);
            Vocabulary copy = original.vocabulary.withName(name);
            session.update("UPDATE head SET revision_id = ? WHERE vocabulary_id = ? AND document = ''", revisions.keep(session, Whole.of(copy)), id);
            insertVersion(session, id, 1, null, at, account, "copied " + original.vocabulary.name(), Counts.of(copy));
            return id;
        });
    }

    /**
     * Makes an edit and answers once it is on disk.
     *
     * @param base  the version the person was looking at; if others came after it, the edit goes on top of them
     *              unless they changed the same thing
     * @throws Conflict   if they did
     * @throws Unacceptable if the edit cannot be made
     */
    public Kept edit(long id, int base, EditMaker maker, long account, Instant at) {
        return database.write(session -> {
            Kept current = inForce(session, id);
            Edit edit = maker.on(current.vocabulary);
            if (base != current.version) {
                refuseConflict(session, current, base, edit);
            }
            Vocabulary next = edit.apply(current.vocabulary);
            return keepNext(session, current, next, account, at, edit.describe(current.vocabulary));
        });
    }

    private void refuseConflict(Session session, Kept current, int base, Edit edit) throws SQLException {
        Vocabulary before = contentAt(session, current, base);
        boolean met = edit.touches().stream().anyMatch(touch -> !touch.sameIn(before, current.vocabulary));
        if (!met) {
            try {
                edit.apply(current.vocabulary);
                return;
            } catch (Unacceptable cannotNow) {
                try {
                    edit.apply(before);
                } catch (Unacceptable couldNeither) {
                    return;
                }
            }
        }
        throw new Conflict(current, edit, version(session, current.id, current.version).orElseThrow());
    }

    private Kept keepNext(Session session, Kept current, Vocabulary next, @Nullable Long account, Instant at, String summary) throws SQLException {
        List<Change> changes = changes(session, current, next);
        if (changes.isEmpty()) {
            return current;
        }
        int number = session.first("SELECT max(number) FROM version WHERE vocabulary_id = ?", row -> row.getInt(1), current.id).orElseThrow() + 1;
        insertVersion(session, current.id, number, current.version, at, account, summary, Counts.of(next));
        session.batch("INSERT INTO version_change (vocabulary_id, version, document, before, after) VALUES (?, ?, ?, ?, ?)",
            changes.stream().map(c -> new Object[] {current.id, number, c.document, c.before, c.after}).toList());
        moveHead(session, current.id, number, changes, true);
        Map<String, Long> now = new HashMap<>(current.revisions);
        changes.forEach(c -> put(now, c.document, c.after));
        return remember(new Kept(current.id, number, current.student, current.starter, current.about, next, now));
    }

    private List<Change> changes(Session session, Kept current, Vocabulary next) throws SQLException {
        List<Change> changes = new ArrayList<>();
        if (!Whole.of(next).equals(Whole.of(current.vocabulary))) {
            changes.add(new Change(Revisions.WHOLE, current.revisions.get(Revisions.WHOLE), revisions.keep(session, Whole.of(next))));
        }
        for (Board board : next.boards().values()) {
            Board was = current.vocabulary.boards().get(board.id());
            if (was != board && !board.equals(was)) {
                changes.add(new Change(board.id(), current.revisions.get(board.id()), revisions.keep(session, board)));
            }
        }
        for (String gone : current.vocabulary.boards().keySet()) {
            if (!next.boards().containsKey(gone)) {
                changes.add(new Change(gone, current.revisions.get(gone), null));
            }
        }
        return changes;
    }

    /** @throws Conflict if somebody changed anything since {@code base}: undoing what one has not seen helps nobody */
    public Kept undo(long id, int base) {
        return step(id, base, true);
    }

    public Kept redo(long id, int base) {
        return step(id, base, false);
    }

    private Kept step(long id, int base, boolean back) {
        return database.write(session -> {
            int number = head(session, id).orElseThrow().number;
            if (number != base) {
                throw new Unacceptable("Somebody changed these boards a moment ago. Have a look at what is there now, then try again; nothing was changed.");
            }
            Steps steps = steps(session, id, number);
            Version step = back ? steps.undo : steps.redo;
            if (step == null) {
                throw new Unacceptable(back ? "There is nothing more to undo." : "There is nothing to redo.");
            }
            moveHead(session, id, back ? Objects.requireNonNull(step.parent) : step.number, changesOf(session, id, step.number), !back);
            return inForce(session, id);
        });
    }

    /** What undo and redo would do to what is in force. */
    public Steps steps(long id, int version) {
        return database.read(session -> steps(session, id, version));
    }

    private Steps steps(Session session, long id, int number) throws SQLException {
        Version undo = version(session, id, number).filter(v -> v.parent != null).orElse(null);
        Integer child = session.first("SELECT max(number) AS child FROM version WHERE vocabulary_id = ? AND parent = ?",
            row -> Session.integer(row, "child"), id, number).orElse(null);
        return new Steps(undo, child == null ? null : version(session, id, child).orElse(null));
    }

    /** Newest first, at most {@code most}; also those that were undone. */
    public List<Version> versions(long id, int most) {
        return database.read(session -> session.list(VERSION + "WHERE n.vocabulary_id = ? ORDER BY n.number DESC LIMIT ?", VocabularyStore::version, id, most));
    }

    /** The starters that ship, smallest grid first. */
    public List<Kept> starters() {
        List<Long> ids = database.read(session -> session.list("SELECT id FROM vocabulary WHERE starter IS NOT NULL ORDER BY id", row -> row.getLong(1)));
        return ids.stream().map(id -> find(id).orElseThrow()).toList();
    }

    /** Ids of a student's vocabularies, the one that changed last first. */
    public List<Long> ofStudent(String student) {
        return database.read(session -> session.list("""
            SELECT v.id FROM vocabulary v JOIN version n ON n.vocabulary_id = v.id AND n.number = v.head
            WHERE v.student_id = ? ORDER BY n.made_at DESC, v.id DESC""", row -> row.getLong(1), student));
    }

    // Inside a transaction.

    private Optional<Head> head(Session session, long id) throws SQLException {
        return session.first("SELECT head, student_id, starter, about FROM vocabulary WHERE id = ?",
            row -> new Head(row.getInt(1), row.getString(2), row.getString(3), row.getString(4)), id);
    }

    private Kept inForce(Session session, long id) throws SQLException {
        Head head = head(session, id).orElseThrow();
        Kept known = lately.get(id + "/" + head.number);
        if (known != null) {
            return known;
        }
        Map<String, Long> documents = new HashMap<>();
        session.list("SELECT document, revision_id FROM head WHERE vocabulary_id = ?", row -> documents.put(row.getString(1), row.getLong(2)), id);
        return remember(new Kept(id, head.number, head.student, head.starter, head.about, assemble(session, documents), documents));
    }

    private Kept remember(Kept kept) {
        lately.put(kept.id + "/" + kept.version, kept);
        return kept;
    }

    private Vocabulary assemble(Session session, Map<String, Long> documents) throws SQLException {
        Map<Long, Object> read = revisions.read(session, documents);
        Map<String, Board> boards = new HashMap<>();
        documents.forEach((document, revision) -> {
            if (!document.equals(Revisions.WHOLE)) {
                boards.put(document, (Board) read.get(revision));
            }
        });
        return ((Whole) read.get(documents.get(Revisions.WHOLE))).with(boards);
    }

    /** What a version held: from what is in force, back along its ancestors to where the two lines part, then forward. */
    private Vocabulary contentAt(Session session, Kept current, int version) throws SQLException {
        Map<String, Long> documents = new HashMap<>(current.revisions);
        List<Integer> forward = new ArrayList<>();
        int here = current.version;
        int there = version;
        while (here != there) {
            if (here > there) {
                for (Change change : changesOf(session, current.id, here)) {
                    put(documents, change.document, change.before);
                }
                here = parent(session, current.id, here);
            } else {
                forward.add(there);
                there = parent(session, current.id, there);
            }
        }
        Collections.reverse(forward);
        for (int number : forward) {
            for (Change change : changesOf(session, current.id, number)) {
                put(documents, change.document, change.after);
            }
        }
        return assemble(session, documents);
    }

    private static int parent(Session session, long id, int number) throws SQLException {
        return session.first("SELECT parent FROM version WHERE vocabulary_id = ? AND number = ?", row -> Session.integer(row, "parent"), id, number)
            .orElseThrow(() -> new Unacceptable("This page shows a version that is not there. Reload it and try again; nothing was changed."));
    }

    private static void put(Map<String, Long> documents, String document, @Nullable Long revision) {
        if (revision == null) {
            documents.remove(document);
        } else {
            documents.put(document, revision);
        }
    }

    private static List<Change> changesOf(Session session, long id, int version) throws SQLException {
        return session.list("SELECT document, before, after FROM version_change WHERE vocabulary_id = ? AND version = ?",
            row -> new Change(row.getString("document"), Session.number(row, "before"), Session.number(row, "after")), id, version);
    }

    private static void moveHead(Session session, long id, int to, List<Change> changes, boolean forward) throws SQLException {
        for (Change change : changes) {
            Long revision = forward ? change.after : change.before;
            if (revision == null) {
                session.update("DELETE FROM head WHERE vocabulary_id = ? AND document = ?", id, change.document);
            } else {
                session.update("INSERT INTO head (vocabulary_id, document, revision_id) VALUES (?, ?, ?) ON CONFLICT (vocabulary_id, document) DO UPDATE SET revision_id = excluded.revision_id",
                    id, change.document, revision);
            }
        }
        session.update("UPDATE vocabulary SET head = ? WHERE id = ?", to, id);
    }

    private static void insertVersion(Session session, long id, int number, @Nullable Integer parent, Instant at, @Nullable Long account, String summary, Counts counts) throws SQLException {
        session.update("INSERT INTO version (vocabulary_id, number, parent, made_at, account_id, summary, words, shown, boards, buttons) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
            id, number, parent, at.toString(), account, summary, counts.words(), counts.shown(), counts.boards(), counts.buttons());
    }

    private static final String VERSION = """
        SELECT n.number, n.parent, n.made_at, a.name AS by_name, n.summary, n.name, n.words, n.shown
        FROM version n LEFT JOIN account a ON a.id = n.account_id
        """;

    private static Optional<Version> version(Session session, long id, int number) throws SQLException {
        return session.first(VERSION + "WHERE n.vocabulary_id = ? AND n.number = ?", VocabularyStore::version, id, number);
    }

    private static Version version(ResultSet row) throws SQLException {
        return new Version(row.getInt("number"), Session.integer(row, "parent"), row.getString("made_at"), row.getString("by_name"),
            row.getString("summary"), row.getString("name"), row.getInt("words"), row.getInt("shown"));
    }
}
