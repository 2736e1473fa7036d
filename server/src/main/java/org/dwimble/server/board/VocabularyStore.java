package org.dwimble.server.board;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.whole.GoBack;
import org.dwimble.core.grant.Grant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.grant.GrantTable;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.version.AtVersion;
import org.dwimble.server.version.Beside;
import org.dwimble.server.version.Room;
import org.dwimble.server.version.Steps;
import org.dwimble.server.version.Version;
import org.dwimble.server.version.Versions;
import org.dwimble.server.version.Written;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Vocabularies as kept: whose they are, what they are copies of, and their line of versions. A copy takes the head's small rows along but no
 * board and no picture.
 */
@Component
public class VocabularyStore {
    private static final VocabularyShelf SHELF = new VocabularyShelf();

    /** What is kept together with an edit of a vocabulary, or refuses it. */
    @FunctionalInterface
    public interface Asking extends Beside<Change> {
        Asking NOTHING = (session, change) -> {
        };
    }

    /**
     * A vocabulary at a version.
     *
     * @param student null for a starter
     * @param about   what a starter is for; null for what is none
     */
    public record Kept(@Nullable String student, @Nullable String starter, @Nullable String about, AtVersion<Vocabulary> at) {
        private Kept at(AtVersion<Vocabulary> other) {
            return new Kept(student, starter, about, other);
        }

        public long id() {
            return at.id();
        }

        public int version() {
            return at.version();
        }

        public Vocabulary vocabulary() {
            return at.content();
        }

        public long revisionOf(String board) {
            return at.revisionOf(board);
        }

        /** Worked out the first time it is asked for, as are the overview and the lines; then it stays with the version. */
        public Counts counts() {
            return VocabularyShelf.of(at).counts();
        }

        public Overview overview() {
            return VocabularyShelf.of(at).overview();
        }

        /** What a view tells of each board on a screen, by the board's id and in order; worked out once for a screen. */
        public Map<String, VocabularyView.BoardLine> lines(Screen screen) {
            return VocabularyShelf.of(at).lines(at, screen);
        }
    }

    /** What an edit did. @param before as it held until then; @param after as it now holds; @param steps what undo and redo would do now for who made it */
    public record Done(Kept before, Kept after, Change change, Steps steps) {
    }

    private final Database database;
    private final Versions<Vocabulary> versions;

    VocabularyStore(Database database, Room room) {
        this.database = database;
        this.versions = room.of(SHELF);
    }

    /** The vocabulary as it is in force. */
    public Optional<Kept> find(long id) {
        return database.read(session -> inForce(session, id));
    }

    /** The vocabulary as it is in force; a problem for the person if there is none. */
    public Kept there(long id) {
        return find(id).orElseThrow(() -> Problem.notFound("vocabulary"));
    }

    private Optional<Kept> inForce(Session session, long id) throws SQLException {
        AtVersion<Vocabulary> at = versions.inForce(session, id).orElse(null);
        return at == null ? Optional.empty() : session.first("SELECT student_id, starter, about FROM vocabulary WHERE id = ?", row -> kept(row, at), id);
    }

    private static Kept kept(ResultSet row, AtVersion<Vocabulary> at) throws SQLException {
        return new Kept(row.getString(1), row.getString(2), row.getString(3), at);
    }

    /** What a version held; empty if there is no such version. */
    public Optional<Vocabulary> version(long id, int number) {
        return versions.version(id, number);
    }

    /** The number of the last version made before a moment; empty if there is none. */
    public Optional<Integer> lastBefore(long id, Instant moment) {
        return versions.lastBefore(id, moment);
    }

    /** Gives a version a name, or takes it away. @param name null for none */
    public void nameVersion(long id, int number, @Nullable String name) {
        versions.name(id, number, name);
    }

    /** Keeps a new vocabulary for a student. */
    public long create(Vocabulary vocabulary, String student, @Nullable Long account, Instant at, Told told) {
        return database.write(session -> create(session, vocabulary, student, account, at, told));
    }

    /** As {@link #create(Vocabulary, String, Long, Instant, Told)}, inside a transaction that keeps more. */
    public long create(Session session, Vocabulary vocabulary, String student, @Nullable Long account, Instant at, Told told) throws SQLException {
        long id = insert(session, student, null, null, vocabulary);
        versions.begin(session, id, SHELF.written(vocabulary), vocabulary, account, at, told);
        return id;
    }

    /** Keeps a starter under its own id, replacing what an earlier release shipped; copies made of that stay as they are. */
    public void keepStarter(String starter, String about, Vocabulary vocabulary, Instant at) {
        List<Written> written = SHELF.written(vocabulary);
        database.run(session -> {
            Long known = session.first("SELECT id FROM vocabulary WHERE starter = ?", row -> row.getLong(1), starter).orElse(null);
            if (known == null) {
                long id = insert(session, null, starter, about, vocabulary);
                GrantTable.give(session, new Grant(Who.EVERYBODY, Role.VIEWER, Thing.vocabulary(id)));
                versions.begin(session, id, written, vocabulary, null, at, Told.of("shipped"));
                return;
            }
            session.update("UPDATE vocabulary SET about = ? WHERE id = ?", about, known);
            versions.edit(session, known, versions.inForce(session, known).orElseThrow().version(),
                (now, ids) -> Change.of(now, vocabulary, Needs.NOTHING, Told.of("shipped-newer")), Beside.nothing(), null, at);
        });
    }

    /** Keeps a bundle: boards of nobody, on the shelf of an account, which may do with it as with its own. */
    public long bundle(Vocabulary bundle, long account, Instant at, Told told) {
        return database.write(session -> bundle(session, bundle, account, at, told));
    }

    /** As above, inside a transaction that keeps more. */
    public long bundle(Session session, Vocabulary bundle, long account, Instant at, Told told) throws SQLException {
        long id = session.insert("INSERT INTO vocabulary (bundled_by, name, home_rows, home_columns) VALUES (?, ?, ?, ?) RETURNING id", account, bundle.name(),
            bundle.homeBoard().rows(), bundle.homeBoard().columns());
        GrantTable.give(session, new Grant(new Who.Person(account), Role.OWNER, Thing.vocabulary(id)));
        versions.begin(session, id, SHELF.written(bundle), bundle, account, at, told);
        return id;
    }

    private static long insert(Session session, @Nullable String student, @Nullable String starter, @Nullable String about, Vocabulary vocabulary)
        throws SQLException {
        return session.insert("INSERT INTO vocabulary (student_id, starter, about, name, home_rows, home_columns) VALUES (?, ?, ?, ?, ?, ?) RETURNING id",
            student, starter, about, vocabulary.name(), vocabulary.homeBoard().rows(), vocabulary.homeBoard().columns());
    }

    /**
     * Copies what is in force under a student's name: a row a board and one for the name, nothing more.
     *
     * @param name of the copy
     */
    public long copy(long from, String student, String name, long account, Instant at) {
        return copy(from, student, name, "", account, at);
    }

    /** As above. @param note why, in somebody's words; may be empty */
    public long copy(long from, String student, String name, String note, long account, Instant at) {
        return database.write(session -> {
            Kept original = inForce(session, from).orElseThrow(() -> Problem.notFound("vocabulary"));
            Vocabulary copy = original.vocabulary().withName(name);
            long id = insert(session, student, null, null, copy);
            copiedFrom(session, id, original, note);
            versions.copy(session, id, original.at, VocabularyShelf.written(copy.whole()), copy, account, at, copied(original));
            return id;
        });
    }

    private static Told copied(Kept from) {
        return Told.of("copied", "name", from.vocabulary().name());
    }

    /** Keeps a copy that is not quite what it is of. @param made what it holds, under the name it is to have */
    public long copy(Kept from, Vocabulary made, String student, String note, long account, Instant at) {
        return database.write(session -> {
            long id = create(session, made, student, account, at, copied(from));
            copiedFrom(session, id, from, note);
            return id;
        });
    }

    private static void copiedFrom(Session session, long id, Kept from, String note) throws SQLException {
        session.update("UPDATE vocabulary SET copied_from = ?, copied_version = ?, note = ? WHERE id = ?", from.id(), from.version(),
            note.isEmpty() ? null : note, id);
    }

    /** What a vocabulary is a copy of. @param version it had then */
    public record Origin(long vocabulary, int version, String name, @Nullable String note) {
    }

    /** Empty if it is no copy. */
    public Optional<Origin> origin(long id) {
        return database.read(session -> session.first("""
            SELECT v.copied_from, v.copied_version, o.name, v.note FROM vocabulary v JOIN vocabulary o ON o.id = v.copied_from WHERE v.id = ?""",
            row -> new Origin(row.getLong(1), row.getInt(2), row.getString(3), row.getString(4)), id));
    }

    /**
     * Makes an edit and answers once it is on disk.
     *
     * @param base   the version the person was looking at; if others came after it, the edit goes on top of them
     *               unless they changed something it needs
     * @param beside what is kept in the same transaction
     * @throws org.dwimble.server.version.Conflict     if they did
     * @throws org.dwimble.core.told.Unacceptable if the edit cannot be made
     */
    public Done edit(long id, int base, Intention intention, Asking beside, long account, Instant at) {
        return done(there(id), () -> versions.edit(id, base, intention, (session, made) -> beside.keep(session, (Change) made), account, at));
    }

    /**
     * Takes back this person's last change that is not taken back, if what it changed is still as it left it.
     *
     * @param before takes back the last one older than this version; null for the last of all
     * @param beside what is kept in the same transaction
     * @throws org.dwimble.server.version.Conflict if somebody has changed the same thing since
     */
    public Done undo(long id, @Nullable Integer before, Asking beside, long account, Instant at) {
        return done(there(id), () -> versions.undo(id, before, (session, made) -> beside.keep(session, (Change) made), account, at));
    }

    /** Makes again what this person took back last, unless he or she has changed something else since. */
    public Done redo(long id, Asking beside, long account, Instant at) {
        return done(there(id), () -> versions.redo(id, (session, made) -> beside.keep(session, (Change) made), account, at));
    }

    /** Makes everything as it was at an earlier version, as a change of its own. */
    public Done goBack(long id, int base, int version, Asking beside, long account, Instant at) {
        return done(there(id), () -> versions.goBack(id, base, version, then -> new GoBack(version, then),
            (session, made) -> beside.keep(session, (Change) made), account, at));
    }

    /** Whatever is needed for the answer is read before. */
    private static Done done(Kept before, Supplier<org.dwimble.server.version.Done<Vocabulary>> made) {
        org.dwimble.server.version.Done<Vocabulary> done = made.get();
        return new Done(before.at(done.before()), before.at(done.after()), (Change) done.made(), done.steps());
    }

    /** What undo and redo would do now for a person. */
    public Steps steps(long id, long account) {
        return versions.steps(id, account);
    }

    /** Newest first, at most {@code most}. */
    public List<Version> versions(long id, int most) {
        return versions.versions(id, most);
    }

    /** The starters that ship, smallest grid first. */
    public List<Kept> starters() {
        List<Long> starters = database
            .read(session -> session.list("SELECT id FROM vocabulary WHERE starter IS NOT NULL ORDER BY home_rows * home_columns, id", row -> row.getLong(1)));
        return starters.stream().map(id -> find(id).orElseThrow()).toList();
    }

    /** A vocabulary as a list shows it. @param cells of its home board @param boards how many it has */
    public record Named(long id, String name, int cells, int boards) {
    }

    /** A bundle as a list shows it. @param madeAt when it was kept */
    public record Bundled(long id, String name, int boards, Instant madeAt) {
    }

    /** The bundles on the shelf of an account, the latest first. */
    public List<Bundled> bundles(long account) {
        return database.read(session -> session.list(
            """
                SELECT v.id, v.name, n.boards, f.made_at FROM vocabulary v
                JOIN line l ON l.sort = 'vocabulary' AND l.thing = v.id JOIN version n ON n.line = l.id AND n.number = l.head
                JOIN version f ON f.line = l.id AND f.number = 1
                WHERE v.bundled_by = ? AND v.deleted_at IS NULL ORDER BY f.made_at DESC, v.id DESC""",
            row -> new Bundled(row.getLong(1), row.getString(2), row.getInt(3), Instant.parse(row.getString(4))), account));
    }

    /** A student's vocabularies, the one that changed last first. */
    public List<Named> ofStudent(String student) {
        return database.read(session -> session.list(
            """
                SELECT v.id, v.name, v.home_rows * v.home_columns, n.boards FROM vocabulary v
                JOIN line l ON l.sort = 'vocabulary' AND l.thing = v.id JOIN version n ON n.line = l.id AND n.number = l.head
                WHERE v.student_id = ? AND v.deleted_at IS NULL ORDER BY n.made_at DESC, v.id DESC""",
            row -> new Named(row.getLong(1), row.getString(2), row.getInt(3), row.getInt(4)),
            student));
    }
}
