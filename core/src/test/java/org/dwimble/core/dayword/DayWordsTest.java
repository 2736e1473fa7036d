package org.dwimble.core.dayword;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.Month;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.dwimble.core.dayword.OwnDay.Comes;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DayWordsTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    private static DayWords words(String language, ZoneId zone, OwnDay... days) {
        return new DayWords(language, zone, Half.of(zone), List.of(days));
    }

    private static Instant at(ZoneId zone, String local) {
        return java.time.LocalDateTime.parse(local).atZone(zone).toInstant();
    }

    private static String said(DayWords words, Instant at, DayWord word) {
        DaySaid said = words.at(at).get(word);
        return said == null ? "" : said.spoken();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "en-GB | Europe/London  | 2026-11-30T10:15 | Monday | Sunday | Tuesday | Monday, 30 November 2026 | "
            + "30 November | November | autumn | morning | 10:15",
        "en-US | America/Chicago| 2026-11-30T22:15 | Monday | Sunday | Tuesday | Monday, November 30, 2026 | "
            + "November 30 | November | autumn | night | 10:15 PM",
        "en-AU | Australia/Sydney| 2026-12-31T23:59 | Thursday | Wednesday | Friday | Thursday 31 December 2026 | "
            + "31 December | December | summer | night | 11:59 pm",
        "de    | Europe/Berlin  | 2027-01-01T00:00 | Freitag | Donnerstag | Samstag | Freitag, 1. Januar 2027 | 1. Januar | Januar | Winter | Nacht | 00:00",
        "fr    | Europe/Paris   | 2027-03-01T12:00 | lundi | dimanche | mardi | lundi 1 mars 2027 | 1 mars | mars | printemps | après-midi | 12:00",
        "es    | America/Lima   | 2027-07-02T06:30 | viernes | jueves | sábado | viernes, 2 de julio de 2027 | "
            + "2 de julio | Julio | invierno | de la mañana | 6:30 a. m.",
        "cy    | Europe/London  | 2028-02-29T19:00 | Dydd Mawrth | Dydd Llun | Dydd Mercher | "
            + "Dydd Mawrth, 29 Chwefror 2028 | 29 Chwefror | Chwefror | gaeaf | yr hwyr | 19:00"
    })
    void aDayIsSaidAsTheLanguageSaysIt(String language, String zone, String local, String today, String yesterday, String tomorrow, String date,
        String shortDate, String month, String season, String part, String time) {
        ZoneId here = ZoneId.of(zone);
        DayWords words = words(language, here);
        Map<DayWord, DaySaid> said = words.at(at(here, local));
        assertThat(List.of(DayWord.TODAY, DayWord.YESTERDAY, DayWord.TOMORROW, DayWord.DATE, DayWord.SHORT_DATE, DayWord.MONTH, DayWord.SEASON,
            DayWord.PART_OF_DAY, DayWord.TIME)).map(w -> said.get(w).label())
            .containsExactly(today, yesterday, tomorrow, date, shortDate, month, season, part, time);
        assertThat(said.get(DayWord.YEAR).label()).isEqualTo(local.substring(0, 4));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"en | Europe/London | Monday, 30 November 2026 | 13:05", "en | America/New_York | Monday, November 30, 2026 | 1:05 PM",
        "en | UTC | Monday, 30 November 2026 | 1:05 pm", "de | Europe/London | Montag, 30. November 2026 | 13:05",
        "'' | Europe/London | Monday, 30 November 2026 | 13:05"})
    void aLanguageOfNoCountryIsWrittenAsWhereTheStudentIs(String language, String zone, String date, String time) {
        DayWords words = words(language, ZoneId.of(zone));
        Instant now = at(ZoneId.of(zone), "2026-11-30T13:05");
        assertThat(said(words, now, DayWord.DATE)).isEqualTo(date);
        assertThat(said(words, now, DayWord.TIME)).isEqualTo(time);
    }

    @Test
    void theSameMomentIsAnotherDayElsewhere() {
        Instant now = at(LONDON, "2026-12-31T23:30");
        assertThat(said(words("en-GB", LONDON), now, DayWord.YEAR)).isEqualTo("2026");
        assertThat(said(words("en-NZ", ZoneId.of("Pacific/Auckland")), now, DayWord.YEAR)).isEqualTo("2027");
        assertThat(said(words("en-NZ", ZoneId.of("Pacific/Auckland")), now, DayWord.SEASON)).isEqualTo("summer");
        assertThat(said(words("en-US", ZoneId.of("Pacific/Honolulu")), now, DayWord.PART_OF_DAY)).isEqualTo("afternoon");
    }

    @ParameterizedTest
    @CsvSource({"Europe/London, 2026-11-30T23:59:59", "Europe/Berlin, 2026-03-28T23:59:59", "Europe/Berlin, 2026-10-25T23:59:59",
        "Australia/Lord_Howe, 2026-10-03T23:59:59", "Asia/Kolkata, 2026-12-31T23:59:59", "America/Santiago, 2026-09-05T23:59:59"})
    void whatHoldsEndsAtMidnightAndTheNextBeginsThere(String zone, String before) {
        ZoneId here = ZoneId.of(zone);
        DayWords words = words("en-GB", here);
        Instant late = at(here, before);
        List<DayWords.Period> periods = words.from(late, Duration.ofHours(30));
        LocalDate tomorrow = late.atZone(here).toLocalDate().plusDays(1);
        assertThat(periods.get(0).until()).isEqualTo(tomorrow.atStartOfDay(here).toInstant());
        assertThat(periods.get(1).words().get(DayWord.YESTERDAY)).isEqualTo(periods.get(0).words().get(DayWord.TODAY));
        for (int i = 1; i < periods.size(); i++) {
            assertThat(periods.get(i).from()).isEqualTo(periods.get(i - 1).until());
        }
        assertThat(periods.get(periods.size() - 1).until()).isAfterOrEqualTo(late.plus(Duration.ofHours(30)));
    }

    @ParameterizedTest
    @CsvSource({"Europe/Berlin, 2026-03-29", "Europe/Berlin, 2026-10-25", "Australia/Lord_Howe, 2026-10-04", "Australia/Lord_Howe, 2026-04-05",
        "America/Santiago, 2026-09-06", "Europe/London, 2026-10-25"})
    void onADayOfAClockChangeEveryMomentIsTold(String zone, String day) {
        ZoneId here = ZoneId.of(zone);
        DayWords words = words("en-GB", here);
        Instant start = LocalDate.parse(day).atStartOfDay(here).toInstant();
        List<DayWords.Period> periods = words.from(start, Duration.ofHours(26));
        for (Instant at = start; at.isBefore(start.plus(Duration.ofHours(26))); at = at.plus(Duration.ofMinutes(10))) {
            Instant now = at;
            DayWords.Period holds = periods.stream().filter(p -> !now.isBefore(p.from()) && now.isBefore(p.until())).findFirst().orElseThrow();
            for (DayWord word : List.of(DayWord.TODAY, DayWord.DATE, DayWord.PART_OF_DAY, DayWord.CHOICE_1)) {
                assertThat(holds.words().get(word)).as("%s at %s", word, now.atZone(here)).isEqualTo(words.at(now).get(word));
            }
        }
    }

    @Test
    void weatherServicesHaveTheSeasonsByMonths() {
        assertThat(IntStream.rangeClosed(1, 12).mapToObj(m -> Half.NORTHERN.season(Month.of(m)).name().substring(0, 2))).containsExactly(
            "WI", "WI", "SP", "SP", "SP", "SU", "SU", "SU", "AU", "AU", "AU", "WI");
        assertThat(IntStream.rangeClosed(1, 12).mapToObj(m -> Half.SOUTHERN.season(Month.of(m)).name().substring(0, 2))).containsExactly(
            "SU", "SU", "AU", "AU", "AU", "WI", "WI", "WI", "SP", "SP", "SP", "SU");
        assertThat(Half.of(ZoneId.of("Pacific/Auckland"))).isEqualTo(Half.SOUTHERN);
        assertThat(List.of("Europe/London", "UTC", "+02:00", "Asia/Tokyo")).allMatch(z -> Half.of(ZoneId.of(z)) == Half.NORTHERN);
    }

    @Test
    void aSeasonWithoutAWordInTheLanguageIsNotMadeUp() {
        assertThat(words("so", LONDON).at(at(LONDON, "2026-11-30T10:00"))).doesNotContainKey(DayWord.SEASON).containsKey(DayWord.TODAY);
    }

    @Test
    void seasonsAndPartsOfTheDayHaveTheirPictures() {
        DayWords words = words("en-GB", LONDON);
        assertThat(words.at(at(LONDON, "2026-07-01T07:00")).get(DayWord.SEASON).picture()).isEqualTo("core/summer");
        assertThat(List.of("07:00", "12:00", "15:00", "19:00", "23:00", "02:00"))
            .map(t -> words.at(at(LONDON, "2026-07-01T" + t)).get(DayWord.PART_OF_DAY).picture())
            .containsExactly("core/morning", "core/afternoon", "core/afternoon", "core/evening", "mixed/night", "core/morning");
        assertThat(words("de", BERLIN).at(at(BERLIN, "2026-07-01T02:00")).get(DayWord.PART_OF_DAY).picture()).isEqualTo("mixed/night");
    }

    @Test
    void aStudentIsAYearOlderOnTheBirthday() {
        DayWords words = words("en-GB", LONDON, new OwnDay("my birthday", LocalDate.of(2019, 12, 1), Comes.BIRTHDAY));
        assertThat(said(words, at(LONDON, "2026-11-30T23:59"), DayWord.AGE)).isEqualTo("6 years");
        assertThat(said(words, at(LONDON, "2026-12-01T00:00"), DayWord.AGE)).isEqualTo("7 years");
        assertThat(said(words, at(LONDON, "2026-11-30T23:59"), DayWord.NEXT)).isEqualTo("my birthday, tomorrow");
        assertThat(said(words, at(LONDON, "2026-12-01T00:00"), DayWord.NEXT)).isEqualTo("my birthday, today");
        assertThat(said(words, at(LONDON, "2026-12-02T00:00"), DayWord.NEXT)).isEqualTo("my birthday, in 364 days");
        assertThat(words.withoutStudent().at(at(LONDON, "2026-12-01T12:00"))).doesNotContainKeys(DayWord.AGE, DayWord.NEXT);
    }

    @Test
    void whoWasBornOnTheTwentyNinthOfFebruaryHasABirthdayEveryYear() {
        OwnDay day = new OwnDay("birthday", LocalDate.of(2020, 2, 29), Comes.BIRTHDAY);
        assertThat(day.next(LocalDate.of(2027, 2, 28))).contains(LocalDate.of(2027, 3, 1));
        assertThat(day.next(LocalDate.of(2027, 3, 2))).contains(LocalDate.of(2028, 2, 29));
        assertThat(day.age(LocalDate.of(2027, 2, 28))).contains(6);
        assertThat(day.age(LocalDate.of(2027, 3, 1))).contains(7);
        assertThat(day.age(LocalDate.of(2028, 2, 29))).contains(8);
        assertThat(day.age(LocalDate.of(2019, 1, 1))).isEmpty();
    }

    @Test
    void theNearestOfTheOwnDaysComesNextAndWhatIsOverDoesNot() {
        DayWords words = words("de", BERLIN, new OwnDay("Ausflug zu den Robben", LocalDate.of(2026, 12, 3), Comes.ONCE),
            new OwnDay("Hafenfest", LocalDate.of(2020, 12, 5), Comes.YEARLY), new OwnDay("Zahnarzt", LocalDate.of(2026, 11, 2), Comes.ONCE));
        assertThat(said(words, at(BERLIN, "2026-11-30T10:00"), DayWord.NEXT)).isEqualTo("Ausflug zu den Robben, in 3 Tagen");
        assertThat(said(words, at(BERLIN, "2026-12-04T10:00"), DayWord.NEXT)).isEqualTo("Hafenfest, morgen");
        assertThat(said(words, at(BERLIN, "2026-12-06T10:00"), DayWord.NEXT)).isEqualTo("Hafenfest, in 364 Tagen");
        assertThat(said(words("de", BERLIN, new OwnDay("Zahnarzt", LocalDate.of(2026, 11, 2), Comes.ONCE)), at(BERLIN, "2026-11-30T10:00"), DayWord.NEXT))
            .isEmpty();
    }

    @Test
    void threeDaysToChooseFromHaveTheRightOneOnceInEachPlaceInThreeDays() {
        Set<List<Integer>> orders = new HashSet<>();
        Set<Set<DayOfWeek>> wrong = new HashSet<>();
        for (int block = 0; block < 200; block++) {
            List<Integer> places = new java.util.ArrayList<>();
            for (int i = 0; i < 3; i++) {
                LocalDate day = LocalDate.ofEpochDay(block * 3L + i);
                List<DayOfWeek> choices = DayWords.choices(day);
                assertThat(choices).hasSize(3).doesNotHaveDuplicates().contains(day.getDayOfWeek()).isEqualTo(DayWords.choices(day));
                places.add(choices.indexOf(day.getDayOfWeek()));
                Set<DayOfWeek> others = new HashSet<>(choices);
                others.remove(day.getDayOfWeek());
                if (day.getDayOfWeek() == DayOfWeek.MONDAY) {
                    wrong.add(others);
                }
            }
            assertThat(places).containsExactlyInAnyOrder(0, 1, 2);
            orders.add(places);
        }
        assertThat(orders).as("all orders there are").hasSize(6);
        assertThat(wrong).as("all pairs of the six other days").hasSize(15);
    }

    @Test
    void theWeekBeginsAsTheLanguageBeginsItWithTodayMarked() {
        Instant monday = at(LONDON, "2026-11-30T10:00");
        assertThat(week("en-GB", monday)).containsExactly("Monday!", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday");
        assertThat(week("en-US", monday)).containsExactly("Sunday", "Monday!", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday");
    }

    private static List<String> week(String language, Instant at) {
        Map<DayWord, DaySaid> words = words(language, LONDON).at(at);
        return DayWord.WEEK.stream().map(words::get).map(d -> d.label() + (d.marked() ? "!" : "")).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"2027-02-29", "2026-13-01", "someday", "", "1026-01-01"})
    void aDayThereIsNotIsRefused(String date) {
        assertThatThrownBy(() -> OwnDay.of("trip", date, Comes.ONCE)).isInstanceOf(Unacceptable.class);
    }

    @Test
    void everyWordHasAnotherWordInDocuments() {
        assertThat(List.of(DayWord.values())).extracting(DayWord::word).doesNotHaveDuplicates()
            .allSatisfy(w -> assertThat(DayWord.of(w)).map(DayWord::word).contains(w));
    }

    @Test
    void midnightOfManyZonesIsMidnight() {
        for (String zone : List.of("Asia/Kathmandu", "Pacific/Apia", "Pacific/Chatham", "Africa/Cairo", "America/St_Johns")) {
            ZonedDateTime noon = ZonedDateTime.of(2026, 10, 24, 12, 0, 0, 0, ZoneId.of(zone));
            List<DayWords.Period> periods = words("en-GB", ZoneId.of(zone)).from(noon.toInstant(), Duration.ofDays(3));
            assertThat(periods.stream().map(DayWords.Period::until).map(u -> u.atZone(ZoneId.of(zone)))
                .filter(u -> u.toLocalTime().truncatedTo(ChronoUnit.MINUTES).equals(java.time.LocalTime.MIDNIGHT))).as(zone).hasSize(3);
        }
    }
}
