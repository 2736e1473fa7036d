package org.dwimble.server.board;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.BoardJson;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.server.database.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Immutable documents: boards, and the one document of a vocabulary as a whole. Each is kept once, under the
 * SHA-256 of its canonical JSON. Documents read lately stay in memory; being immutable they never go stale.
 */
@Component
public class Revisions {
    /** The document of the whole vocabulary among its boards. */
    static final String WHOLE = "";
    private static final int IN_MEMORY = 4000;

    /** What belongs to the whole vocabulary. */
    record Whole(String name, String home, String locale, @Nullable Map<String, JsonNode> extras) {
        static Whole of(Vocabulary vocabulary) {
            return new Whole(vocabulary.name(), vocabulary.home(), vocabulary.locale(), vocabulary.extras());
        }

        Vocabulary with(Map<String, Board> boards) {
            return new Vocabulary(name, home, locale, boards, extras);
        }
    }

    private final Map<Long, Object> lately = Collections.synchronizedMap(new LinkedHashMap<>(256, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Object> eldest) {
            return size() > IN_MEMORY;
        }
    });

    /** The documents of these revisions, by revision: a {@link Board} or a {@link Whole}. */
    Map<Long, Object> read(Session session, Map<String, Long> revisionByDocument) throws SQLException {
        Map<Long, Object> documents = new HashMap<>();
        Map<Long, Boolean> wanted = new TreeMap<>();
        for (Map.Entry<String, Long> entry : revisionByDocument.entrySet()) {
            Object known = lately.get(entry.getValue());
            if (known != null) {
                documents.put(entry.getValue(), known);
            } else {
                wanted.put(entry.getValue(), entry.getKey().equals(WHOLE));
            }
        }
        List<Long> missing = new ArrayList<>(wanted.keySet());
        for (int from = 0; from < missing.size(); from += 500) {
            List<Long> some = missing.subList(from, Math.min(missing.size(), from + 500));
            String sql = "SELECT id, json FROM revision WHERE id IN (" + "?,".repeat(some.size() - 1) + "?)";
            session.list(sql, row -> {
                long id = row.getLong("id");
                byte[] json = row.getBytes("json");
                Object document = wanted.get(id) ? BoardJson.mapper().readValue(json, Whole.class) : BoardJson.read(json);
                lately.put(id, document);
                return documents.put(id, document);
            }, some.toArray());
        }
        return documents;
    }

    long keep(Session session, Whole whole) throws SQLException {
        byte[] json = BoardJson.mapper().writeValueAsBytes(whole);
        return keep(session, json, ContentHash.of(json), Set.of());
    }

    long keep(Session session, Board board) throws SQLException {
        return keep(session, Written.of(board));
    }

    /** A board as it will be kept: worked out before the write lock is needed, on as many cores as there are. */
    record Written(Board board, byte[] json, byte[] hash) {
        static Written of(Board board) {
            byte[] json = BoardJson.write(board);
            return new Written(board, json, ContentHash.of(json));
        }
    }

    long keep(Session session, Written written) throws SQLException {
        return keep(session, written.json, written.hash, ownMedia(written.board));
    }

    private long keep(Session session, byte[] json, byte[] hash, Collection<String> media) throws SQLException {
        Long known = session.first("SELECT id FROM revision WHERE hash = ?", row -> row.getLong(1), (Object) hash).orElse(null);
        if (known != null) {
            return known;
        }
        long id = session.insert("INSERT INTO revision (hash, json) VALUES (?, ?) RETURNING id", hash, json);
        session.batch("INSERT INTO revision_media (revision_id, media_id) VALUES (?, ?)", media.stream().map(m -> new Object[] {id, m}).toList());
        return id;
    }

    private static Set<String> ownMedia(Board board) {
        Set<String> ids = new TreeSet<>();
        for (Button button : board.buttons()) {
            ids.addAll(button.pictures());
            ids.add(button.sound() == null ? "" : button.sound());
        }
        ids.addAll(board.pictures() == null ? Set.of() : board.pictures().keySet());
        ids.addAll(board.sounds() == null ? Set.of() : board.sounds().keySet());
        Set<String> hashes = new TreeSet<>();
        ids.stream().filter(id -> id.startsWith("own/")).forEach(id -> hashes.add(id.substring(4)));
        return hashes;
    }
}
