package org.dwimble.server.grant;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.dwimble.core.grant.Grant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The table of grants, one line for each of somebody and a thing. Nothing else reads or writes it. */
@Component
public class GrantTable {
    private static final String LINE = "SELECT sort, thing, account_id, team, role FROM granted ";

    /** True, in a question about the table of accounts, of who looks after the school's. */
    public static final String KEEPS = "EXISTS (SELECT 1 FROM granted g WHERE g.sort = 'school' AND g.account_id = account.id)";

    private final Database database;

    GrantTable(Database database) {
        this.database = database;
    }

    /** Gives a thing, or changes what it was given as. */
    public static void give(Session session, Grant grant) throws SQLException {
        takeAway(session, grant.who(), grant.thing());
        session.update("INSERT INTO granted (sort, thing, account_id, team, role) VALUES (?, ?, ?, ?, ?)", grant.thing().sort().word(), grant.thing().id(),
            grant.who() instanceof Who.Person person ? person.account() : null, grant.who() instanceof Who.TeamOf team ? team.student() : null,
            grant.role().name());
    }

    public static void takeAway(Session session, Who who, Thing thing) throws SQLException {
        session.update("DELETE FROM granted WHERE sort = ? AND thing = ? AND account_id IS ? AND team IS ?", thing.sort().word(), thing.id(),
            who instanceof Who.Person person ? person.account() : null, who instanceof Who.TeamOf team ? team.student() : null);
    }

    /** All lines of one thing. */
    public static List<Grant> of(Session session, Thing thing) throws SQLException {
        return session.list(LINE + "WHERE sort = ? AND thing = ?", GrantTable::line, thing.sort().word(), thing.id());
    }

    public List<Grant> of(Thing thing) {
        return database.read(session -> of(session, thing));
    }

    /** Of one sort, as what somebody was given each of them, by its id; by what everybody was given too. */
    public Map<String, Role> ofAccount(long account, Thing.Sort sort) {
        Map<String, Role> given = new TreeMap<>();
        reaching(account, sort).forEach(line -> given.merge(line.thing().id(), line.role(), (one, other) -> one.compareTo(other) <= 0 ? one : other));
        return given;
    }

    /** With how many students each account works, by its number; those who work with none are left out. */
    public Map<Long, Integer> students() {
        return database.read(session -> session.list("""
            SELECT g.account_id, count(*) FROM granted g JOIN student s ON s.id = g.thing AND s.deleted_at IS NULL
            WHERE g.sort = 'student' AND g.account_id IS NOT NULL GROUP BY g.account_id""", row -> Map.entry(row.getLong(1), row.getInt(2)))).stream()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** The lines of a sort that name an account, or everybody. */
    public List<Grant> reaching(long account, Thing.Sort sort) {
        return database.read(session -> session.list(LINE + "WHERE sort = ? AND team IS NULL AND (account_id = ? OR account_id IS NULL)", GrantTable::line, sort
            .word(), account));
    }

    /** What a question needs: the lines of a thing and of what it belongs to, and of the students whose teams these name. */
    static List<Grant> about(Session session, Thing thing, @Nullable Thing of) throws SQLException {
        List<Grant> lines = new ArrayList<>(of(session, thing));
        if (of != null) {
            lines.addAll(of(session, of));
        }
        List<String> teams = lines.stream().map(Grant::who).filter(Who.TeamOf.class::isInstance).map(who -> ((Who.TeamOf) who).student()).distinct().toList();
        for (String team : teams) {
            lines.addAll(of(session, Thing.student(team)));
        }
        return lines;
    }

    private static Grant line(ResultSet row) throws SQLException {
        Long account = Session.number(row, "account_id");
        String team = row.getString("team");
        Who who = account != null ? new Who.Person(account) : team != null ? new Who.TeamOf(team) : Who.EVERYBODY;
        Optional<Thing.Sort> sort = Thing.Sort.of(row.getString("sort"));
        return new Grant(who, Role.valueOf(row.getString("role")), new Thing(sort.orElseThrow(), row.getString("thing")));
    }
}
