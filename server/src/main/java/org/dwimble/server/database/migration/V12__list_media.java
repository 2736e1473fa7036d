package org.dwimble.server.database.migration;

import java.sql.SQLException;
import java.util.List;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.wordlist.kept.ListDocument;
import org.dwimble.server.database.Packing;
import org.dwimble.server.database.Session;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Finds out of every version of every word list which pictures of one's own it shows; those whose bytes went before are left out. */
@Component
class V12__list_media extends BaseJavaMigration {
    private record Version(long list, int number) {
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Session session = Session.upgrading(context.getConnection());
        List<Version> versions = session.list("SELECT list_id, number FROM list_version ORDER BY list_id, number",
            row -> new Version(row.getLong("list_id"), row.getInt("number")));
        for (Version version : versions) {
            byte[] content = session.first("SELECT content FROM list_version WHERE list_id = ? AND number = ?", row -> row.getBytes("content"), version.list,
                version.number).orElseThrow();
            for (String picture : ListDocument.read(Packing.unpackedAlone(content)).pictures()) {
                if (MediaId.isOwn(picture)) {
                    session.update("INSERT INTO list_media (list_id, number, media_id) SELECT ?, ?, id FROM media WHERE id = ? ON CONFLICT DO NOTHING",
                        version.list, version.number, MediaId.hash(picture));
                }
            }
        }
    }
}
