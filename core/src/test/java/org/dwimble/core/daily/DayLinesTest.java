package org.dwimble.core.daily;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayLinesTest {
    @ParameterizedTest
    @CsvSource({"4 June,2026-06-04", "June 4,2026-06-04", "4 jun 2027,2027-06-04", "2026-06-04,2026-06-04", "4.6.,2026-06-04", "4/6/2025,2025-06-04",
        "4. June,2026-06-04", "0001-01-01,0001-01-01"})
    void aDayIsReadHoweverItIsWritten(String written, LocalDate day) {
        assertThat(DayLines.day(written, 2026, false)).contains(day);
    }

    @ParameterizedTest
    @CsvSource({"31 June", "lighthouse", "4", "13/13", "4 Ju", "99.99.9999"})
    void whatIsNoDayIsNone(String written) {
        assertThat(DayLines.day(written, 2026, false)).isEmpty();
    }

    @Test
    void whereTheMonthComesFirstNumbersAreReadSo() {
        assertThat(DayLines.day("6/4", 2026, true)).contains(LocalDate.of(2026, 6, 4));
    }

    @Test
    void wordsStandOnTheirDaysAndPeriodsAreFree() {
        DayLines lines = DayLines.read("4 June: lighthouse, picnic\n4 June: kite\n20 December - 3 January: winter holidays\n\nsome day: nothing", 2026, false);
        assertThat(lines.words()).containsOnlyKeys(LocalDate.of(2026, 6, 4));
        assertThat(lines.words().get(LocalDate.of(2026, 6, 4))).containsExactly("lighthouse", "picnic", "kite");
        assertThat(lines.free()).hasSize(15).containsEntry(LocalDate.of(2027, 1, 3), "winter holidays");
        assertThat(lines.unread()).isEqualTo(List.of("some day: nothing"));
    }

    @Test
    void publicHolidaysAreThoseOfTheCountryAndItsRegion() {
        LocalDate first = LocalDate.of(2026, 1, 1);
        LocalDate last = LocalDate.of(2026, 12, 31);
        assertThat(PublicHolidays.of("nl", "", first, last, Locale.UK)).containsKey(LocalDate.of(2026, 4, 27)).containsKey(LocalDate.of(2026, 12, 25));
        assertThat(PublicHolidays.of("de", "by", first, last, Locale.UK)).containsKey(LocalDate.of(2026, 1, 6));
        assertThat(PublicHolidays.of("de", "be", first, last, Locale.UK)).doesNotContainKey(LocalDate.of(2026, 1, 6));
        assertThat(PublicHolidays.of("", "", first, last, Locale.UK)).isEmpty();
        assertThat(PublicHolidays.of("zz", "", first, last, Locale.UK)).isEmpty();
        assertThat(PublicHolidays.of("nl", "", LocalDate.of(1, 1, 1), LocalDate.of(1, 1, 31), Locale.UK)).isEmpty();
        assertThat(PublicHolidays.of("de", "", first, last, Locale.GERMANY)).containsEntry(LocalDate.of(2026, 10, 3), "Tag der Deutschen Einheit");
        assertThat(PublicHolidays.countries(Locale.UK)).extracting(PublicHolidays.Country::code).contains("nl", "de", "us", "gb").doesNotHaveDuplicates();
    }
}
