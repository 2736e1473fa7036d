package org.dwimble.server.media;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.obf.Media;
import org.dwimble.core.picture.Appearance;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.DatabaseTrouble;
import org.dwimble.server.database.Session;
import org.dwimble.server.library.Effects;
import org.dwimble.server.library.Library;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Pictures and sounds from outside, once each by the SHA-256 of their bytes. They are kept in the database, not
 * beside it, so that what a package brings is there as a whole or not at all, also when the power goes.
 */
@Component
public class MediaStore implements SmartInitializingSingleton {
    private static final int AT_ONCE = 500;

    private static final String STANDS_SOMEWHERE = "EXISTS (SELECT 1 FROM revision_media r WHERE r.media_id = media.id)";
    private static final String NAMED_BY_NOTHING = "NOT " + STANDS_SOMEWHERE
        + " AND NOT EXISTS (SELECT 1 FROM said s JOIN collected c ON c.said = s.id WHERE s.media_id = media.id)";
    private static final Logger LOG = LoggerFactory.getLogger(MediaStore.class);

    private final Database database;

    MediaStore(Database database) {
        this.database = database;
    }

    /** At the start, what a crash left of a package whose boards were not kept yet. */
    @Override
    public void afterSingletonsInstantiated() {
        try {
            database.write(session -> session.update("DELETE FROM media WHERE " + NAMED_BY_NOTHING));
        } catch (DatabaseTrouble trouble) {
            // A full disk keeps nobody from reading.
            LOG.warn("Pictures that nothing names could not be cleared away: {}", trouble.getMessage());
        }
    }

    /** An item of the vocabulary that is in force; what only others use is not found. */
    public Optional<Media.Item> ofVocabulary(long vocabulary, String hash, Appearance appearance) {
        return database.read(session -> session.first("""
            SELECT m.id, m.content_type, m.bytes FROM media m
            WHERE m.id = ? AND EXISTS (
                SELECT 1 FROM revision_media r JOIN head h ON h.revision_id = r.revision_id JOIN line l ON l.id = h.line
                WHERE r.media_id = m.id AND l.sort = 'vocabulary' AND l.thing = ?)""",
            row -> item(row.getString(1), row.getString(2), row.getBytes(3), appearance), hash, vocabulary));
    }

    public Optional<Media.Item> any(String hash) {
        return any(hash, Appearance.USUAL);
    }

    /** @param appearance of what was put together out of the library's pictures; photos look the same to everybody */
    public Optional<Media.Item> any(String hash, Appearance appearance) {
        return database.read(session -> session.first("SELECT id, content_type, bytes FROM media WHERE id = ?",
            row -> item(row.getString(1), row.getString(2), row.getBytes(3), appearance), hash));
    }

    /** True if some version of a board or a word list has it. @param hash of its bytes */
    public static boolean standsSomewhere(Session session, String hash) throws SQLException {
        return session.exists("SELECT 1 FROM media WHERE id = ? AND " + STANDS_SOMEWHERE, hash);
    }

    /** Erases bytes that no board, no list and no collection names any more, in any version. @param hash of them */
    public static void sweep(Session session, String hash) throws SQLException {
        session.update("DELETE FROM media WHERE id = ? AND " + NAMED_BY_NOTHING, hash);
    }

    /** Bytes of some pictures and sounds of one's own together. */
    public long bytesOf(Collection<String> ids) {
        return database.read(session -> {
            long all = 0;
            for (String id : ids) {
                if (MediaId.isOwn(id)) {
                    all += session.first("SELECT length(bytes) FROM media WHERE id = ?", row -> row.getLong(1), MediaId.hash(id)).orElse(0L);
                }
            }
            return all;
        });
    }

    /** To write what leaves: finds library pictures, and of the school's own those that go there. */
    public Media reading(Appearance appearance, Leaving leaving) {
        return new Media() {
            @Override
            public Kept keep(byte[] bytes, @Nullable String symbol) {
                throw new UnsupportedOperationException("only for reading");
            }

            @Override
            public Optional<Item> find(String id) {
                return !MediaId.isOwn(id) ? libraryItem(id, appearance) : leaving.stays(id) ? Optional.empty() : any(MediaId.hash(id), appearance);
            }
        };
    }

    /** A library picture as a file of a package: {@code core-want.svg}, as two sets may use one name. */
    public static Optional<Media.Item> libraryItem(String id, Appearance appearance) {
        if (MediaId.isEffect(id)) {
            return Effects.sound(id).map(wav -> new Media.Item(id, Effects.TYPE, id.replace('/', '-') + ".wav", wav));
        }
        return Library.drawing(id, appearance).map(svg -> new Media.Item(id, "image/svg+xml", id.replace('/', '-') + ".svg", svg));
    }

    /** Gathers what a package brings; nothing is kept until {@link Incoming#keepIn} is called. */
    public Incoming incoming() {
        return new Incoming();
    }

    /** What a package brought, checked and waiting for the transaction that keeps its boards. */
    public static final class Incoming implements Media, AutoCloseable {
        private static final long BYTES_AT_ONCE = 4L << 20;
        private final Set<String> fresh = new LinkedHashSet<>();
        private final Spool spool = new Spool();
        private final List<Spool.Entry> entries = new ArrayList<>();

        @Override
        public Kept keep(byte[] bytes, @Nullable String symbol) {
            if (symbol != null && (Library.isDrawingOf(symbol, bytes) || Effects.isSoundOf(symbol, bytes))) {
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

        /**
         * Puts them into the database a few at a time, so that nobody's edit waits for all of them, before the boards that have them. If
         * these are not kept after all, {@link #takeBack} takes them away; after a crash in between the next start does.
         */
        public void keepIn(Database database) {
            List<Spool.Entry> some = new ArrayList<>();
            long bytes = 0;
            for (Spool.Entry entry : entries) {
                some.add(entry);
                bytes += entry.length();
                if (bytes > BYTES_AT_ONCE || some.size() >= AT_ONCE) {
                    keep(database, List.copyOf(some));
                    some.clear();
                    bytes = 0;
                }
            }
            keep(database, some);
        }

        private void keep(Database database, List<Spool.Entry> some) {
            database.run(session -> {
                put(session, some);
            });
        }

        private void put(Session session, List<Spool.Entry> some) throws SQLException {
            for (Spool.Entry entry : some) {
                if (session.update("INSERT INTO media (id, content_type, bytes) VALUES (?, ?, ?) ON CONFLICT (id) DO NOTHING", entry.hash(), entry.type(),
                    spool.get(entry)) > 0) {
                    fresh.add(entry.hash());
                }
            }
        }

        /** In the transaction that keeps the boards: what somebody took away meanwhile, as nothing named it, is put there again. */
        public void stillIn(Session session) throws SQLException {
            Set<String> gone = Set.copyOf(session.list("SELECT came.value FROM json_each(?) came WHERE NOT EXISTS (SELECT 1 FROM media WHERE id = came.value)",
                row -> row.getString(1), JsonMapper.shared().writeValueAsString(hashes())));
            put(session, entries.stream().filter(entry -> gone.contains(entry.hash())).toList());
        }

        /** Of what it brought, by the SHA-256 of their bytes. */
        public Set<String> hashes() {
            return entries.stream().map(Spool.Entry::hash).collect(Collectors.toSet());
        }

        /** What was put there for boards that are not kept. */
        public void takeBack(Database database) {
            database.run(session -> {
                for (String hash : fresh) {
                    sweep(session, hash);
                }
            });
        }

        @Override
        public void close() {
            spool.close();
        }
    }

    private static Media.Item item(String hash, String type, byte[] bytes, Appearance appearance) {
        if (type.equals(MadeOf.TYPE)) {
            return item(hash, "image/svg+xml", MadeOf.drawn(bytes, appearance), appearance);
        }
        String ending = type.equals("image/svg+xml") ? "svg" : type.substring(type.indexOf('/') + 1);
        return new Media.Item(MediaId.ofContent(hash), type, hash + "." + ending, bytes);
    }
}
