package org.dwimble.core.daily;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.dwimble.core.text.Text;

/**
 * What is typed into days, a line each: {@code 4 June: lighthouse, picnic}. A day is written with the name of its month, before or behind
 * it, by numbers ({@code 4.6.}, {@code 4/6}) or as ISO 8601; a period from a day to another with a dash or “to” between them.
 *
 * @param words by day, in the order in which they were typed
 * @param free  days named in a period without words, such as school holidays, with what they are called
 * @param unread lines nobody could make sense of, as typed
 */
public record DayLines(Map<LocalDate, List<String>> words, Map<LocalDate, String> free, List<String> unread) {
    private static final int LONGEST_PERIOD = 120;
    private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2})[./](\\d{1,2})(?:[./](\\d{4})?)?");
    private static final Pattern DAY_MONTH = Pattern.compile("(\\d{1,2})\\.?\\s+(\\p{L}+)\\.?(?:\\s+(\\d{4}))?");
    private static final Pattern MONTH_DAY = Pattern.compile("(\\p{L}+)\\.?\\s+(\\d{1,2})(?:,?\\s+(\\d{4}))?");
    private static final Pattern PERIOD = Pattern.compile("(.+?)\\s*(?:\\s-\\s|–|\\bto\\b)\\s*(.+)");

    /**
     * @param year       of days that name none
     * @param monthFirst true where {@code 4/6} is the sixth of April
     */
    public static DayLines read(String lines, int year, boolean monthFirst) {
        Map<LocalDate, List<String>> words = new TreeMap<>();
        Map<LocalDate, String> free = new TreeMap<>();
        List<String> unread = new ArrayList<>();
        for (String line : lines.split("\\R")) {
            String typed = Text.tidy(line);
            int colon = typed.indexOf(':');
            String when = colon < 0 ? typed : typed.substring(0, colon).trim();
            String what = colon < 0 ? "" : typed.substring(colon + 1).trim();
            if (typed.isEmpty()) {
                continue;
            }
            Matcher period = PERIOD.matcher(when);
            Optional<LocalDate> day = day(when, year, monthFirst);
            if (day.isPresent() && !what.isEmpty()) {
                words.computeIfAbsent(day.get(), d -> new ArrayList<>()).addAll(Stream.of(what.split("\\s*,\\s*")).filter(w -> !w.isEmpty()).toList());
            } else if (day.isPresent()) {
                free.put(day.get(), "");
            } else if (!(period.matches() && fill(period.group(1), period.group(2), what, year, monthFirst, free))) {
                unread.add(typed);
            }
        }
        return new DayLines(words, free, unread);
    }

    private static boolean fill(String from, String to, String what, int year, boolean monthFirst, Map<LocalDate, String> free) {
        Optional<LocalDate> first = day(from, year, monthFirst);
        Optional<LocalDate> last = day(to, first.map(LocalDate::getYear).orElse(year), monthFirst);
        if (first.isEmpty() || last.isEmpty()) {
            return false;
        }
        LocalDate end = last.get().isBefore(first.get()) ? last.get().plusYears(1) : last.get();
        if (first.get().plusDays(LONGEST_PERIOD).isBefore(end)) {
            return false;
        }
        first.get().datesUntil(end.plusDays(1)).forEach(day -> free.put(day, what));
        return true;
    }

    /** A day as somebody writes it; empty if it is none. */
    public static Optional<LocalDate> day(String written, int year, boolean monthFirst) {
        String plain = written.trim();
        Matcher iso = ISO.matcher(plain);
        if (iso.matches()) {
            return of(Integer.parseInt(iso.group(1)), Integer.parseInt(iso.group(2)), iso.group(3));
        }
        Matcher numbers = NUMBERS.matcher(plain);
        if (numbers.matches()) {
            int in = numbers.group(3) == null ? year : Integer.parseInt(numbers.group(3));
            return monthFirst ? of(in, Integer.parseInt(numbers.group(1)), numbers.group(2)) : of(in, Integer.parseInt(numbers.group(2)), numbers.group(1));
        }
        Matcher dayMonth = DAY_MONTH.matcher(plain);
        if (dayMonth.matches()) {
            return month(dayMonth.group(2)).flatMap(m -> of(dayMonth.group(3) == null ? year : Integer.parseInt(dayMonth.group(3)), m, dayMonth.group(1)));
        }
        Matcher monthDay = MONTH_DAY.matcher(plain);
        if (monthDay.matches()) {
            return month(monthDay.group(1)).flatMap(m -> of(monthDay.group(3) == null ? year : Integer.parseInt(monthDay.group(3)), m, monthDay.group(2)));
        }
        return Optional.empty();
    }

    private static Optional<LocalDate> of(int year, int month, String day) {
        try {
            return Optional.of(LocalDate.of(year, month, Integer.parseInt(day)));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** By its name or the first three letters of it. */
    private static Optional<Integer> month(String name) {
        String begins = name.toLowerCase(Locale.ROOT);
        return begins.length() < 3 ? Optional.empty() : Stream.of(Month.values())
            .filter(m -> m.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT).startsWith(begins)).map(Month::getValue).findFirst();
    }
}
