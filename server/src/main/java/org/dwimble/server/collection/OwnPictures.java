package org.dwimble.server.collection;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.dwimble.core.grant.Who;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Picture;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.grant.Rights;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The pictures a school has taken in itself, and who may use which. */
@Component
public class OwnPictures {
    /**
     * @param id      its row
     * @param picture what boards know it by; another once it is re-drawn
     */
    public record Kept(long id, String picture, OwnPicture about, long owner, String ownerName, String madeAt, SaidOfMedia.Said said) {
    }

    private static final String SELECT = """
        SELECT c.id AS collected, c.words, c.categories, c.made_at, a.name AS owner_name, s.*
        FROM collected c JOIN said s ON s.id = c.said JOIN account a ON a.id = s.taken_in_by
        """;
    private static final JsonMapper JSON = JsonMapper.shared();

    private final Database database;
    private final Rights rights;
    private final SaidOfMedia said;
    private final AtomicLong change = new AtomicLong();
    private volatile All all = new All(-1, List.of());

    /** Every one, newest first, as it was after so many changes. */
    private record All(long change, List<Kept> kept) {
    }

    OwnPictures(Database database, Rights rights, SaidOfMedia said) {
        this.rights = rights;
        this.said = said;
        this.database = database;
    }

    /** Grows with every change, so that what was worked out from the pictures can be worked out anew. */
    public long change() {
        return change.get();
    }

    /**
     * Every one of the school's, newest first, as the search knows them. What two people took in is there twice, with
     * the words of each, so that nobody finds it by words that are not hers to see.
     */
    public List<Picture> pictures() {
        return all().stream().map(OwnPictures::picture).distinct().toList();
    }

    private static Picture picture(Kept kept) {
        OwnPicture about = kept.about;
        return new Picture(kept.picture, about.words().get(0), about.words().subList(1, about.words().size()), List.of(), "own", about.categories(),
            about.shows().somebody());
    }

    private List<Kept> all() {
        All known = all;
        long now = change.get();
        if (known.change != now) {
            known = new All(now, database.read(session -> session.list(SELECT + "ORDER BY c.id DESC", OwnPictures::kept)));
            all = known;
        }
        return known.kept;
    }

    /** Those this account may use, newest first; for one student, or, with none given, for any. */
    List<Kept> usable(Account account, @Nullable String student) {
        Set<Who> is = rights.is(account);
        return all().stream().filter(k -> k.said.usable(student, is)).toList();
    }

    /** True of library pictures, and of own ones this account may use. */
    public Predicate<Picture> may(Account account, @Nullable String student) {
        Set<Picture> own = new HashSet<>();
        boolean[] read = {false};
        return picture -> {
            if (!picture.own()) {
                return true;
            }
            if (!read[0]) {
                usable(account, student).forEach(k -> own.add(picture(k)));
                read[0] = true;
            }
            return own.contains(picture);
        };
    }

    /** One this account may use; nobody else's is found. */
    Optional<Kept> find(long id, Account account) {
        Set<Who> is = rights.is(account);
        return database.read(session -> session.first(SELECT + "WHERE c.id = ?", OwnPictures::kept, id))
            .filter(k -> k.said.usable(null, is));
    }

    private static Optional<Kept> ofFile(Session session, String file, Account account) throws SQLException {
        return session.first(SELECT + "WHERE c.file = ? AND s.taken_in_by = ?", OwnPictures::kept, file, account.id());
    }

    /**
     * Takes together what is known of a file that this account took in before, and what is now said of it.
     *
     * @param file SHA-256 of the file as it came
     * @return its row; empty if the file is new
     */
    Optional<Long> takenInAgain(OwnPicture about, String file, Account account) {
        if (database.read(session -> ofFile(session, file, account)).isEmpty()) {
            return Optional.empty();
        }
        Optional<Long> id = database.write(session -> {
            Optional<Kept> known = ofFile(session, file, account);
            if (known.isPresent()) {
                write(session, known.get().id, known.get().about.takenInAgain(about));
            }
            return known.map(Kept::id);
        });
        changed();
        return id;
    }

    /** @param file SHA-256 of the file as it came; @return its row; empty, and nothing kept, if this account took the file in meanwhile */
    Optional<Long> keep(OwnPicture about, String file, String hash, String type, byte[] bytes, Account account, Instant at) {
        Optional<Long> id = database.write(session -> {
            if (ofFile(session, file, account).isPresent()) {
                return Optional.<Long>empty();
            }
            keepMedia(session, hash, type, bytes);
            long says = SaidOfMedia.keep(session, hash, about, account);
            return Optional.of(session.insert("INSERT INTO collected (said, file, words, categories, made_at) VALUES (?, ?, ?, ?, ?) RETURNING id", says, file,
                JSON.writeValueAsString(about.words()), JSON.writeValueAsString(about.categories()), at.toString()));
        });
        changed();
        return id;
    }

    void change(long id, OwnPicture about) {
        database.run(session -> write(session, id, about));
        changed();
    }

    private static void write(Session session, long id, OwnPicture about) throws SQLException {
        session.update("UPDATE collected SET words = ?, categories = ? WHERE id = ?", JSON.writeValueAsString(about.words()),
            JSON.writeValueAsString(about.categories()), id);
        SaidOfMedia.change(session, saidOf(session, id), about);
    }

    /** What was said of it, as it is now; 0 if it was taken out meanwhile. */
    private static long saidOf(Session session, long id) throws SQLException {
        return session.first("SELECT said FROM collected WHERE id = ?", row -> row.getLong(1), id).orElse(0L);
    }

    private void changed() {
        said.changed();
        change.incrementAndGet();
    }

    /** Shows other bytes from now on; what has the picture keeps what it has, and what was said of that. */
    void redraw(long id, String hash, String type, byte[] bytes) {
        database.run(session -> {
            long before = saidOf(session, id);
            if (before == 0) {
                return;
            }
            keepMedia(session, hash, type, bytes);
            session.update("UPDATE collected SET said = ? WHERE id = ?", SaidOfMedia.copy(session, before, hash), id);
            SaidOfMedia.letGo(session, before);
        });
        changed();
    }

    /** Takes it out of the collection. What has it in any version keeps it, and what was said of it holds; if nothing ever had it, its bytes go too. */
    void delete(long id) {
        database.run(session -> {
            long said = saidOf(session, id);
            session.update("DELETE FROM collected WHERE id = ?", id);
            SaidOfMedia.letGo(session, said);
        });
        changed();
    }

    /** On how many of the boards in force each of the school's own pictures stands, by its hash; those on none are left out. */
    Map<String, Integer> boardsWith() {
        return database
            .read(session -> session.list("""
                SELECT r.media_id, count(*) FROM revision_media r JOIN head h ON h.revision_id = r.revision_id JOIN line l ON l.id = h.line
                WHERE l.sort = 'vocabulary' AND r.media_id IN (SELECT s.media_id FROM collected c JOIN said s ON s.id = c.said) GROUP BY r.media_id""",
                row -> Map.entry(row.getString(1), row.getInt(2))))
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private static void keepMedia(Session session, String hash, String type, byte[] bytes) throws SQLException {
        session.update("INSERT INTO media (id, content_type, bytes) VALUES (?, ?, ?) ON CONFLICT (id) DO NOTHING", hash, type, bytes);
    }

    private static Kept kept(ResultSet row) throws SQLException {
        SaidOfMedia.Said said = SaidOfMedia.said(row);
        OwnPicture about = new OwnPicture(list(row.getString("words")), list(row.getString("categories")), said.audience(), said.student(), said.shows(),
            OwnPicture.Origin.valueOf(row.getString("origin")), row.getString("author"), row.getString("licence"), row.getString("source"));
        return new Kept(row.getLong("collected"), said.picture(), about, said.by(), row.getString("owner_name"), row.getString("made_at"), said);
    }

    private static List<String> list(String json) {
        return JSON.readValue(json, new TypeReference<List<String>>() {
        });
    }
}
