package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.time.temporal.WeekFields;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.dwimble.core.daily.DayLines;
import org.dwimble.core.daily.PublicHolidays;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.Type;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/**
 * A month or a week, computed from its days.
 *
 * @param span    what is on a page
 * @param day     any day of it
 * @param pages   how many follow on each other
 * @param country whose public holidays are told, and where the week begins; ISO 3166-1 in lower case, empty for none: then on Monday
 * @param region  of the country; may be empty
 * @param days    what is on which day, as {@link DayLines} reads it; a word of the list has the list's picture
 */
@JsonTypeName("calendar")
public record CalendarPage(Span span, LocalDate day, int pages, String country, String region, String days) implements Support {
    private static final int LONGEST = 4_000;
    private static final int WEEK = 7;
    private static final int MOST_A_DAY = 4;
    private static final Length HEAD = Length.mm(7);
    private static final Colour FREE = Colour.of("#ffeda6");
    public static final CalendarPage USUAL = new CalendarPage(Span.MONTH, LocalDate.of(2026, 12, 1), 1, "", "", "");

    /** A page for a month, or for a week. */
    public enum Span {
        MONTH, WEEK
    }

    public CalendarPage {
        Unacceptable.ifMissing(span, day);
        Bounds.within("pages", pages, 1, 24);
        country = country == null ? "" : country.toLowerCase(Locale.ROOT);
        region = region == null ? "" : region;
        days = days == null ? "" : days;
        Text.atMost(LONGEST, "days", days);
        Bounds.within("year", day.getYear(), 1, 9_999);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Sheets sheets = new Sheets();
        DayOfWeek begins = begins();
        LocalDate first = span == Span.MONTH ? day.withDayOfMonth(1) : day.with(TemporalAdjusters.previousOrSame(begins));
        for (int page = 0; page < pages; page++) {
            LocalDate from = span == Span.MONTH ? first.plusMonths(page) : first.plusWeeks(page);
            LocalDate to = span == Span.MONTH ? from.with(TemporalAdjusters.lastDayOfMonth()) : from.plusDays(WEEK - 1);
            DayLines lines = DayLines.read(days, from.getYear(), country.equals("us"));
            Canvas canvas = new Canvas(of.type());
            page(from, to, begins, lines, frame.room(), of, canvas);
            if (!lines.unread().isEmpty()) {
                canvas.note(Told.of("days-unread", "lines", lines.unread().stream().limit(3).map(l -> Text.cut(l, 30)).toList()));
            }
            sheets.add(canvas);
        }
        return sheets.drawn(frame.lyingDown() ? 2 : 1);
    }

    private DayOfWeek begins() {
        return country.isEmpty() ? DayOfWeek.MONDAY : WeekFields.of(new Locale("", country.toUpperCase(Locale.ROOT))).getFirstDayOfWeek();
    }

    private void page(LocalDate from, LocalDate to, DayOfWeek begins, DayLines lines, Rect room, Material of, Canvas canvas) {
        Rect below = Title.draw(room, title(from, to, canvas.type()), canvas);
        LocalDate start = from.with(TemporalAdjusters.previousOrSame(begins));
        int weeks = (int) ((to.toEpochDay() - start.toEpochDay()) / WEEK) + 1;
        Cells cells = Cells.filling(new Rect(below.x(), below.y().plus(HEAD), below.width(), below.height().minus(HEAD)), weeks, WEEK, Length.ZERO);
        for (int column = 0; column < WEEK; column++) {
            Rect over = cells.at(0, column);
            canvas.write(begins.plus(column).getDisplayName(TextStyle.FULL_STANDALONE, canvas.type().spoken()),
                new Rect(over.x(), below.y(), over.width(), HEAD).inset(Length.mm(0.8)),
                HEAD.times(0.6), Canvas.Stand.MIDDLE, false);
        }
        Map<LocalDate, String> holidays = PublicHolidays.of(country, region, from, to, canvas.type().spoken());
        from.datesUntil(to.plusDays(1)).forEach(date -> {
            int at = (int) (date.toEpochDay() - start.toEpochDay());
            day(date, cells.at(at), holidays.getOrDefault(date, lines.free().getOrDefault(date, "")),
                holidays.containsKey(date) || lines.free().containsKey(date),
                lines.words().getOrDefault(date, List.of()), of, canvas);
        });
    }

    private String title(LocalDate from, LocalDate to, Type type) {
        return span == Span.MONTH
            ? type.said(Told.of("paper-month", "month", from.getMonth().getDisplayName(TextStyle.FULL_STANDALONE, type.spoken()), "year",
                String.valueOf(from.getYear())))
            : type.said(Told.of("paper-days", "from", day(from, type), "to", day(to, type), "year", String.valueOf(to.getYear())));
    }

    private static Told day(LocalDate date, Type type) {
        return Told.of("paper-day", "day", date.getDayOfMonth(), "month", date.getMonth().getDisplayName(TextStyle.FULL, type.spoken()));
    }

    private void day(LocalDate date, Rect cell, String called, boolean free, List<String> words, Material of, Canvas canvas) {
        canvas.card(cell, Length.ZERO, free ? FREE : null);
        Length number = Length.smaller(Length.mm(6), cell.height().times(0.3));
        canvas.line(String.valueOf(date.getDayOfMonth()), cell.x().plus(Length.mm(1.5)), cell.y().plus(number), number.times(0.85), false);
        if (!called.isEmpty()) {
            Rect room = new Rect(cell.x().plus(number.times(1.8)), cell.y(), cell.width().minus(number.times(1.9)), number.times(1.1));
            canvas.write(called, room, Length.points(8), Canvas.Stand.MIDDLE, false);
        }
        List<Printed> shown = words.stream().limit(MOST_A_DAY).map(w -> printed(w, of)).toList();
        if (words.size() > MOST_A_DAY) {
            canvas.note(Told.of("days-full", "day", Told.day(date), "most", MOST_A_DAY));
        }
        Rect below = new Rect(cell.x(), cell.y().plus(number.times(1.15)), cell.width(), cell.height().minus(number.times(1.15)));
        if (!shown.isEmpty() && below.height().micrometres() > 0) {
            int columns = shown.size() == 1 ? 1 : below.width().compareTo(below.height()) >= 0 ? shown.size() <= 3 ? shown.size() : 2 : 1;
            Cells within = Cells.filling(below, (shown.size() + columns - 1) / columns, columns, Length.ZERO);
            Face face = Face.of(shown, w -> within.at(0), of.page(), canvas);
            for (int i = 0; i < shown.size(); i++) {
                face.draw(shown.get(i), within.at(i), canvas);
            }
        }
    }

    /** A word of a day as the list has it, else with the picture that surely says it. */
    private static Printed printed(String word, Material of) {
        return of.words().stream().filter(w -> w.text().equalsIgnoreCase(word)).findFirst()
            .orElseGet(() -> Printed.of(word, of.symbols().picture(word).orElse(null)));
    }
}
