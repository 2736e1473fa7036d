package org.dwimble.server.version;

import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.version.Sort;
import org.dwimble.server.database.Session;
import org.jspecify.annotations.Nullable;

/**
 * What the room for versions has to know of one sort of thing: its documents, and what is to be kept beside a version of it.
 *
 * @param <D> a thing at a version
 */
public interface Shelf<D> {
    Thing thing(long id);

    Sort<D> sort();

    /** Every document of it, as it will be kept. */
    List<Written> written(D whole);

    /** The documents that differ. */
    Changes changes(D before, D after);

    /** @param changed those that are new or other than before @param went ids of those that are gone */
    record Changes(List<Written> changed, List<String> went) {
    }

    /** A document of its JSON. */
    Object read(String document, byte[] json);

    /** The document of that id in it. */
    Object document(D whole, String document);

    D assembled(Map<String, Object> documents);

    /** What it holds, if that is counted. @param before the version before; null for the first */
    @Nullable
    Counts counted(@Nullable AtVersion<D> before, AtVersion<D> now);

    /** Keeps what is shown of it where it is not opened; in the transaction in which a version is made. */
    void shown(Session session, long id, D now) throws SQLException;

    /** True if everybody who has it open may know who changed it. */
    boolean saysWho();

    /** The share of the memory that may be filled with those in force, over it. */
    int memory();
}
