package org.dwimble.server.board;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Counts;
import org.dwimble.core.text.Text;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.document.ToldDocument;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Delta;
import org.dwimble.core.edit.Deltas;
import org.dwimble.core.edit.GoBack;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Needs;
import org.dwimble.core.edit.Reverse;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.live.Live;
import org.dwimble.server.live.Thing;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Vocabularies as kept. Versions are one line of numbers and the newest is what holds; a version never changes once
 * made. An edit, taking one back and going back to an old version all append one, and a copy takes the head's small
 * rows along but no board and no picture.
 */
@Component
public class VocabularyStore {
    private static final int BYTES_A_BOARD = 120;

    /** A vocabulary at a version, with the revision of each of its documents. */
    public static final class Kept {
        private final long id;
        private final int version;
        private final @Nullable String student;
        private final @Nullable String starter;
        private final @Nullable String about;
        private final Vocabulary vocabulary;
        private final Map<String, Long> revisions;
        private final int bytes;
        private volatile @Nullable Lines lines;
        private volatile @Nullable Overview overview;
        private volatile @Nullable Counts counts;

        Kept(long id, int version, @Nullable String student, @Nullable String starter, @Nullable String about, Vocabulary vocabulary, Map<String, Long>
                revisions, int bytes) {
            this.id = id;
            this.version = version;
            this.student = student;
            this.starter = starter;
            this.about = about;
            this.vocabulary = vocabulary;
            this.revisions = revisions;
            this.bytes = bytes;
        }

        public long id() {
            return id;
        }

        public int version() {
            return version;
        }

        public @Nullable String student() {
            return student;
        }

        public @Nullable String starter() {
            return starter;
        }

        public @Nullable String about() {
            return about;
        }

        public Vocabulary vocabulary() {
            return vocabulary;
        }

        long revisionOf(String board) {
            return revisions.get(board);
        }

        /** Worked out the first time it is asked for, as is the overview; then it stays with the version. */
        public Counts counts() {
            Counts known = counts;
            if (known == null) {
                known = Counts.of(vocabulary);
                counts = known;
            }
            return known;
        }

        Overview overview() {
            Overview known = overview;
            if (known == null) {
                known = Overview.of(vocabulary);
                overview = known;
            }
            return known;
        }

        /** What a view tells of each board on a screen, by the board's id and in order; worked out once for a screen. */
        Map<String, VocabularyView.BoardLine> lines(Screen screen) {
            Lines known = lines;
            if (known == null || !known.on.equals(screen)) {
                known = new Lines(screen, VocabularyView.lines(this, screen));
                lines = known;
            }
            return known.byId;
        }

        private record Lines(Screen on, Map<String, VocabularyView.BoardLine> byId) {
        }
    }

    /** What sort of version: a change, taking back one's own, making again what was taken back. */
    public enum Act { CHANGE, BACK, AGAIN }

    /** @param by null if the program made it */
    public record Version(int number, String madeAt, @Nullable Long account, @Nullable String by, Told told, @Nullable String name, int words, int shown) {
        /** What was first done, if this takes it back or makes it again. */
        Told atBottom() {
            return told.with().get("what") instanceof Told what ? what : told;
        }
    }

    /** What undo and redo would do now for one person; what others did in between does not count. */
    public record Steps(@Nullable Version undo, @Nullable Version redo) {
    }

    /** What an edit did. @param before as it held until then; @param after as it now holds; @param steps what undo and redo would do now for who made it */
    public record Done(Kept before, Kept after, Change change, Steps steps) {
    }

    /** Is kept together with an edit, in its transaction, or refuses it. */
    @FunctionalInterface
    public interface Beside {
        Beside NOTHING = (session, change) -> { };

        void keep(Session session, Change change) throws SQLException;
    }

    /**
     * Another person changed the same thing first. Neither change is lost: theirs is kept, yours is still in your hands.
     */
    public static final class Conflict extends RuntimeException {
        private final transient Kept now;
        private final transient @Nullable Change yours;
        private final transient @Nullable Key met;
        private final transient Version theirs;
        private final transient Act act;

        Conflict(Kept now, @Nullable Change yours, @Nullable Key met, Version theirs, Act act) {
            super("met on " + met + " with version " + theirs.number);
            this.now = now;
            this.yours = yours;
            this.met = met;
            this.theirs = theirs;
            this.act = act;
        }

        public Kept now() {
            return now;
        }

        /** What yours would have made of what you saw. */
        public @Nullable Change yours() {
            return yours;
        }

        /** The thing both changed; null if yours needed that nothing had changed at all. */
        public @Nullable Key met() {
            return met;
        }

        /** The version that changed it. */
        public Version theirs() {
            return theirs;
        }

        public Act act() {
            return act;
        }
    }

    private record DocumentChange(String document, @Nullable Long before, @Nullable Long after) {
    }

    private record Head(int number, @Nullable String student, @Nullable String starter, @Nullable String about) {
    }

    private record InForce(long id) {
    }

    private record Made(Change change, Act act, @Nullable Integer reverses) {
    }

    private final Database database;
    private final Revisions revisions;
    private final Live live;
    private final Supplier<String> ids;
    private final Cache<Long, Kept> lately = Caffeine.newBuilder().maximumWeight(Runtime.getRuntime().maxMemory() / 4)
        .weigher((Long id, Kept kept) -> kept.bytes).build();

    VocabularyStore(Database database, Revisions revisions, Live live, Supplier<String> ids) {
        this.database = database;
        this.revisions = revisions;
        this.live = live;
        this.ids = ids;
    }

    /** The vocabulary as it is in force. */
    public Optional<Kept> find(long id) {
        return database.read(session -> head(session, id).isEmpty() ? Optional.empty() : Optional.of(inForce(session, id)));
    }

    /** The vocabulary as it is in force; a problem for the person if there is none. */
    public Kept there(long id) {
        return find(id).orElseThrow(() -> Problem.notFound("vocabulary"));
    }

    /** What a version held; empty if there is no such version. */
    public Optional<Vocabulary> version(long id, int number) {
        return database.read(session -> version(session, id, number).isEmpty() ? Optional.empty()
            : Optional.of(contentAt(session, inForce(session, id), number)));
    }

    /** The number of the last version made before a moment; empty if there is none. */
    public Optional<Integer> lastBefore(long id, Instant moment) {
        return database.read(session -> session.first("SELECT max(number) FROM version WHERE vocabulary_id = ? AND made_at < ?",
            row -> Session.integer(row, "max(number)"), id, moment.toString()));
    }

    /** Gives a version a name, or takes it away. @param name null for none */
    public void nameVersion(long id, int number, @Nullable String name) {
        String tidy = Text.tidy(name == null ? "" : name);
        Text.atMost(Whole.LONGEST_NAME, "version_name", tidy);
        database.write(session -> {
            session.update("UPDATE version SET name = ? WHERE vocabulary_id = ? AND number = ?", tidy.isEmpty() ? null : tidy, id, number);
            return number;
        });
    }

    /** Keeps a new vocabulary for a student. */
    public long create(Vocabulary vocabulary, String student, @Nullable Long account, Instant at, Told told) {
        return database.write(session -> create(session, vocabulary, student, account, at, told));
    }

    /** As {@link #create(Vocabulary, String, Long, Instant, Told)}, inside a transaction that keeps more. */
    public long create(Session session, Vocabulary vocabulary, String student, @Nullable Long account, Instant at, Told told) throws SQLException {
        return create(session, written(vocabulary), vocabulary, student, null, null, account, at, told);
    }

    /** Keeps a starter under its own id, replacing what an earlier release shipped; copies made of that stay as they are. */
    public void keepStarter(String starter, String about, Vocabulary vocabulary, Instant at) {
        List<Revisions.Written> written = written(vocabulary);
        database.write(session -> {
            Long known = session.first("SELECT id FROM vocabulary WHERE starter = ?", row -> row.getLong(1), starter).orElse(null);
            if (known == null) {
                create(session, written, vocabulary, null, starter, about, null, at, Told.of("shipped"));
                return null;
            }
            session.update("UPDATE vocabulary SET about = ? WHERE id = ?", about, known);
            Kept kept = inForce(session, known);
            if (!kept.vocabulary.equals(vocabulary)) {
                Change change = Change.of(kept.vocabulary, vocabulary, Needs.NOTHING, Told.of("shipped-newer"));
                keepNext(session, kept, new Made(change, Act.CHANGE, null), null, at);
            }
            return null;
        });
    }

    /** Every document as it will be kept; worked out on all cores, outside any lock. */
    private static List<Revisions.Written> written(Vocabulary vocabulary) {
        List<Revisions.Written> written = new ArrayList<>(List.copyOf(vocabulary.boards().values()).parallelStream().map(Revisions.Written::of).toList());
        written.add(Revisions.Written.of(vocabulary.whole()));
        return written;
    }

    private long create(Session session, List<Revisions.Written> written, Vocabulary vocabulary, @Nullable String student, @Nullable String starter,
        @Nullable String about,
                        @Nullable Long account, Instant at, Told told) throws SQLException {
        long id = insertVocabulary(session, student, starter, about, vocabulary);
        Map<String, Long> documents = new TreeMap<>();
        for (Revisions.Written document : written) {
            documents.put(document.document(), revisions.keep(session, document, null));
        }
        session.batch("INSERT INTO head (vocabulary_id, document, revision_id) VALUES (?, ?, ?)",
            documents.entrySet().stream().map(d -> new Object[] {id, d.getKey(), d.getValue()}).toList());
        insertVersion(session, id, 1, at, account, told, Act.CHANGE, null, Counts.of(vocabulary));
        return id;
    }

    private static long insertVocabulary(Session session, @Nullable String student, @Nullable String starter, @Nullable String about,
        Vocabulary vocabulary) throws SQLException {
        return session.insert("INSERT INTO vocabulary (student_id, starter, about, head, name, home_rows, home_columns) VALUES (?, ?, ?, 1, ?, ?, ?) RETURNING id",
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
            Kept original = inForce(session, from);
            Vocabulary copy = original.vocabulary.withName(name);
            long id = insertVocabulary(session, student, null, null, copy);
            session.update("INSERT INTO head (vocabulary_id, document, revision_id) SELECT ?, document, revision_id FROM head WHERE vocabulary_id = ?",
                id, from);
            session.update("UPDATE head SET revision_id = ? WHERE vocabulary_id = ? AND document = ''",
                revisions.keep(session, Revisions.Written.of(copy.whole()), original.revisions.get(Revisions.WHOLE)), id);
            copiedFrom(session, id, original, note);
            insertVersion(session, id, 1, at, account, Told.of("copied", "name", original.vocabulary.name()), Act.CHANGE, null, original.counts());
            return id;
        });
    }

    /** Keeps a copy that is not quite what it is of. @param made what it holds, under the name it is to have */
    public long copy(Kept from, Vocabulary made, String student, String note, long account, Instant at) {
        return database.write(session -> {
            long id = create(session, made, student, account, at, Told.of("copied", "name", from.vocabulary.name()));
            copiedFrom(session, id, from, note);
            return id;
        });
    }

    private static void copiedFrom(Session session, long id, Kept from, String note) throws SQLException {
        session.update("UPDATE vocabulary SET copied_from = ?, copied_version = ?, note = ? WHERE id = ?", from.id, from.version,
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
     * @throws Conflict     if they did
     * @throws Unacceptable if the edit cannot be made
     */
    public Done edit(long id, int base, Intention intention, Beside beside, long account, Instant at) {
        return database.write(session -> {
            Kept now = inForce(session, id);
            Change change = changeOn(session, now, base, intention);
            beside.keep(session, change);
            return keepNext(session, now, new Made(change, Act.CHANGE, null), account, at);
        });
    }

    private Change changeOn(Session session, Kept now, int base, Intention intention) throws SQLException {
        if (base == now.version) {
            return intention.on(now.vocabulary, ids);
        }
        Vocabulary seen = contentAt(session, now, base);
        refuseConflict(session, now, base, seen, intention, Act.CHANGE);
        return intention.on(now.vocabulary, ids);
    }

    /** Refuses what met with somebody else's change since; what was changed and put back meets nobody. */
    private void refuseConflict(Session session, Kept now, int base, Vocabulary seen, Intention intention, Act act) throws SQLException {
        Change asSeen;
        try {
            asSeen = intention.on(seen, ids);
        } catch (Unacceptable notEvenThen) {
            return;
        }
        List<Delta> since = Deltas.between(seen, now.vocabulary);
        if (asSeen.needs().meets(since)) {
            throw new Conflict(now, asSeen, asSeen.needs().met(since).orElse(null), whoMet(session, now, base, asSeen), act);
        }
    }

    /**
     * The version since {@code base} that left what is needed as it is now. It is sought by halves: the base differs from now in what is
     * needed, now does not, and where the two meet somebody changed it; so however old the base is, a dozen versions are read.
     */
    private Version whoMet(Session session, Kept now, int base, Change asSeen) throws SQLException {
        int differs = base;
        int same = now.version;
        while (same - differs > 1) {
            int middle = (differs + same) >>> 1;
            if (asSeen.needs().meets(Deltas.between(contentAt(session, now, middle), now.vocabulary))) {
                differs = middle;
            } else {
                same = middle;
            }
        }
        return version(session, now.id, same).orElseThrow();
    }

    /** What a version changed. */
    private List<Delta> deltasOf(Session session, Kept now, int number) throws SQLException {
        return Deltas.between(contentAt(session, now, number - 1), contentAt(session, now, number));
    }

    /**
     * Takes back this person's last change that is not taken back, if what it changed is still as it left it.
     *
     * @param before takes back the last one older than this version; null for the last of all
     * @param beside what is kept in the same transaction
     * @throws Conflict if somebody has changed the same thing since
     */
    public Done undo(long id, @Nullable Integer before, Beside beside, long account, Instant at) {
        return reverse(id, before, beside, account, at, Act.BACK);
    }

    /** Makes again what this person took back last, unless he or she has changed something else since. */
    public Done redo(long id, Beside beside, long account, Instant at) {
        return reverse(id, null, beside, account, at, Act.AGAIN);
    }

    private Done reverse(long id, @Nullable Integer before, Beside beside, long account, Instant at, Act act) {
        return database.write(session -> {
            Kept now = inForce(session, id);
            Version reversed = (act == Act.BACK ? undoable(session, id, account, before) : redoable(session, id, account))
                .orElseThrow(() -> new Unacceptable(act == Act.BACK ? "nothing-to-undo" : "nothing-to-redo"));
            Told told = Told.of(act == Act.BACK ? "took-back" : "made-again", "what", reversed.atBottom());
            Reverse reverse = new Reverse(deltasOf(session, now, reversed.number), told);
            if (reversed.number != now.version) {
                refuseConflict(session, now, reversed.number, contentAt(session, now, reversed.number), reverse, act);
            }
            Change change = reverse.on(now.vocabulary, ids);
            beside.keep(session, change);
            session.update("UPDATE version SET reversed = 1 WHERE vocabulary_id = ? AND number = ?", id, reversed.number);
            return keepNext(session, now, new Made(change, act, reversed.number), account, at);
        });
    }

    /** Makes everything as it was at an earlier version, as a change of its own. */
    public Done goBack(long id, int base, int version, Beside beside, long account, Instant at) {
        return database.write(session -> {
            Kept now = inForce(session, id);
            Change change = changeOn(session, now, base, new GoBack(version, contentAt(session, now, version)));
            beside.keep(session, change);
            return keepNext(session, now, new Made(change, Act.CHANGE, null), account, at);
        });
    }

    private Done keepNext(Session session, Kept now, Made made, @Nullable Long account, Instant at) throws SQLException {
        if (made.change.deltas().isEmpty() && made.act == Act.CHANGE) {
            return new Done(now, now, made.change, steps(session, now.id, account));
        }
        Vocabulary next = made.change.after();
        List<DocumentChange> changes = keepDocuments(session, now, made.change);
        int number = now.version + 1;
        Counts counts = Counts.after(now.counts(), now.vocabulary, next);
        insertVersion(session, now.id, number, at, account, made.change.told(), made.act, made.reverses, counts);
        session.batch("INSERT INTO version_change (vocabulary_id, version, document, before, after) VALUES (?, ?, ?, ?, ?)",
            changes.stream().map(c -> new Object[] {now.id, number, c.document, c.before, c.after}).toList());
        moveHead(session, now, number, next, changes);
        Map<String, Long> documents = new HashMap<>(now.revisions);
        changes.forEach(c -> put(documents, c.document, c.after));
        Kept kept = new Kept(now.id, number, now.student, now.starter, now.about, next, documents, now.bytes);
        kept.counts = counts;
        session.note(new InForce(now.id), kept);
        remember(session, kept);
        Live.Revised told = new Live.Revised(number, account == null ? null : nameOf(session, account), changes.stream()
            .map(c -> new Live.Document(c.document, c.after)).toList());
        session.afterCommit(() -> live.changed(Thing.vocabulary(now.id), told));
        return new Done(now, kept, made.change, steps(session, kept.id, account));
    }

    private static String nameOf(Session session, long account) throws SQLException {
        return session.first("SELECT name FROM account WHERE id = ?", row -> row.getString(1), account).orElseThrow();
    }

    private List<DocumentChange> keepDocuments(Session session, Kept now, Change change) throws SQLException {
        List<DocumentChange> changes = new ArrayList<>();
        Whole whole = change.after().whole();
        if (!whole.equals(now.vocabulary.whole())) {
            Long was = now.revisions.get(Revisions.WHOLE);
            changes.add(new DocumentChange(Revisions.WHOLE, was, revisions.keep(session, Revisions.Written.of(whole), was)));
        }
        for (Board board : change.changed()) {
            Long was = now.revisions.get(board.id());
            changes.add(new DocumentChange(board.id(), was, revisions.keep(session, Revisions.Written.of(board), was)));
        }
        for (String board : now.vocabulary.boards().keySet()) {
            if (!change.after().boards().containsKey(board)) {
                changes.add(new DocumentChange(board, now.revisions.get(board), null));
            }
        }
        return changes;
    }

    /** What undo and redo would do now for a person. */
    public Steps steps(long id, long account) {
        return database.read(session -> steps(session, id, account));
    }

    private static Steps steps(Session session, long id, @Nullable Long account) throws SQLException {
        return account == null ? new Steps(null, null) : new Steps(undoable(session, id, account, null).orElse(null), redoable(session, id, account)
            .orElse(null));
    }

    private static Optional<Version> undoable(Session session, long id, long account, @Nullable Integer before) throws SQLException {
        return session.first(VERSION + """
            WHERE n.vocabulary_id = ? AND n.account_id = ? AND n.act <> 'BACK' AND n.reversed = 0 AND n.number > 1 AND n.number < ?
            ORDER BY n.number DESC LIMIT 1""", VocabularyStore::version, id, account, before == null ? Integer.MAX_VALUE : before);
    }

    private static Optional<Version> redoable(Session session, long id, long account) throws SQLException {
        return session.first(VERSION + """
            WHERE n.vocabulary_id = ? AND n.account_id = ? AND n.act = 'BACK' AND n.reversed = 0
                AND n.number > coalesce((SELECT max(c.number) FROM version c WHERE c.vocabulary_id = n.vocabulary_id AND c.account_id = n.account_id AND c.act = 'CHANGE'), 0)
            ORDER BY n.number DESC LIMIT 1""", VocabularyStore::version, id, account);
    }

    /** Newest first, at most {@code most}. */
    public List<Version> versions(long id, int most) {
        return database.read(session -> session.list(VERSION + "WHERE n.vocabulary_id = ? ORDER BY n.number DESC LIMIT ?", VocabularyStore::version, id, most));
    }

    /** The starters that ship, smallest grid first. */
    public List<Kept> starters() {
        List<Long> starters = database.read(session ->
            session.list("SELECT id FROM vocabulary WHERE starter IS NOT NULL ORDER BY home_rows * home_columns, id", row -> row.getLong(1)));
        return starters.stream().map(id -> find(id).orElseThrow()).toList();
    }

    /** A vocabulary as a list shows it. */
    public record Named(long id, String name) {
    }

    /** A student's vocabularies, the one that changed last first. */
    public List<Named> ofStudent(String student) {
        return database.read(session -> session.list("""
            SELECT v.id, v.name FROM vocabulary v JOIN version n ON n.vocabulary_id = v.id AND n.number = v.head
            WHERE v.student_id = ? AND v.deleted_at IS NULL ORDER BY n.made_at DESC, v.id DESC""", row -> new Named(row.getLong(1), row.getString(2)), student));
    }

    // Inside a transaction.

    private static Optional<Head> head(Session session, long id) throws SQLException {
        return session.first("SELECT head, student_id, starter, about FROM vocabulary WHERE id = ?",
            row -> new Head(row.getInt(1), row.getString(2), row.getString(3), row.getString(4)), id);
    }

    private Kept inForce(Session session, long id) throws SQLException {
        if (session.noted(new InForce(id)) instanceof Kept noted) {
            return noted;
        }
        Head head = head(session, id).orElseThrow();
        Kept known = lately.getIfPresent(id);
        if (known != null && known.version == head.number) {
            return known;
        }
        Map<String, Long> documents = new HashMap<>();
        session.list("SELECT document, revision_id FROM head WHERE vocabulary_id = ?", row -> documents.put(row.getString(1), row.getLong(2)), id);
        Map<Long, Revisions.Kept> read = revisions.read(session, documents);
        int bytes = read.values().stream().mapToInt(k -> k.bytes() + BYTES_A_BOARD).sum();
        Kept kept = new Kept(id, head.number, head.student, head.starter, head.about, assemble(documents, read), documents, bytes);
        remember(session, kept);
        return kept;
    }

    private void remember(Session session, Kept kept) {
        session.afterCommit(() -> lately.asMap().merge(kept.id, kept, (one, other) -> one.version > other.version ? one : other));
    }

    private static Vocabulary assemble(Map<String, Long> documents, Map<Long, Revisions.Kept> read) {
        Map<String, Board> boards = new HashMap<>();
        documents.forEach((document, revision) -> {
            if (!document.equals(Revisions.WHOLE)) {
                boards.put(document, (Board) read.get(revision).document());
            }
        });
        return new Vocabulary((Whole) read.get(documents.get(Revisions.WHOLE)).document(), boards);
    }

    /** What a version held: from what is in force, back along the line. Boards that are the same are the same objects. */
    private Vocabulary contentAt(Session session, Kept now, int version) throws SQLException {
        if (version < 1 || version > now.version) {
            throw new Unacceptable("version-not-there");
        }
        if (version == now.version) {
            return now.vocabulary;
        }
        Map<String, Long> documents = new HashMap<>(now.revisions);
        session.list("SELECT document, before FROM version_change WHERE vocabulary_id = ? AND version > ? ORDER BY version DESC",
            row -> {
                put(documents, row.getString("document"), Session.number(row, "before"));
                return null;
            }, now.id, version);
        Map<String, Long> other = new HashMap<>(documents);
        other.entrySet().removeIf(e -> e.getValue().equals(now.revisions.get(e.getKey())));
        Map<Long, Revisions.Kept> read = revisions.read(session, other);
        Map<String, Board> boards = new HashMap<>();
        documents.keySet().stream().filter(d -> !d.equals(Revisions.WHOLE)).forEach(d ->
            boards.put(d, other.containsKey(d) ? (Board) read.get(other.get(d)).document() : now.vocabulary.boards().get(d)));
        Whole whole = other.containsKey(Revisions.WHOLE) ? (Whole) read.get(other.get(Revisions.WHOLE)).document() : now.vocabulary.whole();
        return new Vocabulary(whole, boards);
    }

    private static void put(Map<String, Long> documents, String document, @Nullable Long revision) {
        if (revision == null) {
            documents.remove(document);
        } else {
            documents.put(document, revision);
        }
    }

    private static void moveHead(Session session, Kept was, int to, Vocabulary next, Collection<DocumentChange> changes) throws SQLException {
        for (DocumentChange change : changes) {
            if (change.after == null) {
                session.update("DELETE FROM head WHERE vocabulary_id = ? AND document = ?", was.id, change.document);
            } else {
                session.update("INSERT INTO head (vocabulary_id, document, revision_id) VALUES (?, ?, ?) ON CONFLICT (vocabulary_id, document) DO UPDATE SET revision_id = excluded.revision_id",
                    was.id, change.document, change.after);
            }
        }
        session.update("UPDATE vocabulary SET head = ?, name = ?, home_rows = ?, home_columns = ? WHERE id = ?",
            to, next.name(), next.homeBoard().rows(), next.homeBoard().columns(), was.id);
    }

    private static void insertVersion(Session session, long id, int number, Instant at, @Nullable Long account, Told told, Act act,
        @Nullable Integer reverses, Counts counts) throws SQLException {
        session.update("INSERT INTO version (vocabulary_id, number, made_at, account_id, told, act, reverses, words, shown, boards, buttons) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
            id, number, at.toString(), account, ToldDocument.write(told), act.name(), reverses, counts.words(), counts.shown(), counts.boards(),
                counts.buttons());
    }

    private static final String VERSION = """
        SELECT n.number, n.made_at, n.account_id, a.name AS by_name, n.told, n.name, n.words, n.shown
        FROM version n LEFT JOIN account a ON a.id = n.account_id
        """;

    private static Optional<Version> version(Session session, long id, int number) throws SQLException {
        return session.first(VERSION + "WHERE n.vocabulary_id = ? AND n.number = ?", VocabularyStore::version, id, number);
    }

    private static Version version(ResultSet row) throws SQLException {
        return new Version(row.getInt("number"), row.getString("made_at"), Session.number(row, "account_id"), row.getString("by_name"),
            ToldDocument.read(row.getString("told")), row.getString("name"), row.getInt("words"), row.getInt("shown"));
    }
}
