package org.dwimble.server.collection;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.credit.Credit;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Grant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.media.MediaStore;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was said of pictures and sounds of the school's own: who took them in, whom they show, for whom they may be used, whose they are. It hangs on their
 * bytes, and holds as long as these stand anywhere, whatever becomes of the picture in the collection.
 */
@Component
public class SaidOfMedia {
    /**
     * What one person said of one picture or sound.
     *
     * @param picture what boards know it by
     * @param by      who took it in
     * @param credit  null if it came with a package, which says it itself
     */
    record Said(long id, String picture, long by, Shows shows, OwnPicture.Audience audience, @Nullable String student, @Nullable Credit credit) {
        /** To whom it was given. */
        private Grant given() {
            Thing it = Thing.picture(id);
            return switch (audience) {
                case SCHOOL -> new Grant(Who.EVERYBODY, Role.VIEWER, it);
                case MINE -> new Grant(new Who.Person(by), Role.OWNER, it);
                case STUDENT -> new Grant(new Who.TeamOf(Objects.requireNonNull(student)), Role.VIEWER, it);
            };
        }

        /** @param forStudent null for any @param is all that somebody is */
        boolean usable(@Nullable String forStudent, Set<Who> is) {
            Grant given = given();
            return given.gives(Act.SEE, is) && (forStudent == null || !(given.who() instanceof Who.TeamOf team) || team.student().equals(forStudent));
        }
    }

    /** All that people said, as it was after so many changes. What came with packages may be many thousands, and is asked for when it counts. */
    private record All(long change, Map<String, List<Said>> of) {
    }

    private static final String COLUMNS = "s.media_id, s.taken_in_by, s.shows, s.audience, s.student_id, s.origin, s.name, s.author, s.licence, s.source";

    private final Database database;
    private final Rights rights;
    private final AtomicLong change = new AtomicLong();
    private volatile All all = new All(-1, Map.of());

    SaidOfMedia(Database database, Rights rights) {
        this.database = database;
        this.rights = rights;
    }

    private List<Said> of(String picture) {
        All known = all;
        long now = change.get();
        if (known.change != now) {
            List<Said> said = database
                .read(session -> session.list("SELECT s.id, " + COLUMNS + " FROM said s WHERE s.origin IS NOT NULL ORDER BY s.id", SaidOfMedia::said));
            known = new All(now, said.stream().collect(Collectors.groupingBy(Said::picture)));
            all = known;
        }
        return known.of.getOrDefault(picture, List.of());
    }

    private boolean any(String picture, Predicate<Said> is) {
        return of(picture).stream().anyMatch(is) || database.read(session -> session.list("SELECT s.id, " + COLUMNS
            + " FROM said s WHERE s.media_id = ? AND s.origin IS NULL", SaidOfMedia::said, MediaId.hash(picture))).stream().anyMatch(is);
    }

    /** After anything was written by the methods below, once it is kept. */
    void changed() {
        change.incrementAndGet();
    }

    /** Whom it shows; of what several said, the most careful. @param student whose boards or list it stands on; null for nobody's */
    public Shows shows(String picture, @Nullable String student) {
        return of(picture).stream().map(s -> s.shows.onBoardsOf(s.student, student)).min(Comparator.naturalOrder()).orElse(Shows.NOT_SAID);
    }

    /** Whether this account brought it here. */
    public boolean takenInBy(Account account, String picture) {
        return any(picture, s -> s.by == account.id());
    }

    /**
     * What this account may put on boards and lists, by its id; for one student, or, with none given, for any. Who is on which team is
     * read once, now: for one thing that is done, not to be kept.
     */
    public Predicate<String> allowed(Account account, @Nullable String student) {
        Set<Who> is = rights.is(account);
        return picture -> any(picture, s -> s.usable(student, is));
    }

    /** Whose it is, as whoever took it in said; empty for what only came with a package. */
    public Optional<Credit> credit(String picture) {
        return of(picture).stream().findFirst().map(Said::credit);
    }

    /** @param hash of its bytes, which are there; @return its id */
    static long keep(Session session, String hash, OwnPicture about, Account account) throws SQLException {
        return session.insert("""
            INSERT INTO said (media_id, taken_in_by, shows, audience, student_id, origin, name, author, licence, source)
            VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?) RETURNING id""", hash, account.id(), about.shows().name(), about.audience().name(), about.student(),
            about.origin().name(), about.words().get(0), about.author(), about.licence(), about.source());
    }

    static void change(Session session, long id, OwnPicture about) throws SQLException {
        session.update("UPDATE said SET shows = ?, audience = ?, student_id = ?, origin = ?, name = ?, author = ?, licence = ?, source = ? WHERE id = ?",
            about.shows().name(), about.audience().name(), about.student(), about.origin().name(), about.words().get(0), about.author(), about.licence(),
            about.source(), id);
    }

    /** The same of other bytes. @return its id */
    static long copy(Session session, long id, String hash) throws SQLException {
        return session.insert("INSERT INTO said (" + COLUMNS.replace("s.", "") + ") SELECT ?, " + COLUMNS.replace("s.media_id, ", "")
            + " FROM said s WHERE s.id = ? RETURNING id", hash, id);
    }

    /** Forgets what is not in the collection any more, if nothing stands anywhere of which it was said; the bytes then go too. */
    static void letGo(Session session, long id) throws SQLException {
        String hash = session.first("SELECT media_id FROM said WHERE id = ?", row -> row.getString(1), id).orElse("");
        if (!MediaStore.standsSomewhere(session, hash)) {
            session.update("DELETE FROM said WHERE id = ?", id);
            MediaStore.sweep(session, hash);
        }
    }

    /**
     * What came with a package, in the transaction that keeps its boards: nobody said whom it shows, and it is for the student's team.
     *
     * @param student null for nobody: it is then for who took it in
     */
    public static void cameWithPackage(Session session, Collection<String> hashes, @Nullable String student, Account account) throws SQLException {
        session.update("""
            INSERT INTO said (media_id, taken_in_by, shows, audience, student_id, name, author, licence, source)
            SELECT came.value, ?, 'NOT_SAID', ?, ?, '', '', '', '' FROM json_each(?) came
            WHERE NOT EXISTS (SELECT 1 FROM said WHERE media_id = came.value AND student_id IS ? AND (student_id IS NOT NULL OR taken_in_by = ?))""",
            account.id(), (student == null ? OwnPicture.Audience.MINE : OwnPicture.Audience.STUDENT).name(), student,
            JsonMapper.shared().writeValueAsString(hashes), student, account.id());
    }

    static Said said(ResultSet row) throws SQLException {
        String origin = row.getString("origin");
        Credit credit = origin == null ? null
            : Credit.of(OwnPicture.Origin.valueOf(origin), row.getString("name"), row.getString("author"), row.getString("licence"), row.getString("source"));
        return new Said(row.getLong("id"), MediaId.ofContent(row.getString("media_id")), row.getLong("taken_in_by"), Shows.valueOf(row.getString("shows")),
            OwnPicture.Audience.valueOf(row.getString("audience")), row.getString("student_id"), credit);
    }
}
