package org.dwimble.server.live;

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
        String head = thing.kind().equals("list") ? "SELECT head FROM word_list WHERE id = ?" : "SELECT head FROM vocabulary WHERE id = ?";
        return database.read(session -> session.first(head, row -> row.getInt(1), thing.id())).orElse(0);
    }
}
