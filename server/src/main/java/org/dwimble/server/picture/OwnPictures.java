package org.dwimble.server.picture;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Predicate;
import org.dwimble.core.credit.Credit;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Picture;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The pictures a school has taken in itself, and who may use which. */
@Component
class OwnPictures {
    /**
     * @param id      its row
     * @param picture what boards know it by; another once it is re-drawn
     */
    record Kept(long id, String picture, OwnPicture about, long owner, String ownerName, String madeAt) {
    }

    private static final String SELECT = """
        SELECT o.id, o.media_id, o.words, o.categories, o.audience, o.student_id, o.owner, a.name AS owner_name, o.person, o.origin, o.author, o.licence, o.source, o.made_at
        FROM own_picture o JOIN account a ON a.id = o.owner
        """;
    private static final JsonMapper JSON = JsonMapper.shared();

    private final Database database;
    private final AtomicLong change = new AtomicLong();

    OwnPictures(Database database) {
        this.database = database;
    }

    /** Grows with every change, so that what was worked out from the pictures can be worked out anew. */
    long change() {
        return change.get();
    }

    /** Every one of the school's, newest first, as the search knows them: a picture taken in twice is one, with the words of both. */
    List<Picture> pictures() {
        Map<String, Picture> byId = new LinkedHashMap<>();
        for (Kept kept : all()) {
            OwnPicture o = kept.about;
            Picture picture = new Picture(kept.picture, o.words().get(0), o.words().subList(1, o.words().size()), List.of(), "own", o.categories(), o.person());
            byId.merge(kept.picture, picture, OwnPictures::both);
        }
        return List.copyOf(byId.values());
    }

    private static Picture both(Picture newer, Picture older) {
        List<String> also = new ArrayList<>(newer.also());
        also.add(older.name());
        also.addAll(older.also());
        Set<String> categories = new HashSet<>(newer.categories());
        categories.addAll(older.categories());
        return new Picture(newer.id(), newer.name(), also.stream().distinct().filter(w -> !w.equals(newer.name())).toList(), List.of(), "own", List.copyOf(categories), newer.person() || older.person());
    }

    private List<Kept> all() {
        return database.read(session -> session.list(SELECT + "ORDER BY o.id DESC", OwnPictures::kept));
    }

    /** Those this account may use, newest first; for one student, or, with none given, for any. */
    List<Kept> usable(Account account, @Nullable String student) {
        Set<String> teams = teams(account);
        return all().stream().filter(k -> usable(k, account, student, teams)).toList();
    }

    private static boolean usable(Kept kept, Account account, @Nullable String student, Set<String> teams) {
        return switch (kept.about.audience()) {
            case SCHOOL -> true;
            case MINE -> kept.owner == account.id();
            case STUDENT -> teams.contains(kept.about.student()) && (student == null || student.equals(kept.about.student()));
        };
    }

    private Set<String> teams(Account account) {
        return new HashSet<>(database.read(session -> session.list("SELECT student_id FROM team WHERE account_id = ?", row -> row.getString(1), account.id())));
    }

    /** True of library pictures, and of own ones this account may use. */
    Predicate<Picture> may(Account account, @Nullable String student) {
        Map<String, Boolean> own = new HashMap<>();
        boolean[] read = {false};
        return picture -> {
            if (!picture.own()) {
                return true;
            }
            if (!read[0]) {
                usable(account, student).forEach(k -> own.put(k.picture, true));
                read[0] = true;
            }
            return own.containsKey(picture.id());
        };
    }

    /** One this account may use; nobody else's is found. */
    Optional<Kept> find(long id, Account account) {
        Set<String> teams = teams(account);
        return database.read(session -> session.first(SELECT + "WHERE o.id = ?", OwnPictures::kept, id)).filter(k -> usable(k, account, null, teams));
    }

    /** One this account took in before out of the very same file. */
    Optional<Kept> ofFile(String file, Account account) {
        return database.read(session -> session.first(SELECT + "WHERE o.file = ? AND o.owner = ?", OwnPictures::kept, file, account.id()));
    }

    /** @param file SHA-256 of the file as it came; @return its row */
    long keep(OwnPicture about, String file, String hash, String type, byte[] bytes, Account account, Instant at) {
        long id = database.write(session -> {
            keepMedia(session, hash, type, bytes);
            return session.insert("""
                INSERT INTO own_picture (media_id, file, words, categories, audience, student_id, owner, person, origin, author, licence, source, made_at)
                VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) RETURNING id""", hash, file, JSON.writeValueAsString(about.words()), JSON.writeValueAsString(about.categories()),
                about.audience().name(), about.student(), account.id(), about.person() ? 1 : 0, about.origin().name(), about.author(), about.licence(), about.source(), at.toString());
        });
        change.incrementAndGet();
        return id;
    }

    void change(long id, OwnPicture about) {
        database.write(session -> session.update("""
            UPDATE own_picture SET words = ?, categories = ?, audience = ?, student_id = ?, person = ?, origin = ?, author = ?, licence = ?, source = ? WHERE id = ?""",
            JSON.writeValueAsString(about.words()), JSON.writeValueAsString(about.categories()), about.audience().name(), about.student(), about.person() ? 1 : 0,
            about.origin().name(), about.author(), about.licence(), about.source(), id));
        change.incrementAndGet();
    }

    /** Shows other bytes from now on; boards that have the picture keep what they have. */
    void redraw(long id, String hash, String type, byte[] bytes) {
        database.write(session -> {
            keepMedia(session, hash, type, bytes);
            return session.update("UPDATE own_picture SET media_id = ? WHERE id = ?", hash, id);
        });
        change.incrementAndGet();
    }

    /** Takes it out of the collection. Boards that have it keep it; if none ever had it, its bytes go too. */
    void delete(long id) {
        database.write(session -> {
            String hash = session.first("SELECT media_id FROM own_picture WHERE id = ?", row -> row.getString(1), id).orElse("");
            session.update("DELETE FROM own_picture WHERE id = ?", id);
            session.update("""
                DELETE FROM media WHERE id = ? AND NOT EXISTS (SELECT 1 FROM own_picture o WHERE o.media_id = media.id)
                    AND NOT EXISTS (SELECT 1 FROM revision_media r WHERE r.media_id = media.id)""", hash);
            return null;
        });
        change.incrementAndGet();
    }

    Optional<Credit> credit(String picture) {
        return database.read(session -> session.first(SELECT + "WHERE o.media_id = ? ORDER BY o.id LIMIT 1", OwnPictures::kept, picture.substring("own/".length()))).map(k -> Credit.of(k.about));
    }

    /** On how many of the boards in force a picture stands. */
    int boardsWith(String hash) {
        return database.read(session -> session.first("SELECT count(*) FROM revision_media r JOIN head h ON h.revision_id = r.revision_id WHERE r.media_id = ?", row -> row.getInt(1), hash).orElse(0));
    }

    private static void keepMedia(Session session, String hash, String type, byte[] bytes) throws SQLException {
        session.update("INSERT INTO media (id, content_type, bytes) VALUES (?, ?, ?) ON CONFLICT (id) DO NOTHING", hash, type, bytes);
    }

    private static Kept kept(ResultSet row) throws SQLException {
        OwnPicture about = new OwnPicture(list(row.getString("words")), list(row.getString("categories")), OwnPicture.Audience.valueOf(row.getString("audience")), row.getString("student_id"),
            row.getInt("person") == 1, OwnPicture.Origin.valueOf(row.getString("origin")), row.getString("author"), row.getString("licence"), row.getString("source"));
        return new Kept(row.getLong("id"), "own/" + row.getString("media_id"), about, row.getLong("owner"), row.getString("owner_name"), row.getString("made_at"));
    }

    private static List<String> list(String json) {
        return JSON.readValue(json, new TypeReference<List<String>>() {
        });
    }
}
