package org.dwimble.core.daily;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.Temporal;
import java.time.temporal.TemporalQueries;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
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
    /** Letters of what is needed of a file. */
    private static final int LONGEST_FILE = 200_000;
    private static final Set<String> NEEDED = Set.of("BEGIN", "END", "VERSION", "PRODID", "CALSCALE", "SUMMARY", "DTSTART", "DTEND", "DTSTAMP", "UID", "TZID",
        "TZOFFSETFROM", "TZOFFSETTO", "TZNAME");

    /** @throws Unacceptable if it is no such file, is damaged, or has more than {@value #MOST} events */
    public static CalendarFile read(Reader file) {
        String text = neededOf(file);
        int said = (text + "\n").split("(?i)BEGIN:VEVENT", -1).length - 1;
        if (said > MOST) {
            throw new Unacceptable("calendar-file-long", "most", MOST, "has", said);
        }
        System.setProperty("net.fortuna.ical4j.timezone.update.enabled", "false");
        List<VEvent> events;
        try {
            Calendar calendar = new CalendarBuilder().build(new StringReader(text));
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

    /** Lines of a calendar that say what is taken of it, with those that carry them on: long lists of dates and notes cost nothing so. */
    private static String neededOf(Reader file) {
        StringBuilder needed = new StringBuilder();
        boolean keeping = false;
        try (BufferedReader lines = new BufferedReader(file)) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                boolean goesOn = !line.isEmpty() && (line.charAt(0) == ' ' || line.charAt(0) == '\t');
                keeping = goesOn ? keeping : NEEDED.contains(line.split("[:;]", 2)[0].toUpperCase(Locale.ROOT));
                if (keeping) {
                    needed.append(line).append("\r\n");
                }
                if (needed.length() > LONGEST_FILE) {
                    throw new Unacceptable("calendar-file-large", "most", LONGEST_FILE / 1_000);
                }
            }
        } catch (IOException damaged) {
            throw new Unacceptable("calendar-file-damaged");
        }
        return needed.toString();
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
