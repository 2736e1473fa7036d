package org.dwimble.server.dayword;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.dayword.DayWords;
import org.dwimble.core.dayword.OwnDay;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.School;
import org.dwimble.server.database.Database;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The days students look forward to, and where they are, in the database. */
@Component
public class OwnDays {
    /** More nobody looks forward to at once. */
    static final int MOST = 60;

    /** One of a student's own days. */
    record Kept(long id, OwnDay day) {
    }

    private final Database database;
    private final School school;

    OwnDays(Database database, School school) {
        this.database = database;
        this.school = school;
    }

    /** By date. */
    List<Kept> of(String student) {
        return database.read(session -> session.list("SELECT id, name, day, comes FROM own_day WHERE student_id = ? ORDER BY day, id", OwnDays::kept, student));
    }

    /** @throws Unacceptable if there are {@value #MOST} already, or one is the birthday */
    public void add(String student, OwnDay day) {
        database.run(session -> {
            List<Kept> there = session.list("SELECT id, name, day, comes FROM own_day WHERE student_id = ?", OwnDays::kept, student);
            if (there.size() >= MOST) {
                throw new Unacceptable("own-days-many", "most", MOST);
            }
            Optional<Kept> birthday = there.stream().filter(k -> k.day.comes() == OwnDay.Comes.BIRTHDAY).findFirst();
            if (day.comes() == OwnDay.Comes.BIRTHDAY && birthday.isPresent()) {
                throw new Unacceptable("own-day-birthday", "name", birthday.get().day.name());
            }
            session.update("INSERT INTO own_day (student_id, name, day, comes) VALUES (?, ?, ?, ?)", student, day.name(), day.date().toString(),
                day.comes().name());
        });
    }

    void remove(String student, long id) {
        database.write(session -> session.update("DELETE FROM own_day WHERE student_id = ? AND id = ?", student, id));
    }

    /** Where the student is, if that is not where the school is. */
    Optional<ZoneId> zone(String student) {
        return database.read(session -> session.first("SELECT zone FROM student WHERE id = ? AND zone IS NOT NULL", row -> row.getString(1), student))
            .map(ZoneId::of);
    }

    /** Where it is the day it is for a student; where the school is for nobody, and for those who are there too. */
    public ZoneId zoneOf(@Nullable String student) {
        return Optional.ofNullable(student).flatMap(this::zone).orElseGet(school::zone);
    }

    /** Which day it is where a student is. @param student null for nobody's */
    public LocalDate today(@Nullable String student, Instant now) {
        return LocalDate.ofInstant(now, zoneOf(student));
    }

    /** @param zone null for where the school is */
    void goTo(String student, @Nullable ZoneId zone) {
        database.write(session -> session.update("UPDATE student SET zone = ? WHERE id = ?", zone == null ? null : zone.getId(), student));
    }

    /** @param student null for nobody's @param language of what is said */
    public DayWords words(@Nullable String student, String language) {
        return new DayWords(language, zoneOf(student), school.half(), student == null ? List.of() : of(student).stream().map(Kept::day).toList());
    }

    private static Kept kept(ResultSet row) throws SQLException {
        return new Kept(row.getLong(1), new OwnDay(row.getString(2), LocalDate.parse(row.getString(3)), OwnDay.Comes.valueOf(row.getString(4))));
    }
}
