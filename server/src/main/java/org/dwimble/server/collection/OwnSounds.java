package org.dwimble.server.collection;

import java.util.List;
import java.util.Set;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.grant.Who;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.grant.Rights;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The recordings a school has made or brought, and who may use which: what is said of a voice is what is said of a photo. */
@Component
public class OwnSounds {
    /**
     * One that may be put on buttons.
     *
     * @param id   what boards know it by
     * @param name of the word it was recorded for
     * @param by   whose voice it is, in words; may be empty
     */
    public record Kept(String id, String name, String by, Shows shows) {
    }

    private static final int MOST = 200;
    private static final String SOUND = "m.content_type LIKE 'audio/%'";

    private final Database database;
    private final Rights rights;
    private final SaidOfMedia said;

    OwnSounds(Database database, Rights rights, SaidOfMedia said) {
        this.database = database;
        this.rights = rights;
        this.said = said;
    }

    /**
     * Keeps a recording. Until a button has it, it is kept for the present only: the next start clears it away.
     *
     * @param about whose voice it is, under {@code author}, and for whom
     * @return what boards know it by
     */
    public String keep(String hash, String type, byte[] bytes, OwnPicture about, Account account) {
        database.run(session -> {
            session.update("INSERT INTO media (id, content_type, bytes) VALUES (?, ?, ?) ON CONFLICT (id) DO NOTHING", hash, type, bytes);
            SaidOfMedia.keep(session, hash, about, account);
        });
        said.changed();
        return MediaId.ofContent(hash);
    }

    /**
     * The newest of those that stand on some button and this account may use, {@value #MOST} at most; for one student, or, with none given, for any.
     */
    public List<Kept> usable(Account account, @Nullable String student) {
        Set<Who> is = rights.is(account);
        return database.read(session -> session.list("SELECT s.* FROM said s JOIN media m ON m.id = s.media_id WHERE s.origin IS NOT NULL AND " + SOUND
            + " AND EXISTS (SELECT 1 FROM revision_media r WHERE r.media_id = m.id) AND (? IS NULL OR s.student_id IS NULL OR s.student_id = ?)"
            + " ORDER BY s.id DESC",
            row -> new Found(SaidOfMedia.said(row), row.getString("name"), row.getString("author")), student, student))
            .stream().filter(f -> f.said.usable(student, is)).limit(MOST)
            .map(f -> new Kept(f.said.picture(), f.name, f.by, said.shows(f.said.picture(), student)))
            .toList();
    }

    private record Found(SaidOfMedia.Said said, String name, String by) {
    }
}
