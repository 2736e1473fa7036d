package org.dwimble.server.version;

import java.sql.SQLException;
import org.dwimble.core.version.Made;
import org.dwimble.server.database.Session;

/** Is kept together with an edit, in its transaction, or refuses it. */
@FunctionalInterface
public interface Beside<M extends Made<?>> {
    void keep(Session session, M made) throws SQLException;

    /** Nothing is. */
    static <M extends Made<?>> Beside<M> nothing() {
        return (session, made) -> {
        };
    }
}
