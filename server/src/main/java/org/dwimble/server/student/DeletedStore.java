package org.dwimble.server.student;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.server.database.Database;
import org.dwimble.server.grant.GrantTable;
import org.dwimble.server.grant.RightsChanged;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Students, vocabularies and word lists that somebody deleted. For {@link #KEPT} they can be had back, whole, with their versions; all
 * that while, and after it, they are nowhere else to be seen.
 */
@Component
public class DeletedStore {
    public static final Duration KEPT = Duration.ofDays(30);

    /** What is deleted. */
    public enum What {
        STUDENT, VOCABULARY, LIST
    }

    /**
     * @param id      of the student, or the number of the vocabulary or list
     * @param of      the student a vocabulary or a list is of; null for a student, a bundle, and a list of nobody in particular
     * @param by      who deleted it; null if that account is gone
     */
    public record Deleted(What what, String id, String name, @Nullable String of, Instant at, @Nullable String by) {
        /** The last moment it can be had back. */
        public Instant until() {
            return at.plus(KEPT);
        }
    }

    private final Database database;
    private final GrantTable table;
    private final ApplicationEventPublisher told;

    DeletedStore(Database database, GrantTable table, ApplicationEventPublisher told) {
        this.table = table;
        this.database = database;
        this.told = told;
    }

    public void deleteStudent(String student, long account, Instant at) {
        database.write(session -> session.update("UPDATE student SET deleted_at = ?, deleted_by = ? WHERE id = ? AND deleted_at IS NULL",
            at.toString(), account, student));
        told.publishEvent(new RightsChanged());
    }

    public void deleteVocabulary(long vocabulary, long account, Instant at) {
        database.write(
            session -> session.update("UPDATE vocabulary SET deleted_at = ?, deleted_by = ? WHERE id = ? AND deleted_at IS NULL AND starter IS NULL",
                at.toString(), account, vocabulary));
        told.publishEvent(new RightsChanged());
    }

    /** What this person may have back now: students he or she owns, vocabularies and lists he or she may change; the latest first. */
    public List<Deleted> ofAccount(long account, Instant now) {
        String since = now.minus(KEPT).toString();
        Map<String, Role> students = table.ofAccount(account, Thing.Sort.STUDENT);
        String owned = having(students, Act.OWN);
        String changed = having(students, Act.CHANGE);
        return database.read(session -> session.list("""
            SELECT 'STUDENT' AS what, s.id AS id, s.name AS name, NULL AS of, s.deleted_at AS at, a.name AS by_name
            FROM student s LEFT JOIN account a ON a.id = s.deleted_by
            WHERE s.id IN (SELECT value FROM json_each(?)) AND s.deleted_at >= ?
            UNION ALL
            SELECT 'VOCABULARY', CAST(v.id AS TEXT), v.name, s.name, v.deleted_at, a.name
            FROM vocabulary v LEFT JOIN student s ON s.id = v.student_id LEFT JOIN account a ON a.id = v.deleted_by
            WHERE v.deleted_at >= ? AND s.deleted_at IS NULL AND (s.id IN (SELECT value FROM json_each(?)) OR v.bundled_by = ?)
            UNION ALL
            SELECT 'LIST', CAST(l.id AS TEXT), l.name, s.name, l.deleted_at, a.name
            FROM word_list l LEFT JOIN student s ON s.id = l.student_id LEFT JOIN account a ON a.id = l.deleted_by
            WHERE l.deleted_at >= ? AND s.deleted_at IS NULL
                AND (s.id IN (SELECT value FROM json_each(?)) OR CAST(l.id AS TEXT) IN (SELECT value FROM json_each(?)))
            ORDER BY at DESC, id""",
            row -> new Deleted(What.valueOf(row.getString("what")), row.getString("id"), row.getString("name"), row.getString("of"),
                Instant.parse(row.getString("at")), row.getString("by_name")),
            owned, since, since, changed, account, since, changed, having(table.ofAccount(account, Thing.Sort.LIST), Act.CHANGE)));
    }

    private static String having(Map<String, Role> given, Act act) {
        return JsonMapper.shared().writeValueAsString(given.entrySet().stream().filter(e -> e.getValue().may(act)).map(Map.Entry::getKey).toList());
    }

    /** As it was, with all that was deleted together with it. */
    public void restore(What what, String id) {
        String table = switch (what) {
            case STUDENT -> "student";
            case VOCABULARY -> "vocabulary";
            case LIST -> "word_list";
        };
        database.write(session -> session.update("UPDATE " + table + " SET deleted_at = NULL, deleted_by = NULL WHERE id = ?",
            what == What.STUDENT ? id : (Object) Long.valueOf(id)));
    }
}
