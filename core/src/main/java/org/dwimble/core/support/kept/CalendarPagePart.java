package org.dwimble.core.support.kept;

import java.time.LocalDate;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.CalendarPage;
import tools.jackson.databind.node.ObjectNode;

/** A calendar, as kept. */
final class CalendarPagePart extends Part<CalendarPage> {
    private final Field<CalendarPage, CalendarPage.Span> span = field("span", As.word(CalendarPage.Span.class), CalendarPage.Span.MONTH, CalendarPage::span);
    private final Field<CalendarPage, LocalDate> day = field("day", As.DAY, LocalDate.of(2026, 12, 1), CalendarPage::day);
    private final Field<CalendarPage, Integer> pages = field("pages", As.NUMBER, 1, CalendarPage::pages);
    private final Field<CalendarPage, String> country = field("country", As.TEXT, "", CalendarPage::country);
    private final Field<CalendarPage, String> region = field("region", As.TEXT, "", CalendarPage::region);
    private final Field<CalendarPage, String> days = field("days", As.TEXT, "", CalendarPage::days);

    @Override
    protected CalendarPage made(ObjectNode json) {
        return new CalendarPage(span.in(json), day.in(json), pages.in(json), country.in(json), region.in(json), days.in(json));
    }
}
