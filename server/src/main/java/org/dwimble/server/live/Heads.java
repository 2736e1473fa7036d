package org.dwimble.server.live;

import org.dwimble.core.grant.Thing;
import org.dwimble.server.database.Database;
import org.springframework.stereotype.Component;

/** The versions in force, as numbers: all that has to be known here of what is kept. */
@Component
class Heads {
    private final Database database;

    Heads(Database database) {
        this.database = database;
    }

    int version(Thing thing) {
        return database
            .read(session -> session.first("SELECT head FROM line WHERE sort = ? AND thing = ?", row -> row.getInt(1), thing.sort().word(), thing.id()))
            .orElse(0);
    }
}
