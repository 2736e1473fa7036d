package org.dwimble.server.media;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.obf.Media;
import org.dwimble.core.picture.Appearance;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.library.Library;
import org.dwimble.server.picture.Pictures;
import org.springframework.stereotype.Component;

/**
 * Pictures and sounds from outside, once each by the SHA-256 of their bytes. They are kept in the database, not
 * beside it, so that what a package brings is there as a whole or not at all, also when the power goes.
 */
@Component
public class MediaStore {
    private static final int AT_ONCE = 500;

    private final Database database;

    MediaStore(Database database) {
        this.database = database;
    }

    /** An item of the vocabulary that is in force; what only others use is not found. */
    public Optional<Media.Item> ofVocabulary(long vocabulary, String hash) {
        return database.read(session -> session.first("""
            SELECT m.id, m.content_type, m.bytes FROM media m
            WHERE m.id = ? AND EXISTS (
                SELECT 1 FROM revision_media r JOIN head h ON h.revision_id = r.revision_id
                WHERE r.media_id = m.id AND h.vocabulary_id = ?)""",
            row -> item(row.getString(1), row.getString(2), row.getBytes(3)), hash, vocabulary));
    }

    public Optional<Media.Item> any(String hash) {
        return database.read(session -> session.first("SELECT id, content_type, bytes FROM media WHERE id = ?",
            row -> item(row.getString(1), row.getString(2), row.getBytes(3)), hash));
    }

    /** To write a package: finds library pictures and own ones alike. The caller has checked that the vocabulary may be seen. */
    public Media reading(Appearance appearance) {
        return new Media() {
            @Override
            public Kept keep(byte[] bytes, String symbol) {
                throw new UnsupportedOperationException("only for reading");
            }

            @Override
            public Optional<Item> find(String id) {
                return MediaId.isOwn(id) ? any(MediaId.hash(id)) : libraryItem(id, appearance);
            }
        };
    }

    /** A library picture as a file of a package: {@code core-want.svg}, as two sets may use one name. */
    public static Optional<Media.Item> libraryItem(String id, Appearance appearance) {
        return Library.drawing(id, appearance).map(svg -> new Media.Item(id, "image/svg+xml", id.replace('/', '-') + ".svg", svg));
    }

    /** Gathers what a package brings; nothing is kept until {@link Incoming#keepIn} is called. */
    public Incoming incoming() {
        return new Incoming();
    }

    /** What a package brought, checked and waiting for the transaction that keeps its boards. */
    public static final class Incoming implements Media, AutoCloseable {
        private final Spool spool = new Spool();
        private final List<Spool.Entry> entries = new ArrayList<>();

        @Override
        public Kept keep(byte[] bytes, String symbol) {
            if (symbol != null && Library.isDrawingOf(symbol, bytes)) {
                return new Kept(symbol, null);
            }
            try {
                Intake.Taken taken = Intake.of(bytes);
                String hash = ContentHash.hex(taken.bytes());
                synchronized (entries) {
                    entries.add(spool.put(hash, taken.type(), taken.bytes()));
                }
                return new Kept(MediaId.ofContent(hash), null, taken.leftOut());
            } catch (NotTaken not) {
                return new Kept(null, not.why());
            }
        }

        @Override
        public Optional<Item> find(String id) {
            return Optional.empty();
        }

        public void keepIn(Session session) throws SQLException {
            for (int from = 0; from < entries.size(); from += AT_ONCE) {
                List<Object[]> rows = new ArrayList<>();
                for (Spool.Entry entry : entries.subList(from, Math.min(entries.size(), from + AT_ONCE))) {
                    rows.add(new Object[] {entry.hash(), entry.type(), spool.get(entry)});
                }
                session.batch("INSERT INTO media (id, content_type, bytes) VALUES (?, ?, ?) ON CONFLICT (id) DO NOTHING", rows);
            }
        }

        @Override
        public void close() {
            spool.close();
        }
    }

    private static Media.Item item(String hash, String type, byte[] bytes) {
        String ending = type.equals("image/svg+xml") ? "svg" : type.substring(type.indexOf('/') + 1);
        return new Media.Item(MediaId.ofContent(hash), type, hash + "." + ending, bytes);
    }
}
