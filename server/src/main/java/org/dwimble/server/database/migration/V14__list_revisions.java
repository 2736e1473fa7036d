package org.dwimble.server.database.migration;

import java.sql.SQLException;
import java.util.List;
import org.dwimble.core.board.ContentHash;
import org.dwimble.server.database.Packing;
import org.dwimble.server.database.Session;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What each version of a word list held becomes a revision, once each by its hash, as boards are; its bytes stay as they were written. */
@Component
class V14__list_revisions extends BaseJavaMigration {
    private record Version(long list, int number, long line) {
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Session session = Session.upgrading(context.getConnection());
        List<Version> versions = session.list("""
            SELECT v.list_id, v.number, l.id FROM list_version v JOIN line l ON l.sort = 'list' AND l.thing = v.list_id ORDER BY v.list_id, v.number""",
            row -> new Version(row.getLong(1), row.getInt(2), row.getLong(3)));
        long line = 0;
        Long before = null;
        for (Version version : versions) {
            before = version.line == line ? before : null;
            line = version.line;
            long after = revision(session, version);
            session.update("INSERT INTO line_change (line, version, document, before, after) VALUES (?, ?, '', ?, ?)", line, version.number, before, after);
            head(session, line, before, after);
            before = after;
        }
    }

    private static long revision(Session session, Version version) throws SQLException {
        byte[] content = session.first("SELECT content FROM list_version WHERE list_id = ? AND number = ?", row -> row.getBytes(1), version.list,
            version.number).orElseThrow();
        byte[] hash = ContentHash.of(Packing.unpackedAlone(content));
        Long known = session.first("SELECT id FROM revision WHERE hash = ?", row -> row.getLong(1), (Object) hash).orElse(null);
        long id = known != null ? known : session.insert("INSERT INTO revision (hash, content, packing) VALUES (?, ?, 'ALONE') RETURNING id", hash, content);
        session.update("""
            INSERT INTO revision_media (revision_id, media_id) SELECT ?, media_id FROM list_media WHERE list_id = ? AND number = ? ON CONFLICT DO NOTHING""",
            id, version.list, version.number);
        return id;
    }

    private static void head(Session session, long line, @Nullable Long before, long after) throws SQLException {
        session.update(before == null ? "INSERT INTO line_head (revision_id, line, document) VALUES (?, ?, '')"
            : "UPDATE line_head SET revision_id = ? WHERE line = ? AND document = ''", after, line);
    }
}
