package org.dwimble.server.grant;

import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Grants;
import org.dwimble.core.grant.Need;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * The one question: may this person do this with that? Asked by every endpoint, store, stream, result of work and search, and read anew from the
 * table each time, so that what is taken away is gone with the next question. What somebody may not even see looks as if it were not there.
 */
@Component
public class Rights {
    private final Database database;
    private final GrantTable table;

    Rights(Database database, GrantTable table) {
        this.database = database;
        this.table = table;
    }

    /** A thing that is there. @param of what it belongs to; null for nothing */
    private record Stands(@Nullable Thing of) {
    }

    /** All that somebody may do with a thing; empty if it is not there, or not to be known to be. */
    public Set<Act> acts(Somebody who, Thing thing) {
        return database.read(session -> {
            Stands stands = stands(session, thing).orElse(null);
            return stands == null ? Set.of() : new Grants(GrantTable.about(session, thing, stands.of)).acts(who.id(), thing, stands.of);
        });
    }

    public boolean may(Somebody who, Act act, Thing thing) {
        return acts(who, thing).contains(act);
    }

    public boolean may(Somebody who, Need need) {
        return may(who, need.act(), need.thing());
    }

    /**
     * @return all that this person may do with it
     * @throws Problem if it may not be done: "not found" if the thing is not even to be seen, else why
     */
    public Set<Act> must(Somebody who, Act act, Thing thing) {
        Set<Act> acts = acts(who, thing);
        if (acts.contains(act)) {
            return acts;
        }
        if (acts.isEmpty() && thing.sort() != Thing.Sort.SCHOOL) {
            throw Problem.notFound(thing.sort().word());
        }
        throw new Problem(HttpStatus.FORBIDDEN, why(act, acts, thing));
    }

    private String why(Act act, Set<Act> acts, Thing thing) {
        if (act == Act.KEEP) {
            return "only-admin";
        }
        if (!acts.contains(Act.LOOK)) {
            return "only-talk";
        }
        if (act == Act.TAKE || act == Act.TALK) {
            return "only-print";
        }
        if (act == Act.OWN) {
            return "only-owner";
        }
        boolean ofNobody = database.read(session -> stands(session, thing)).filter(s -> s.of == null).isPresent();
        return thing.sort() == Thing.Sort.VOCABULARY && ofNobody ? "starter-stays" : "only-look";
    }

    /** All that somebody is to whom pictures and the like are given: the account, everybody, the teams of his or her students. */
    public Set<Who> is(Somebody who) {
        return new Grants(table.reaching(who.id(), Thing.Sort.STUDENT)).is(who.id());
    }

    /** Whose boards or list it is, or who it is; null for nobody's. */
    public @Nullable String studentOf(Thing thing) {
        return thing.sort() == Thing.Sort.STUDENT ? thing.id()
            : database.read(session -> stands(session, thing)).map(Stands::of).map(Thing::id).orElse(null);
    }

    private static Optional<Stands> stands(Session session, Thing thing) throws SQLException {
        return switch (thing.sort()) {
            case SCHOOL -> Optional.of(new Stands(null));
            case STUDENT -> session.exists("SELECT 1 FROM student WHERE id = ? AND deleted_at IS NULL", thing.id()) ? Optional.of(new Stands(null))
                : Optional.empty();
            case VOCABULARY -> ofStudent(session, "vocabulary", thing);
            case LIST -> ofStudent(session, "word_list", thing);
            case PICTURE -> throw new IllegalArgumentException("Pictures are asked about many at once: OwnPictures");
        };
    }

    private static Optional<Stands> ofStudent(Session session, String table, Thing thing) throws SQLException {
        return session.first("SELECT t.student_id FROM " + table + " t LEFT JOIN student s ON s.id = t.student_id WHERE t.id = ? AND t.deleted_at IS NULL"
            + " AND s.deleted_at IS NULL", row -> {
                String student = row.getString(1);
                return new Stands(student == null ? null : Thing.student(student));
            }, thing.id());
    }
}
