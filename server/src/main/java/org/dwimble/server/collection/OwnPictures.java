package org.dwimble.server.collection;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashSet;
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
import org.dwimble.core.picture.Picture;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.media.MediaStore;
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
     * @param retired true if it was re-drawn or deleted since and still stands somewhere: what was said of it holds, it is offered no more
     */
    public record Kept(long id, String picture, OwnPicture about, long owner, String ownerName, String madeAt, boolean retired) {
    }

    private static final String SELECT = """
        SELECT o.id, o.media_id, o.words, o.categories, o.audience, o.student_id, o.owner, a.name AS owner_name, o.person,
            o.origin, o.author, o.licence, o.source, o.made_at, o.retired_at
        FROM own_picture o JOIN account a ON a.id = o.owner
        """;
    private static final JsonMapper JSON = JsonMapper.shared();

    private final Database database;
    private final Rights rights;
    private final AtomicLong change = new AtomicLong();
    private volatile All all = All.of(-1, List.of());

    /** Every row, newest first, as it was after so many changes. @param byPicture the same, those that hold first */
    private record All(long change, List<Kept> kept, Map<String, List<Kept>> byPicture) {
        static All of(long change, List<Kept> kept) {
            return new All(change, List.copyOf(kept), kept.stream().sorted(Comparator.comparing(Kept::retired)).collect(Collectors.groupingBy(Kept::picture)));
        }
    }

    OwnPictures(Database database, Rights rights) {
        this.rights = rights;
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
            about.person());
    }

    private All known() {
        All known = all;
        long now = change.get();
        if (known.change != now) {
            known = All.of(now, database.read(session -> session.list(SELECT + "ORDER BY o.id DESC", OwnPictures::kept)));
            all = known;
        }
        return known;
    }

    /** Those that are offered. */
    private List<Kept> all() {
        return known().kept.stream().filter(k -> !k.retired).toList();
    }

    /** Those this account may use, newest first; for one student, or, with none given, for any. */
    List<Kept> usable(Account account, @Nullable String student) {
        Set<Who> is = rights.is(account);
        return all().stream().filter(k -> usable(k, student, is)).toList();
    }

    /** What its taking in gave to whom. */
    private static Grant given(Kept kept) {
        Thing picture = Thing.picture(kept.id);
        return switch (kept.about.audience()) {
            case SCHOOL -> new Grant(Who.EVERYBODY, Role.VIEWER, picture);
            case MINE -> new Grant(new Who.Person(kept.owner), Role.OWNER, picture);
            case STUDENT -> new Grant(new Who.TeamOf(Objects.requireNonNull(kept.about.student())), Role.VIEWER, picture);
        };
    }

    private static boolean usable(Kept kept, @Nullable String student, Set<Who> is) {
        Grant given = given(kept);
        return given.gives(Act.SEE, is) && (student == null || !(given.who() instanceof Who.TeamOf team) || team.student().equals(student));
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

    /** Somebody's row of a picture, whoever may use it, retired ones too; of several, one that shows somebody first. */
    public Optional<Kept> of(String picture) {
        return known().byPicture.getOrDefault(picture, List.of()).stream().min(Comparator.comparing(k -> !k.about().person()));
    }

    /**
     * What this account may put on boards and lists, by its id; for one student, or, with none given, for any. Who is on which team is
     * read once, now: for one thing that is done, not to be kept.
     */
    public Predicate<String> allowed(Account account, @Nullable String student) {
        Set<Who> is = rights.is(account);
        return picture -> known().byPicture.getOrDefault(picture, List.of()).stream().anyMatch(k -> usable(k, student, is));
    }

    /** One this account may use; nobody else's is found. */
    Optional<Kept> find(long id, Account account) {
        Set<Who> is = rights.is(account);
        return database.read(session -> session.first(SELECT + "WHERE o.id = ? AND o.retired_at IS NULL", OwnPictures::kept, id))
            .filter(k -> usable(k, null, is));
    }

    private static Optional<Kept> ofFile(Session session, String file, Account account) throws SQLException {
        return session.first(SELECT + "WHERE o.file = ? AND o.owner = ? AND o.retired_at IS NULL", OwnPictures::kept, file, account.id());
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
                change(session, known.get().id, known.get().about.takenInAgain(about));
            }
            return known.map(Kept::id);
        });
        change.incrementAndGet();
        return id;
    }

    /** @param file SHA-256 of the file as it came; @return its row; empty, and nothing kept, if this account took the file in meanwhile */
    Optional<Long> keep(OwnPicture about, String file, String hash, String type, byte[] bytes, Account account, Instant at) {
        Optional<Long> id = database.write(session -> {
            if (ofFile(session, file, account).isPresent()) {
                return Optional.<Long>empty();
            }
            keepMedia(session, hash, type, bytes);
            return Optional.of(session.insert("""
                INSERT INTO own_picture (media_id, file, words, categories, audience, student_id, owner, person, origin, author, licence, source, made_at)
                VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) RETURNING id""", hash, file, JSON.writeValueAsString(about.words()),
                JSON.writeValueAsString(about.categories()),
                about.audience().name(), about.student(), account.id(), about.person() ? 1 : 0, about.origin().name(), about.author(),
                about.licence(), about.source(), at.toString()));
        });
        change.incrementAndGet();
        return id;
    }

    void change(long id, OwnPicture about) {
        database.write(session -> change(session, id, about));
        change.incrementAndGet();
    }

    private static int change(Session session, long id, OwnPicture about) throws SQLException {
        return session.update("""
            UPDATE own_picture SET words = ?, categories = ?, audience = ?, student_id = ?, person = ?, origin = ?, author = ?, licence = ?,
                source = ? WHERE id = ?""",
            JSON.writeValueAsString(about.words()), JSON.writeValueAsString(about.categories()), about.audience().name(), about.student(),
            about.person() ? 1 : 0,
            about.origin().name(), about.author(), about.licence(), about.source(), id);
    }

    /** Shows other bytes from now on; what has the picture keeps what it has, and what was said of that. */
    void redraw(long id, String hash, String type, byte[] bytes, Instant at) {
        database.run(session -> {
            String was = session.first("SELECT media_id FROM own_picture WHERE id = ?", row -> row.getString(1), id).orElse("");
            keepMedia(session, hash, type, bytes);
            if (was.equals(hash)) {
                return;
            }
            if (MediaStore.standsSomewhere(session, was)) {
                session.update("""
                    INSERT INTO own_picture (media_id, file, words, categories, audience, student_id, owner, person, origin, author, licence, source,
                        made_at, retired_at)
                    SELECT media_id, file, words, categories, audience, student_id, owner, person, origin, author, licence, source, made_at, ?
                    FROM own_picture WHERE id = ?""", at.toString(), id);
            }
            session.update("UPDATE own_picture SET media_id = ? WHERE id = ?", hash, id);
            MediaStore.sweep(session, was);
        });
        change.incrementAndGet();
    }

    /** Takes it out of the collection. What has it in any version keeps it, and what was said of it holds; if nothing ever had it, its bytes go too. */
    void delete(long id, Instant at) {
        database.run(session -> {
            String hash = session.first("SELECT media_id FROM own_picture WHERE id = ?", row -> row.getString(1), id).orElse("");
            if (MediaStore.standsSomewhere(session, hash)) {
                session.update("UPDATE own_picture SET retired_at = ? WHERE id = ?", at.toString(), id);
            } else {
                session.update("DELETE FROM own_picture WHERE id = ?", id);
            }
            MediaStore.sweep(session, hash);
        });
        change.incrementAndGet();
    }

    public Optional<Credit> credit(String picture) {
        return database.read(session -> session.first(SELECT + "WHERE o.media_id = ? ORDER BY o.retired_at IS NOT NULL, o.id LIMIT 1", OwnPictures::kept,
            MediaId.hash(picture))).map(k -> Credit.of(k.about));
    }

    /** On how many of the boards in force each of the school's own pictures stands, by its hash; those on none are left out. */
    Map<String, Integer> boardsWith() {
        return database
            .read(session -> session.list("""
                SELECT r.media_id, count(*) FROM revision_media r JOIN head h ON h.revision_id = r.revision_id JOIN line l ON l.id = h.line
                WHERE l.sort = 'vocabulary' AND r.media_id IN (SELECT media_id FROM own_picture) GROUP BY r.media_id""",
                row -> Map.entry(row.getString(1), row.getInt(2))))
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private static void keepMedia(Session session, String hash, String type, byte[] bytes) throws SQLException {
        session.update("INSERT INTO media (id, content_type, bytes) VALUES (?, ?, ?) ON CONFLICT (id) DO NOTHING", hash, type, bytes);
    }

    private static Kept kept(ResultSet row) throws SQLException {
        OwnPicture about = new OwnPicture(list(row.getString("words")), list(row.getString("categories")),
            OwnPicture.Audience.valueOf(row.getString("audience")), row.getString("student_id"),
            row.getInt("person") == 1, OwnPicture.Origin.valueOf(row.getString("origin")), row.getString("author"), row.getString("licence"),
            row.getString("source"));
        return new Kept(row.getLong("id"), MediaId.ofContent(row.getString("media_id")), about, row.getLong("owner"), row.getString("owner_name"),
            row.getString("made_at"), row.getString("retired_at") != null);
    }

    private static List<String> list(String json) {
        return JSON.readValue(json, new TypeReference<List<String>>() {
        });
    }
}
