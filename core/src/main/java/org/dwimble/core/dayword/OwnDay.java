package org.dwimble.core.dayword;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.Period;
import java.util.Optional;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A day a student looks forward to, such as a birthday or a trip.
 *
 * @param name 1 to {@value #LONGEST} characters, in the student's own language
 * @param date in the years 1900 to 2200; of one that comes every year, the first time
 */
public record OwnDay(String name, LocalDate date, Comes comes) {
    public static final int LONGEST = 60;
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;

    /** How often. */
    public enum Comes {
        ONCE, YEARLY,
        /** Every year; the first is the day of birth. */
        BIRTHDAY
    }

    public OwnDay {
        name = Text.tidy(name);
        comes = comes == null ? Comes.ONCE : comes;
        if (name.isEmpty()) {
            throw new Unacceptable("own-day-name");
        }
        Text.atMost(LONGEST, "own_day_name", name);
        if (date == null || date.getYear() < FIRST_YEAR || date.getYear() > LAST_YEAR) {
            throw new Unacceptable("own-day-date", "first", FIRST_YEAR, "last", LAST_YEAR);
        }
    }

    /** @param date as ISO 8601 has it @throws Unacceptable if there is no such day, such as 29 February of most years */
    public static OwnDay of(String name, @Nullable String date, Comes comes) {
        LocalDate day;
        try {
            day = LocalDate.parse(date == null ? "" : date);
        } catch (DateTimeException none) {
            throw new Unacceptable("no-such-day");
        }
        return new OwnDay(name, day, comes);
    }

    /** The first day from {@code today} on that it is; empty if it is over. What came first on 29 February is on 1 March in years without one. */
    public Optional<LocalDate> next(LocalDate today) {
        if (comes == Comes.ONCE || !date.isBefore(today)) {
            return date.isBefore(today) ? Optional.empty() : Optional.of(date);
        }
        LocalDate thisYear = in(today.getYear());
        return Optional.of(thisYear.isBefore(today) ? in(today.getYear() + 1) : thisYear);
    }

    private LocalDate in(int year) {
        MonthDay day = MonthDay.from(date);
        return day.isValidYear(year) ? day.atYear(year) : LocalDate.of(year, 3, 1);
    }

    /** Whole years since the birth; empty if it is none, or is still to come. */
    public Optional<Integer> age(LocalDate today) {
        return comes != Comes.BIRTHDAY || date.isAfter(today) ? Optional.empty() : Optional.of(Period.between(date, today).getYears());
    }
}
