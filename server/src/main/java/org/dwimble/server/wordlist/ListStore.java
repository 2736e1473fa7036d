package org.dwimble.server.wordlist;

import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Names;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Grant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.core.showing.DayRun;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.core.wordlist.kept.ListDocument;
import org.dwimble.core.wordlist.kept.Lists;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.grant.GrantTable;
import org.dwimble.server.grant.RightsChanged;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.version.AtVersion;
import org.dwimble.server.version.Beside;
import org.dwimble.server.version.Room;
import org.dwimble.server.version.Steps;
import org.dwimble.server.version.Version;
import org.dwimble.server.version.Versions;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Word lists as kept: whose they are, what they are copies of, whether they are on the shelf, and their line of versions. */
@Component
public class ListStore {
    private static final ListShelf SHELF = new ListShelf();
    private static final JsonMapper JSON = JsonMapper.shared();

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

    /** A list as lists show it. @param pictures the first of its words @param by who changed it last */
    public record ListLine(long id, String name, int words, String support, List<String> pictures, @Nullable String student,
        @Nullable String studentName, long owner, String ownerName, boolean shared, String changedAt, String by) {
        /** For somebody who sees it on the shelf alone: not whose it is, nor pictures that are not this person's to use. */
        ListLine forOthers(Predicate<String> may) {
            return new ListLine(id, name, words, support, pictures.stream().filter(may).toList(), null, null, owner, ownerName, shared, changedAt, by);
        }
    }

    private final Database database;
    private final GrantTable table;
    private final Versions<ListDocument.Read> versions;
    private final ApplicationEventPublisher told;

    ListStore(Database database, GrantTable table, Room room, ApplicationEventPublisher told) {
        this.table = table;
        this.database = database;
        this.versions = room.of(SHELF);
        this.told = told;
    }

    public long create(WordList list, @Nullable String student, long account, Instant at, Told told) {
        return create(list, student, null, account, at, told);
    }

    /** @param from the list it is a copy of; null for none */
    public long create(WordList list, @Nullable String student, @Nullable Kept from, long account, Instant at, Told told) {
        return database.write(session -> create(session, list, student, from, account, at, told));
    }

    /** The same within other work; what belongs to nobody's student belongs to whoever made it. */
    public long create(Session session, WordList list, @Nullable String student, @Nullable Kept from, long account, Instant at, Told told) throws SQLException {
        ListDocument.Read first = new ListDocument.Read(list, List.of());
        long id = session.insert("""
            INSERT INTO word_list (student_id, owner, name, words, support, pictures, shown_as, copied_from, copied_version)
            VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)
            RETURNING id""", student, account, list.name(), list.words().size(), list.now(), ListShelf.pictures(list), ListShelf.as(list),
            from == null ? null : from.id(),
            from == null ? null : from.version());
        if (student == null) {
            GrantTable.give(session, new Grant(new Who.Person(account), Role.OWNER, Thing.list(id)));
        }
        versions.begin(session, id, SHELF.written(first), first, account, at, told);
        return id;
    }

    public Optional<Kept> find(long id) {
        return database.read(session -> inForce(session, id));
    }

    /** As it is in force; a problem for the person if there is none. */
    public Kept there(long id) {
        return find(id).orElseThrow(() -> Problem.notFound("list"));
    }

    private Optional<Kept> inForce(Session session, long id) throws SQLException {
        AtVersion<ListDocument.Read> at = versions.inForce(session, id).orElse(null);
        return at == null ? Optional.empty() : session.first("""
            SELECT l.student_id, l.owner, l.copied_from FROM word_list l WHERE l.id = ? AND l.deleted_at IS NULL
                AND NOT EXISTS (SELECT 1 FROM student s WHERE s.id = l.student_id AND s.deleted_at IS NOT NULL)""",
            row -> new Kept(id, at.version(), row.getString("student_id"), row.getLong("owner"), onShelf(session, id), at.content().list(),
                Session.number(row, "copied_from"), at.content().mended()),
            id);
    }

    private static boolean onShelf(Session session, long id) throws SQLException {
        return GrantTable.of(session, Thing.list(id)).stream().anyMatch(line -> line.who().equals(Who.EVERYBODY));
    }

    /** Gives a version a name, so that it is found again; an empty one takes it away. */
    public void nameVersion(long id, int number, @Nullable String name) {
        versions.name(id, number, name);
    }

    /** What a version held; empty if there is no such version. */
    public Optional<WordList> version(long id, int number) {
        return versions.version(id, number).map(ListDocument.Read::list);
    }

    /**
     * @param base the version it was made on
     * @throws org.dwimble.server.version.Conflict if somebody else changed the same thing since
     */
    public void edit(long id, int base, ListEdit edit, long account, Instant at) {
        there(id);
        versions.edit(id, base, Lists.wish(edit), Beside.nothing(), account, at);
    }

    /** Makes it as it was at an earlier version, as a change of its own; what others changed since {@code base} stays. */
    public void goBack(long id, int base, int version, long account, Instant at) {
        there(id);
        versions.goBack(id, base, version, then -> Lists.wish(new ListEdit.As(then.list(), Told.of("list-went-back", "number", version))), Beside.nothing(),
            account, at);
    }

    /** Takes back this person's last change that is not taken back, if what it changed is still as it left it. */
    public void undo(long id, long account, Instant at) {
        there(id);
        versions.undo(id, null, Beside.nothing(), account, at);
    }

    /** Makes again what this person took back last, unless he or she has changed something else since. */
    public void redo(long id, long account, Instant at) {
        there(id);
        versions.redo(id, Beside.nothing(), account, at);
    }

    public Steps steps(long id, long account) {
        return versions.steps(id, account);
    }

    /** Newest first, at most {@code most}. */
    public List<Version> versions(long id, int most) {
        return versions.versions(id, most);
    }

    /** Puts it on the school's shelf, or takes it from there. */
    public void share(long id, boolean shared) {
        database.run(session -> {
            if (shared) {
                GrantTable.give(session, new Grant(Who.EVERYBODY, Role.VIEWER, Thing.list(id)));
            } else {
                GrantTable.takeAway(session, Who.EVERYBODY, Thing.list(id));
            }
        });
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
        List<String> students = table.ofAccount(account, Thing.Sort.STUDENT).entrySet().stream().filter(e -> e.getValue().may(Act.LOOK)).map(Map.Entry::getKey)
            .toList();
        List<Grant> given = table.reaching(account, Thing.Sort.LIST);
        Set<String> shelf = ids(given, Who.EVERYBODY);
        Set<String> own = ids(given, new Who.Person(account));
        return database.read(session -> session.list("""
            SELECT l.id, l.name, l.words, l.support, l.pictures, l.student_id, s.name AS student_name, l.owner, o.name AS owner_name, n.made_at,
                a.name AS by_name
            FROM word_list l JOIN line k ON k.sort = 'list' AND k.thing = l.id JOIN version n ON n.line = k.id AND n.number = k.head
                JOIN account a ON a.id = n.account_id JOIN account o ON o.id = l.owner
            LEFT JOIN student s ON s.id = l.student_id
            WHERE l.deleted_at IS NULL AND (s.id IS NULL OR s.deleted_at IS NULL)
                AND (l.student_id IN (SELECT value FROM json_each(?)) OR CAST(l.id AS TEXT) IN (SELECT value FROM json_each(?)))
                AND (? IS NULL OR l.student_id = ?)
            ORDER BY n.made_at DESC, l.id DESC""",
            row -> {
                ListLine line = new ListLine(row.getLong("id"), row.getString("name"), row.getInt("words"), row.getString("support"),
                    row.getString("pictures").isEmpty() ? List.of() : List.of(row.getString("pictures").split(" ")), row.getString("student_id"),
                    row.getString("student_name"), row.getLong("owner"), row.getString("owner_name"), shelf.contains(row.getString("id")),
                    row.getString("made_at"),
                    row.getString("by_name"));
                return students.contains(line.student()) || own.contains(row.getString("id")) ? line : line.forOthers(may);
            }, JSON.writeValueAsString(students), JSON.writeValueAsString(Stream.concat(shelf.stream(), own.stream()).toList()), student, student));
    }

    /** What stands on a student's row. @param picture its first; null for none */
    public record OnRow(long id, String name, Showing.As as, @Nullable String picture) {
    }

    /** In the order of their names. */
    public List<OnRow> onRow(String student) {
        return database.read(session -> session.list("""
            SELECT id, name, shown_as, pictures FROM word_list WHERE student_id = ? AND shown_as IS NOT NULL AND deleted_at IS NULL""",
            row -> new OnRow(row.getLong(1), row.getString(2), Showing.As.valueOf(row.getString(3)),
                row.getString(4).isEmpty() ? null : row.getString(4).split(" ")[0]),
            student)).stream()
            .sorted(Comparator.comparing(OnRow::name, Names.order())).toList();
    }

    /** Stands for what is on a student's row: it is another as soon as a list there is, or there is another list. */
    public String rowMark(String student) {
        List<String> heads = database.read(session -> session.list("""
            SELECT l.id || '.' || k.head FROM word_list l JOIN line k ON k.sort = 'list' AND k.thing = l.id
            WHERE l.student_id = ? AND l.shown_as IS NOT NULL AND l.deleted_at IS NULL ORDER BY l.id""", row -> row.getString(1), student));
        return String.join(" ", heads);
    }

    /** What somebody said today, by the id of the word. */
    public Map<String, DayRun.Mark> marks(long list, LocalDate day) {
        return database.read(session -> session.list("SELECT word, mark FROM day_mark WHERE list_id = ? AND day = ?",
            row -> Map.entry(row.getString(1), DayRun.Mark.valueOf(row.getString(2))), list, day.toString())).stream()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** Keeps what somebody says of something today; what was said on other days is forgotten. @param mark null to take it back */
    public void mark(long list, LocalDate day, String word, DayRun.@Nullable Mark mark) {
        database.run(session -> {
            session.update("DELETE FROM day_mark WHERE list_id = ? AND (day < ? OR day = ? AND word = ?)", list, day.minusDays(1).toString(), day.toString(),
                word);
            if (mark != null) {
                session.update("INSERT INTO day_mark (list_id, day, word, mark) VALUES (?, ?, ?, ?)", list, day.toString(), word, mark.name());
            }
        });
    }

    private static Set<String> ids(List<Grant> given, Who who) {
        return given.stream().filter(line -> line.who().equals(who)).map(line -> line.thing().id()).collect(Collectors.toSet());
    }
}
