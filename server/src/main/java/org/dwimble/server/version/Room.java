package org.dwimble.server.version;

import java.util.function.Supplier;
import org.dwimble.server.database.Database;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Gives each sort of thing that is kept in versions its place. */
@Component
public class Room {
    private final Database database;
    private final Revisions revisions;
    private final ApplicationEventPublisher events;
    private final Supplier<String> ids;

    Room(Database database, Revisions revisions, ApplicationEventPublisher events, Supplier<String> ids) {
        this.database = database;
        this.revisions = revisions;
        this.events = events;
        this.ids = ids;
    }

    public <D> Versions<D> of(Shelf<D> shelf) {
        return new Versions<>(shelf, database, revisions, events, ids);
    }
}
