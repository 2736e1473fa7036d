package org.dwimble.server.version;

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
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import org.dwimble.core.board.Whole;
import org.dwimble.core.document.ToldDocument;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Made;
import org.dwimble.core.version.OnTop;
import org.dwimble.core.version.Reverse;
import org.dwimble.core.version.Wish;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.live.Changed;
import org.dwimble.server.live.Live;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;

/**
 * The lines of versions of one sort of thing. The newest of a line is what holds; a version never changes once made. An edit, taking one
 * back and making it again all append one. One that was made on an older version comes on top of what others did since, or meets it.
 *
 * @param <D> a thing at a version
 */
public final class Versions<D> {
    private static final int BYTES_A_DOCUMENT = 120;

    private record DocumentChange(String document, @Nullable Long before, @Nullable Long after) {
    }

    private record Line(long id, int head) {
    }

    private record InForce(String sort, long id) {
    }

    private record Reason(Deed act, @Nullable Integer reverses) {
        static final Reason CHANGE = new Reason(Deed.CHANGE, null);
    }

    private final Shelf<D> shelf;
    private final Database database;
    private final Revisions revisions;
    private final ApplicationEventPublisher events;
    private final Supplier<String> ids;
    private final String sort;
    private final Cache<Long, AtVersion<D>> lately;

    Versions(Shelf<D> shelf, Database database, Revisions revisions, ApplicationEventPublisher events, Supplier<String> ids) {
        this.shelf = shelf;
        this.database = database;
        this.revisions = revisions;
        this.events = events;
        this.ids = ids;
        this.sort = shelf.thing(0).sort().word();
        this.lately = Caffeine.newBuilder().maximumWeight(Runtime.getRuntime().maxMemory() / shelf.memory()).weigher((Long id, AtVersion<D> kept) -> kept.bytes)
            .build();
    }

    /** The first version of a thing that was just made. @param written its documents, as {@link Shelf#written} gives them */
    public void begin(Session session, long id, List<Written> written, D whole, @Nullable Long account, Instant at, Told told) throws SQLException {
        long line = line(session, id);
        Map<String, Long> documents = new TreeMap<>();
        for (Written document : written) {
            documents.put(document.document(), revisions.keep(session, document, null));
        }
        session.batch("INSERT INTO head (line, document, revision_id) VALUES (?, ?, ?)",
            documents.entrySet().stream().map(d -> new Object[] {line, d.getKey(), d.getValue()}).toList());
        first(session, null, new AtVersion<>(line, id, 1, whole, documents, 0), account, at, told);
    }

    /** The first version of a copy: a small row a document, and the document of the whole, which alone is another. */
    public void copy(Session session, long id, AtVersion<D> of, Written whole, D copy, @Nullable Long account, Instant at, Told told) throws SQLException {
        long line = line(session, id);
        session.update("INSERT INTO head (line, document, revision_id) SELECT ?, document, revision_id FROM head WHERE line = ?", line, of.line);
        session.update("UPDATE head SET revision_id = ? WHERE line = ? AND document = ?",
            revisions.keep(session, whole, of.revisions.get(whole.document())), line, whole.document());
        first(session, of, new AtVersion<>(line, id, 1, copy, of.revisions, 0), account, at, told);
    }

    private long line(Session session, long id) throws SQLException {
        return session.insert("INSERT INTO line (sort, thing, head) VALUES (?, ?, 1) RETURNING id", sort, id);
    }

    private void first(Session session, @Nullable AtVersion<D> like, AtVersion<D> first, @Nullable Long account, Instant at, Told told) throws SQLException {
        insert(session, like, first, at, account, told, Reason.CHANGE);
        shelf.shown(session, first.id(), first.content());
    }

    /** As it is in force; empty if there is no such thing. */
    public Optional<AtVersion<D>> inForce(Session session, long id) throws SQLException {
        if (session.noted(new InForce(sort, id)) instanceof AtVersion<?> noted) {
            return Optional.of(cast(noted));
        }
        Line line = session.first("SELECT id, head FROM line WHERE sort = ? AND thing = ?", row -> new Line(row.getLong(1), row.getInt(2)), sort, id)
            .orElse(null);
        if (line == null) {
            return Optional.empty();
        }
        AtVersion<D> known = lately.getIfPresent(id);
        if (known != null && known.version() == line.head) {
            return Optional.of(known);
        }
        Map<String, Long> documents = new HashMap<>();
        session.list("SELECT document, revision_id FROM head WHERE line = ?", row -> documents.put(row.getString(1), row.getLong(2)), line.id);
        Map<Long, Revisions.Kept> read = revisions.read(session, documents, shelf::read);
        int bytes = read.values().stream().mapToInt(k -> k.bytes() + BYTES_A_DOCUMENT).sum();
        Map<String, Object> contents = new HashMap<>();
        documents.forEach((document, revision) -> contents.put(document, Objects.requireNonNull(read.get(revision)).document()));
        AtVersion<D> kept = new AtVersion<>(line.id, id, line.head, shelf.assembled(contents), documents, bytes);
        remember(session, kept);
        return Optional.of(kept);
    }

    @SuppressWarnings("unchecked")
    private AtVersion<D> cast(AtVersion<?> noted) {
        return (AtVersion<D>) noted;
    }

    private AtVersion<D> there(Session session, long id) throws SQLException {
        return inForce(session, id).orElseThrow(() -> Problem.notFound(sort));
    }

    private void remember(Session session, AtVersion<D> kept) {
        session.afterCommit(() -> lately.asMap().merge(kept.id(), kept, (one, other) -> one.version() > other.version() ? one : other));
    }

    /** What a version held; empty if there is no such version. */
    public Optional<D> version(long id, int number) {
        return database.read(session -> {
            AtVersion<D> now = inForce(session, id).orElse(null);
            return now == null || number < 1 || number > now.version() ? Optional.empty() : Optional.of(contentAt(session, now, number));
        });
    }

    /** What a version held: from what is in force, back along the line. Documents that are the same are the same objects. */
    private D contentAt(Session session, AtVersion<D> now, int version) throws SQLException {
        if (version < 1 || version > now.version()) {
            throw new Unacceptable("version-not-there");
        }
        if (version == now.version()) {
            return now.content();
        }
        Map<String, Long> documents = new HashMap<>(now.revisions);
        session.list("SELECT document, before FROM version_change WHERE line = ? AND version > ? ORDER BY version DESC", row -> {
            put(documents, row.getString("document"), Session.number(row, "before"));
            return null;
        }, now.line, version);
        Map<String, Long> other = new HashMap<>(documents);
        other.entrySet().removeIf(e -> e.getValue().equals(now.revisions.get(e.getKey())));
        Map<Long, Revisions.Kept> read = revisions.read(session, other, shelf::read);
        Map<String, Object> contents = new HashMap<>();
        documents.keySet().forEach(d -> {
            Revisions.Kept otherwise = read.get(other.get(d));
            contents.put(d, otherwise == null ? shelf.document(now.content(), d) : otherwise.document());
        });
        return shelf.assembled(contents);
    }

    private static void put(Map<String, Long> documents, String document, @Nullable Long revision) {
        if (revision == null) {
            documents.remove(document);
        } else {
            documents.put(document, revision);
        }
    }

    /**
     * Makes an edit and answers once it is on disk.
     *
     * @param base   the version the person was looking at; if others came after it, the edit goes on top of them unless they changed
     *               something it needs
     * @param beside what is kept in the same transaction
     * @throws Conflict     if they did
     * @throws Unacceptable if the edit cannot be made
     */
    public Done<D> edit(long id, int base, Wish<D> wish, Beside<Made<D>> beside, @Nullable Long account, Instant at) {
        return database.write(session -> edit(session, id, base, wish, beside, account, at));
    }

    /** As above, inside a transaction that keeps more. */
    public Done<D> edit(Session session, long id, int base, Wish<D> wish, Beside<Made<D>> beside, @Nullable Long account, Instant at) throws SQLException {
        AtVersion<D> now = there(session, id);
        Made<D> made = on(session, now, base, wish, Deed.CHANGE);
        beside.keep(session, made);
        return keepNext(session, now, made, Reason.CHANGE, account, at);
    }

    private Made<D> on(Session session, AtVersion<D> now, int base, Wish<D> wish, Deed act) throws SQLException {
        if (base == now.version()) {
            return wish.on(now.content(), ids);
        }
        OnTop<D> onTop = OnTop.of(shelf.sort(), wish, contentAt(session, now, base), now.content(), ids);
        if (onTop.met() != null) {
            throw new Conflict(now, onTop.met(), whoMet(session, now, base, onTop.met().yours()), act);
        }
        return Objects.requireNonNull(onTop.made());
    }

    private Version whoMet(Session session, AtVersion<D> now, int base, Made<D> yours) throws SQLException {
        int number;
        try {
            number = OnTop.whoMet(shelf.sort(), yours, base, now.version(), at -> {
                try {
                    return contentAt(session, now, at);
                } catch (SQLException e) {
                    throw new Trouble(e);
                }
            });
        } catch (Trouble trouble) {
            throw trouble.why;
        }
        return session.first(VERSION + "WHERE n.line = ? AND n.number = ?", Versions::version, now.line, number).orElseThrow();
    }

    /** Trouble of the database inside a rule that knows of none. */
    private static final class Trouble extends RuntimeException {
        private final SQLException why;

        Trouble(SQLException why) {
            super(why);
            this.why = why;
        }
    }

    /**
     * Takes back this person's last change that is not taken back, if what it changed is still as it left it.
     *
     * @param before takes back the last one older than this version; null for the last of all
     * @param beside what is kept in the same transaction
     * @throws Conflict if somebody has changed the same thing since
     */
    public Done<D> undo(long id, @Nullable Integer before, Beside<Made<D>> beside, long account, Instant at) {
        return reverse(id, before, beside, account, at, Deed.BACK);
    }

    /** Makes again what this person took back last, unless he or she has changed something else since. */
    public Done<D> redo(long id, Beside<Made<D>> beside, long account, Instant at) {
        return reverse(id, null, beside, account, at, Deed.AGAIN);
    }

    private Done<D> reverse(long id, @Nullable Integer before, Beside<Made<D>> beside, long account, Instant at, Deed act) {
        return database.write(session -> {
            AtVersion<D> now = there(session, id);
            Version reversed = (act == Deed.BACK ? undoable(session, now.line, account, before) : redoable(session, now.line, account))
                .orElseThrow(() -> new Unacceptable(act == Deed.BACK ? "nothing-to-undo" : "nothing-to-redo"));
            Told told = Told.of(act == Deed.BACK ? "took-back" : "made-again", "what", reversed.atBottom());
            int number = reversed.number();
            Wish<D> reverse = new Reverse<>(shelf.sort(), shelf.sort().between(contentAt(session, now, number - 1), contentAt(session, now, number)), told);
            Made<D> made = on(session, now, number, reverse, act);
            beside.keep(session, made);
            session.update("UPDATE version SET reversed = 1 WHERE line = ? AND number = ?", now.line, number);
            return keepNext(session, now, made, new Reason(act, number), account, at);
        });
    }

    /** Makes everything as it was at an earlier version, as a change of its own. @param back makes the wish of what that version held */
    public Done<D> goBack(long id, int base, int version, Function<D, Wish<D>> back, Beside<Made<D>> beside, long account, Instant at) {
        return database.write(session -> edit(session, id, base, back.apply(contentAt(session, there(session, id), version)), beside, account, at));
    }

    private Done<D> keepNext(Session session, AtVersion<D> now, Made<D> made, Reason reason, @Nullable Long account, Instant at) throws SQLException {
        if (made.deltas().isEmpty() && reason.act == Deed.CHANGE) {
            return new Done<>(now, now, made, steps(session, now.line, account));
        }
        List<DocumentChange> changes = keepDocuments(session, now, made.after());
        int number = now.version() + 1;
        Map<String, Long> documents = new HashMap<>(now.revisions);
        changes.forEach(c -> put(documents, c.document, c.after));
        AtVersion<D> kept = new AtVersion<>(now.line, now.id(), number, made.after(), documents, now.bytes);
        insert(session, now, kept, at, account, made.told(), reason);
        session.batch("INSERT INTO version_change (line, version, document, before, after) VALUES (?, ?, ?, ?, ?)",
            changes.stream().map(c -> new Object[] {now.line, number, c.document, c.before, c.after}).toList());
        moveHead(session, now.line, number, changes);
        shelf.shown(session, now.id(), made.after());
        session.note(new InForce(sort, now.id()), kept);
        remember(session, kept);
        Live.Revised told = new Live.Revised(number, account == null || !shelf.saysWho() ? null : nameOf(session, account), changes.stream()
            .map(c -> new Live.Document(c.document, c.after)).toList());
        session.afterCommit(() -> events.publishEvent(new Changed(shelf.thing(now.id()), told)));
        return new Done<>(now, kept, made, steps(session, kept.line, account));
    }

    private static String nameOf(Session session, long account) throws SQLException {
        return session.first("SELECT name FROM account WHERE id = ?", row -> row.getString(1), account).orElseThrow();
    }

    private List<DocumentChange> keepDocuments(Session session, AtVersion<D> now, D after) throws SQLException {
        List<DocumentChange> changes = new ArrayList<>();
        Shelf.Changes differ = shelf.changes(now.content(), after);
        for (Written document : differ.changed()) {
            Long was = now.revisions.get(document.document());
            changes.add(new DocumentChange(document.document(), was, revisions.keep(session, document, was)));
        }
        differ.went().forEach(document -> changes.add(new DocumentChange(document, now.revisions.get(document), null)));
        return changes;
    }

    private static void moveHead(Session session, long line, int to, Collection<DocumentChange> changes) throws SQLException {
        for (DocumentChange change : changes) {
            if (change.after == null) {
                session.update("DELETE FROM head WHERE line = ? AND document = ?", line, change.document);
            } else {
                session.update("""
                    INSERT INTO head (line, document, revision_id) VALUES (?, ?, ?)
                    ON CONFLICT (line, document) DO UPDATE SET revision_id = excluded.revision_id""", line, change.document, change.after);
            }
        }
        session.update("UPDATE line SET head = ? WHERE id = ?", to, line);
    }

    private void insert(Session session, @Nullable AtVersion<D> before, AtVersion<D> now, Instant at, @Nullable Long account, Told told, Reason reason)
        throws SQLException {
        Counts counts = shelf.counted(before, now);
        session.update("""
            INSERT INTO version (line, number, made_at, account_id, told, act, reverses, words, shown, boards, buttons)
            VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""", now.line, now.version(), at.toString(), account, ToldDocument.write(told), reason.act.name(),
            reason.reverses, counts == null ? null : counts.words(), counts == null ? null : counts.shown(), counts == null ? null : counts.boards(),
            counts == null ? null : counts.buttons());
    }

    /** What undo and redo would do now for a person; nothing if there is no such thing. */
    public Steps steps(long id, long account) {
        return database.read(session -> {
            Optional<AtVersion<D>> now = inForce(session, id);
            return now.isEmpty() ? new Steps(null, null) : steps(session, now.get().line, account);
        });
    }

    private static Steps steps(Session session, long line, @Nullable Long account) throws SQLException {
        return account == null ? new Steps(null, null)
            : new Steps(undoable(session, line, account, null).orElse(null), redoable(session, line, account).orElse(null));
    }

    private static Optional<Version> undoable(Session session, long line, long account, @Nullable Integer before) throws SQLException {
        return session.first(VERSION + """
            WHERE n.line = ? AND n.account_id = ? AND n.act <> 'BACK' AND n.reversed = 0 AND n.number > 1 AND n.number < ?
            ORDER BY n.number DESC LIMIT 1""", Versions::version, line, account, before == null ? Integer.MAX_VALUE : before);
    }

    private static Optional<Version> redoable(Session session, long line, long account) throws SQLException {
        return session.first(VERSION + """
            WHERE n.line = ? AND n.account_id = ? AND n.act = 'BACK' AND n.reversed = 0
                AND n.number > coalesce((SELECT max(c.number) FROM version c WHERE c.line = n.line AND c.account_id = n.account_id AND c.act = 'CHANGE'), 0)
            ORDER BY n.number DESC LIMIT 1""", Versions::version, line, account);
    }

    /** Newest first, at most {@code most}. */
    public List<Version> versions(long id, int most) {
        return database.read(session -> session.list(VERSION + "JOIN line l ON l.id = n.line WHERE l.sort = ? AND l.thing = ? ORDER BY n.number DESC LIMIT ?",
            Versions::version, sort, id, most));
    }

    /** The number of the last version made before a moment; empty if there is none. */
    public Optional<Integer> lastBefore(long id, Instant moment) {
        return database.read(session -> session.first("""
            SELECT max(n.number) AS last FROM version n JOIN line l ON l.id = n.line WHERE l.sort = ? AND l.thing = ? AND n.made_at < ?""",
            row -> Session.integer(row, "last"), sort, id, moment.toString()));
    }

    /** Gives a version a name, so that it is found again, or takes it away. @param name null or empty for none */
    public void name(long id, int number, @Nullable String name) {
        String tidy = Text.tidy(name == null ? "" : name);
        Text.atMost(Whole.LONGEST_NAME, "version_name", tidy);
        database.write(session -> session.update("UPDATE version SET name = ? WHERE line = (SELECT id FROM line WHERE sort = ? AND thing = ?) AND number = ?",
            tidy.isEmpty() ? null : tidy, sort, id, number));
    }

    private static final String VERSION = """
        SELECT n.number, n.made_at, n.account_id, a.name AS by_name, n.told, n.name, n.words, n.shown
        FROM version n LEFT JOIN account a ON a.id = n.account_id
        """;

    private static Version version(ResultSet row) throws SQLException {
        return new Version(row.getInt("number"), row.getString("made_at"), Session.number(row, "account_id"), row.getString("by_name"),
            ToldDocument.read(row.getString("told")), row.getString("name"), row.getInt("words"), row.getInt("shown"));
    }
}
