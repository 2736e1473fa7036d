package org.dwimble.core.daily;

import java.io.IOException;
import java.io.Reader;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.Temporal;
import java.time.temporal.TemporalQueries;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Summary;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * The events of an iCalendar file (RFC 5545), such as school holidays, as lines that {@link DayLines} reads: each a period, also of one day.
 * An event that comes again is taken once, as it first is.
 *
 * @param lines by date, each once
 * @param left  events that are longer than {@link DayLines} takes, or have no date
 */
public record CalendarFile(List<String> lines, int left) {
    public static final int MOST = 200;
    private static final int LONGEST = 80;

    /** @throws Unacceptable if it is no such file, is damaged, or has more than {@value #MOST} events */
    public static CalendarFile read(Reader file) {
        System.setProperty("net.fortuna.ical4j.timezone.update.enabled", "false");
        List<VEvent> events;
        try {
            Calendar calendar = new CalendarBuilder().build(file);
            events = calendar.getComponents(Component.VEVENT);
        } catch (IOException | ParserException | RuntimeException damaged) {
            throw new Unacceptable("calendar-file-damaged");
        }
        if (events.size() > MOST) {
            throw new Unacceptable("calendar-file-long", "most", MOST, "has", events.size());
        }
        TreeSet<String> lines = new TreeSet<>();
        int left = 0;
        for (VEvent event : events) {
            Optional<String> line = line(event);
            line.ifPresent(lines::add);
            left += line.isEmpty() ? 1 : 0;
        }
        return new CalendarFile(List.copyOf(lines), left);
    }

    private static Optional<String> line(VEvent event) {
        String name = event.<Summary>getProperty("SUMMARY").map(Summary::getValue).orElse("");
        try {
            Optional<LocalDate> first = event.<DtStart<Temporal>>getProperty("DTSTART").map(start -> LocalDate.from(start.getDate()));
            Optional<LocalDate> last = event.<DtEnd<Temporal>>getProperty("DTEND").map(end -> lastDay(end.getDate()));
            String what = Text.cut(Text.tidy(name.replace(',', ' ').replace(':', ' ')), LONGEST);
            return first.map(day -> day + " - " + last.filter(end -> end.isAfter(day)).orElse(day) + ": " + what)
                .filter(line -> DayLines.read(line, first.get().getYear(), false).unread().isEmpty());
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    /** The end is the day, or the moment, after (RFC 5545, 3.6.1). */
    private static LocalDate lastDay(Temporal end) {
        LocalTime time = end.query(TemporalQueries.localTime());
        LocalDate day = LocalDate.from(end);
        return time == null || time.equals(LocalTime.MIDNIGHT) ? day.minusDays(1) : day;
    }
}
