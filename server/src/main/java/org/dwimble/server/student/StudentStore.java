package org.dwimble.server.student;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.dwimble.core.access.kept.KeptAccess;
import org.dwimble.core.board.Names;
import org.dwimble.core.document.ToldDocument;
import org.dwimble.core.grant.Grant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.core.measure.Length;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Hair;
import org.dwimble.core.picture.Look;
import org.dwimble.core.picture.Tone;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.use.UseKept;
import org.dwimble.core.voice.StudentVoice;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.Session;
import org.dwimble.server.grant.GrantTable;
import org.dwimble.server.grant.RightsChanged;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

@Component
public class StudentStore {
    private static final String COLUMNS = "s.id, s.name, s.school_year, s.class_name, s.screen_width, s.screen_height, s.look, s.tone, s.hair, s.places_kept, "
        + "s.voice, s.hand, s.access, s.use_kept";

    /** Somebody on a student's team. */
    public record Member(long accountId, String signIn, String name, String work, Role role) {
    }

    /**
     * One row of the caseload, as the database has it.
     *
     * @param vocabulary the student's vocabulary that changed last, if there is one
     */
    public record CaseloadRow(Student student, Role role, @Nullable Current vocabulary, int vocabularies) {
    }

    /** @param changedBy null if the program itself made the change */
    public record Current(long id, String name, int rows, int columns, int words, int shown, int boards, String changedAt, @Nullable String changedBy,
        Told change) {
    }

    private final Database database;
    private final GrantTable table;
    private final ApplicationEventPublisher told;

    StudentStore(Database database, GrantTable table, ApplicationEventPublisher told) {
        this.table = table;
        this.database = database;
        this.told = told;
    }

    /** Keeps a new student; whoever adds the student owns the team. */
    public void add(Student student, long owner) {
        database.run(session -> {
            session.update(
                "INSERT INTO student (id, name, school_year, class_name, screen_width, screen_height, look, tone, hair, places_kept, voice, hand, "
                    + "access, use_kept)"
                    + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                student.id(), student.name(), student.schoolYear(), student.className(),
                student.screen().width().micrometres(), student.screen().height().micrometres(),
                student.appearance().look().name(), student.appearance().tone().name(), student.appearance().hair().name(), student.placesKept() ? 1 : 0,
                kept(student.voice()), kept(student.hand()), KeptAccess.write(student.access()), kept(student.useKept()));
            GrantTable.give(session, given(student.id(), owner, Role.OWNER));
        });
    }

    /**
     * @param was as whoever changes it saw it
     * @throws Problem if somebody else changed the same fact otherwise meanwhile; then nothing changes
     */
    public Student change(Student wanted, Student was) {
        return database.write(session -> {
            Student now = session.first("SELECT " + COLUMNS + " FROM student s WHERE s.id = ?", StudentStore::student, wanted.id())
                .orElseThrow(() -> Problem.notFound("student"));
            Student.Brought brought = wanted.onto(was, now);
            if (brought.met() != null) {
                throw new Problem(HttpStatus.CONFLICT, "student-met", "what", brought.met(), "name", now.name());
            }
            update(session, brought.student());
            return brought.student();
        });
    }

    private static void update(Session session, Student student) throws SQLException {
        session.update(
            "UPDATE student SET name = ?, school_year = ?, class_name = ?, screen_width = ?, screen_height = ?, look = ?, tone = ?, hair = ?, "
                + "places_kept = ?, voice = ?, hand = ?, access = ?, use_kept = ? WHERE id = ?",
            student.name(), student.schoolYear(), student.className(),
            student.screen().width().micrometres(), student.screen().height().micrometres(),
            student.appearance().look().name(), student.appearance().tone().name(), student.appearance().hair().name(),
            student.placesKept() ? 1 : 0, kept(student.voice()), kept(student.hand()), KeptAccess.write(student.access()), kept(student.useKept()),
            student.id());
    }

    public Optional<Student> find(String id) {
        return database.read(session -> session.first("SELECT " + COLUMNS + " FROM student s WHERE s.id = ?", StudentStore::student, id));
    }

    private static Grant given(String student, long account, Role role) {
        return new Grant(new Who.Person(account), role, Thing.student(student));
    }

    public List<Member> team(String student) {
        Map<Long, Role> roles = database.read(session -> roles(session, student));
        return database.read(session -> session.list("SELECT id, sign_in, name, work FROM account WHERE id IN (SELECT value FROM json_each(?))",
            row -> new Member(row.getLong("id"), row.getString("sign_in"), row.getString("name"), row.getString("work"),
                Objects.requireNonNull(roles.get(row.getLong("id")))),
            JsonMapper.shared().writeValueAsString(roles.keySet()))).stream()
            .sorted(Comparator.comparing(Member::name, Names.order()).thenComparing(Member::accountId)).toList();
    }

    private static Map<Long, Role> roles(Session session, String student) throws SQLException {
        Map<Long, Role> roles = new HashMap<>();
        GrantTable.of(session, Thing.student(student)).forEach(line -> {
            if (line.who() instanceof Who.Person person) {
                roles.put(person.account(), line.role());
            }
        });
        return roles;
    }

    /**
     * Puts somebody on a team, or changes what he or she may do there.
     *
     * @return false if that would leave the team without an owner; then nothing changes
     */
    public boolean join(String student, long account, Role role) {
        return changed(session -> {
            if (role != Role.OWNER && lastOwner(session, student, account)) {
                return false;
            }
            GrantTable.give(session, given(student, account, role));
            return true;
        });
    }

    /** @return false if that would leave the team without an owner; then nothing changes */
    public boolean leave(String student, long account) {
        return changed(session -> {
            if (lastOwner(session, student, account)) {
                return false;
            }
            GrantTable.takeAway(session, new Who.Person(account), Thing.student(student));
            return true;
        });
    }

    /** Tells of a change to who is on a team, once it is on disk. */
    private boolean changed(Database.Work<Boolean, RuntimeException> work) {
        boolean made = database.write(work);
        told.publishEvent(new RightsChanged());
        return made;
    }

    private static boolean lastOwner(Session session, String student, long account) throws SQLException {
        Map<Long, Role> roles = roles(session, student);
        return roles.get(account) == Role.OWNER && roles.values().stream().filter(role -> role == Role.OWNER).count() == 1;
    }

    /** The students somebody works with, by name, each with the vocabulary that changed last. */
    public List<CaseloadRow> caseload(long account) {
        Map<String, Role> given = table.ofAccount(account, Thing.Sort.STUDENT);
        return database.read(session -> session.list("SELECT " + COLUMNS + """
            , v.id AS vocabulary, n.words, n.shown, n.boards, n.made_at, n.told, a.name AS changed_by,
                v.name AS vocabulary_name, v.home_rows, v.home_columns,
                (SELECT count(*) FROM vocabulary o WHERE o.student_id = s.id AND o.deleted_at IS NULL) AS vocabularies
            FROM student s
            LEFT JOIN vocabulary v ON v.id = (
                SELECT c.id FROM vocabulary c JOIN line cl ON cl.sort = 'vocabulary' AND cl.thing = c.id
                    JOIN version cn ON cn.line = cl.id AND cn.number = cl.head
                WHERE c.student_id = s.id AND c.deleted_at IS NULL ORDER BY cn.made_at DESC, c.id DESC LIMIT 1)
            LEFT JOIN line l ON l.sort = 'vocabulary' AND l.thing = v.id
            LEFT JOIN version n ON n.line = l.id AND n.number = l.head
            LEFT JOIN account a ON a.id = n.account_id
            WHERE s.id IN (SELECT value FROM json_each(?)) AND s.deleted_at IS NULL
            """, row -> new CaseloadRow(student(row), Objects.requireNonNull(given.get(row.getString("id"))), current(row), row.getInt("vocabularies")),
            JsonMapper.shared().writeValueAsString(given.keySet()))).stream()
            .sorted(Comparator.comparing((CaseloadRow r) -> r.student.name(), Names.order()).thenComparing(r -> r.student.id())).toList();
    }

    private static @Nullable Current current(ResultSet row) throws SQLException {
        long id = row.getLong("vocabulary");
        return row.wasNull() ? null : new Current(id, row.getString("vocabulary_name"), row.getInt("home_rows"), row.getInt("home_columns"),
            row.getInt("words"), row.getInt("shown"), row.getInt("boards"), row.getString("made_at"), row.getString("changed_by"),
            ToldDocument.read(row.getString("told")));
    }

    private static Student student(ResultSet row) throws SQLException {
        return new Student(row.getString("id"), row.getString("name"), Session.integer(row, "school_year"), row.getString("class_name"),
            new Screen(new Length(row.getLong("screen_width")), new Length(row.getLong("screen_height"))),
            new Appearance(Look.valueOf(row.getString("look")), Tone.valueOf(row.getString("tone")), Hair.valueOf(row.getString("hair"))),
            row.getInt("places_kept") == 1, voice(row.getString("voice")),
            hand(row.getString("hand")), KeptAccess.read(row.getString("access")),
            row.getString("use_kept") == null ? null : UseKept.valueOf(row.getString("use_kept")));
    }

    /** As it is kept: where, rate and pitch, then the name, which may hold anything. */
    private static @Nullable String kept(@Nullable StudentVoice voice) {
        return voice == null ? null : voice.where() + " " + voice.rate() + " " + voice.pitch() + " " + voice.name();
    }

    private static @Nullable StudentVoice voice(@Nullable String kept) {
        if (kept == null) {
            return null;
        }
        String[] parts = kept.split(" ", 4);
        return new StudentVoice(StudentVoice.Where.valueOf(parts[0]), parts[3], Integer.parseInt(parts[1]), Integer.parseInt(parts[2]));
    }

    private static @Nullable String kept(@Nullable UseKept use) {
        return use == null ? null : use.name();
    }

    /** As it is kept: the least cell and the gap in micrometres, then the reason, which may hold anything. */
    private static @Nullable String kept(@Nullable Hand hand) {
        return hand == null ? null : hand.leastCell().micrometres() + " " + hand.gap().micrometres() + " " + hand.reason();
    }

    private static @Nullable Hand hand(@Nullable String kept) {
        if (kept == null) {
            return null;
        }
        String[] parts = kept.split(" ", 3);
        return new Hand(new Length(Long.parseLong(parts[0])), new Length(Long.parseLong(parts[1])), parts[2]);
    }
}
