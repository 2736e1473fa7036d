package org.dwimble.core.daily;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.time.LocalDate;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CalendarFileTest {
    private static String file(String... events) {
        StringBuilder text = new StringBuilder("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Estuary school//EN\r\n");
        for (String event : events) {
            text.append("BEGIN:VEVENT\r\nUID:").append(event.hashCode()).append("\r\nDTSTAMP:20261101T080000Z\r\n").append(event).append("\r\nEND:VEVENT\r\n");
        }
        return text.append("END:VCALENDAR\r\n").toString();
    }

    private static CalendarFile read(String text) {
        return CalendarFile.read(new StringReader(text));
    }

    @Test
    void holidaysArePeriodsWhoseEndIsTheDayAfter() {
        CalendarFile read = read(file("SUMMARY:Spring, at last: holidays\r\nDTSTART;VALUE=DATE:20270426\r\nDTEND;VALUE=DATE:20270501",
            "SUMMARY:Winter holidays\r\nDTSTART;VALUE=DATE:20261221\r\nDTEND;VALUE=DATE:20270104", "SUMMARY:Teachers\r\nDTSTART;VALUE=DATE:20261103"));
        assertThat(read.lines()).containsExactly("2026-11-03 - 2026-11-03: Teachers", "2026-12-21 - 2027-01-03: Winter holidays",
            "2027-04-26 - 2027-04-30: Spring at last holidays");
        DayLines days = DayLines.read(String.join("\n", read.lines()), 2026, false);
        assertThat(days.free()).hasSize(1 + 14 + 5).containsEntry(LocalDate.of(2027, 1, 3), "Winter holidays").doesNotContainKey(LocalDate.of(2027, 1, 4));
    }

    @Test
    void aMomentEndsOnItsDay() {
        assertThat(read(file("SUMMARY:Fair\r\nDTSTART:20270604T090000Z\r\nDTEND:20270605T140000Z")).lines()).containsExactly("2027-06-04 - 2027-06-05: Fair");
    }

    @Test
    void whatIsTooLongOrHasNoDateIsCounted() {
        CalendarFile read = read(file("SUMMARY:The year\r\nDTSTART;VALUE=DATE:20260901\r\nDTEND;VALUE=DATE:20270701", "SUMMARY:Some day"));
        assertThat(read.lines()).isEmpty();
        assertThat(read.left()).isEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "crab", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:yesterday\r\n", "{\"format\": \"open-board-0.1\"}"})
    void whatIsNoCalendarIsRefused(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(Unacceptable.class);
    }
}
