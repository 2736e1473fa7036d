package org.dwimble.server.version;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiFunction;
import org.dwimble.server.database.Packing;
import org.dwimble.server.database.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Immutable documents of whatever is kept in versions: boards, the whole of a vocabulary, word lists. Each is kept once, under the
 * SHA-256 of its canonical JSON, packed against the document it came from where that is smaller, never more than one
 * step from one that is packed alone. Documents read lately stay in memory; being immutable they never go stale.
 */
@Component
public class Revisions {
    /** What a document takes in memory as objects, over the bytes of its JSON; measured on boards of 40 to 60 buttons. */
    private static final int OBJECTS_OVER_JSON = 8;
    /** Packed against another is worth it if it is at least this much smaller than packed alone. */
    private static final double WORTH_IT = 0.5;
    private static final int AT_ONCE = 500;

    /**
     * A document as it was kept.
     *
     * @param document such as a board
     * @param bytes    about what it takes in memory
     */
    record Kept(Object document, int bytes) {
    }

    private final Cache<Long, Kept> lately = Caffeine.newBuilder().maximumWeight(Runtime.getRuntime().maxMemory() / 8)
        .weigher((Long id, Kept kept) -> kept.bytes).build();
    private final Cache<Long, byte[]> bases = Caffeine.newBuilder().maximumWeight(Runtime.getRuntime().maxMemory() / 32)
        .weigher((Long id, byte[] json) -> json.length + 64).build();

    private record Row(long id, byte[] content, Packing.How packing, @Nullable Long against) {
    }

    /** The documents of these revisions, by revision. @param read makes one of its JSON, by its id */
    Map<Long, Kept> read(Session session, Map<String, Long> revisionByDocument, BiFunction<String, byte[], Object> read) throws SQLException {
        Map<Long, Kept> documents = new HashMap<>();
        Map<Long, String> wanted = new TreeMap<>();
        for (Map.Entry<String, Long> entry : revisionByDocument.entrySet()) {
            Kept known = lately.getIfPresent(entry.getValue());
            if (known != null) {
                documents.put(entry.getValue(), known);
            } else {
                wanted.put(entry.getValue(), entry.getKey());
            }
        }
        List<Row> rows = rows(session, wanted.keySet());
        Map<Long, byte[]> against = bases(session, rows);
        for (Row row : rows) {
            byte[] json = json(row, against);
            Kept kept = new Kept(read.apply(wanted.get(row.id), json), json.length * OBJECTS_OVER_JSON);
            session.afterCommit(() -> lately.put(row.id, kept));
            documents.put(row.id, kept);
        }
        return documents;
    }

    private static List<Row> rows(Session session, Collection<Long> ids) throws SQLException {
        List<Long> all = new ArrayList<>(ids);
        List<Row> rows = new ArrayList<>();
        for (int from = 0; from < all.size(); from += AT_ONCE) {
            List<Long> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
            rows.addAll(session.list("SELECT id, content, packing, against FROM revision WHERE id IN (" + "?,".repeat(some.size() - 1) + "?)",
                row -> new Row(row.getLong("id"), row.getBytes("content"), Packing.How.valueOf(row.getString("packing")),
                    Session.number(row, "against")),
                some.toArray()));
        }
        return rows;
    }

    /** The JSON of what these rows are packed against, by revision. */
    private Map<Long, byte[]> bases(Session session, List<Row> rows) throws SQLException {
        Map<Long, byte[]> found = new HashMap<>();
        Set<Long> missing = new TreeSet<>();
        for (Row row : rows) {
            if (row.against != null) {
                byte[] known = bases.getIfPresent(row.against);
                if (known == null) {
                    missing.add(row.against);
                } else {
                    found.put(row.against, known);
                }
            }
        }
        for (Row row : rows(session, missing)) {
            byte[] json = json(row, Map.of());
            session.afterCommit(() -> bases.put(row.id, json));
            found.put(row.id, json);
        }
        return found;
    }

    private static byte[] json(Row row, Map<Long, byte[]> against) {
        return switch (row.packing) {
            case PLAIN -> row.content;
            case ALONE -> Packing.unpackedAlone(row.content);
            case AGAINST -> Packing.unpackedAgainst(row.content, Objects.requireNonNull(against.get(row.against)));
        };
    }

    /**
     * @param from the revision it came from, if any
     * @return its revision
     */
    long keep(Session session, Written written, @Nullable Long from) throws SQLException {
        Long known = session.first("SELECT id FROM revision WHERE hash = ?", row -> row.getLong(1), (Object) written.hash()).orElse(null);
        if (known != null) {
            return known;
        }
        Row packed = packed(session, written.json(), from);
        long id = session.insert("INSERT INTO revision (hash, content, packing, against) VALUES (?, ?, ?, ?) RETURNING id", written.hash(),
            packed.content, packed.packing.name(), packed.against);
        session.batch(written.someGone() ? "INSERT INTO revision_media (revision_id, media_id) SELECT ?, id FROM media WHERE id = ?"
            : "INSERT INTO revision_media (revision_id, media_id) VALUES (?, ?)", written.ownMedia().stream().map(m -> new Object[] {id, m}).toList());
        session.afterCommit(() -> lately.put(id, new Kept(written.content(), written.json().length * OBJECTS_OVER_JSON)));
        return id;
    }

    private Row packed(Session session, byte[] json, @Nullable Long from) throws SQLException {
        byte[] alone = Packing.alone(json);
        if (from != null) {
            long base = session.first("SELECT coalesce(against, id) FROM revision WHERE id = ?", row -> row.getLong(1), from).orElseThrow();
            byte[] against = Packing.against(json, base(session, base));
            if (against.length < alone.length * WORTH_IT) {
                return new Row(0, against, Packing.How.AGAINST, base);
            }
        }
        return new Row(0, alone, Packing.How.ALONE, null);
    }

    private byte[] base(Session session, long id) throws SQLException {
        byte[] known = bases.getIfPresent(id);
        if (known == null) {
            byte[] read = json(rows(session, List.of(id)).get(0), Map.of());
            session.afterCommit(() -> bases.put(id, read));
            return read;
        }
        return known;
    }
}
