package org.dwimble.core.dayword;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

/**
 * All day words at some moment.
 *
 * @param language BCP 47 tag
 * @param zone     where the student is
 * @param days     the student's own
 */
public record DayWords(String language, ZoneId zone, Half half, List<OwnDay> days) {
    private static final int CHOICES = DayWord.CHOICES.size();

    public DayWords {
        days = List.copyOf(days);
    }

    /** The same without what tells something of the student. */
    public DayWords withoutStudent() {
        return new DayWords(language, zone, half, List.of());
    }

    /** BCP 47 tag of how it is written: a language of no country as in that where the student is. */
    public String writtenAs() {
        return new Almanac(language, zone).tag();
    }

    /**
     * From a moment until just before another, in which nothing of it changes but the time.
     *
     * @param words those that can be said; without the student's days there is no age, in some languages no season
     */
    public record Period(Instant from, Instant until, Map<DayWord, DaySaid> words) {
    }

    /** @param now any moment; words change at the full hours of the zone alone, but for {@link DayWord#TIME} */
    public Map<DayWord, DaySaid> at(Instant now) {
        Almanac almanac = new Almanac(language, zone);
        ZonedDateTime here = now.atZone(zone);
        LocalDate today = here.toLocalDate();
        Map<DayWord, DaySaid> words = new EnumMap<>(DayWord.class);
        weekdays(words, today, almanac);
        words.put(DayWord.DATE, DaySaid.of(almanac.date("yMMMMEEEEd", today)));
        words.put(DayWord.SHORT_DATE, DaySaid.of(almanac.date("MMMMd", today)));
        words.put(DayWord.MONTH, DaySaid.of(almanac.month(today)));
        words.put(DayWord.YEAR, DaySaid.of(almanac.year(today)));
        words.put(DayWord.TIME, DaySaid.of(almanac.time(here.toLocalTime())));
        Half.Season season = half.season(today.getMonth());
        almanac.season(season).ifPresent(name -> words.put(DayWord.SEASON, pictured(name, "core/" + season.name().toLowerCase(Locale.ROOT))));
        words.put(DayWord.PART_OF_DAY, pictured(almanac.partCalled(here.getHour()), pictureOf(almanac.partOfDay(here.getHour()))));
        days.stream().flatMap(d -> d.age(today).stream()).findFirst().ifPresent(age -> words.put(DayWord.AGE, DaySaid.of(almanac.years(age))));
        next(today).ifPresent(next -> words.put(DayWord.NEXT, DaySaid.of(next.name + ", " + almanac.until(next.in))));
        return words;
    }

    private static void weekdays(Map<DayWord, DaySaid> words, LocalDate today, Almanac almanac) {
        words.put(DayWord.TODAY, DaySaid.of(almanac.weekday(today.getDayOfWeek())));
        words.put(DayWord.YESTERDAY, DaySaid.of(almanac.weekday(today.getDayOfWeek().minus(1))));
        words.put(DayWord.TOMORROW, DaySaid.of(almanac.weekday(today.getDayOfWeek().plus(1))));
        List<DayOfWeek> choices = choices(today);
        for (int i = 0; i < CHOICES; i++) {
            words.put(DayWord.CHOICES.get(i), DaySaid.of(almanac.weekday(choices.get(i))));
        }
        for (int i = 0; i < DayWord.WEEK.size(); i++) {
            DayOfWeek day = almanac.firstOfWeek().plus(i);
            String name = almanac.weekday(day);
            words.put(DayWord.WEEK.get(i), new DaySaid(name, name, day == today.getDayOfWeek(), null));
        }
    }

    /**
     * Three days of the week of which one is that of the date. In every three days from the first of 1970 on, the right one stands once in
     * each place, in an order drawn by lot; the others are drawn of the other six.
     */
    static List<DayOfWeek> choices(LocalDate today) {
        long block = Math.floorDiv(today.toEpochDay(), CHOICES);
        List<Integer> places = new ArrayList<>(List.of(0, 1, 2));
        Collections.shuffle(places, lot(block));
        List<DayOfWeek> wrong = new ArrayList<>(List.of(DayOfWeek.values()));
        wrong.remove(today.getDayOfWeek());
        Collections.shuffle(wrong, lot(~today.toEpochDay()));
        List<DayOfWeek> choices = new ArrayList<>(wrong.subList(0, CHOICES - 1));
        choices.add(places.get(Math.floorMod(today.toEpochDay(), CHOICES)), today.getDayOfWeek());
        return choices;
    }

    /** Neighbouring seeds of {@link Random} begin alike, so they are spread first (the multiplier is that of Knuth's MMIX). */
    private static Random lot(long of) {
        return new Random(of * 6_364_136_223_846_793_005L + 1_442_695_040_888_963_407L);
    }

    /** @param in days until then */
    private record Next(String name, int in) {
    }

    private Optional<Next> next(LocalDate today) {
        return days.stream().flatMap(d -> d.next(today).stream().map(day -> new Next(d.name(), Math.toIntExact(ChronoUnit.DAYS.between(today, day)))))
            .min(Comparator.comparingInt(Next::in));
    }

    private static DaySaid pictured(String name, String picture) {
        return new DaySaid(name, name, false, picture);
    }

    private static String pictureOf(String part) {
        String like = Stream.of("morning", "afternoon", "evening").filter(part::startsWith).findFirst()
            .orElse(part.startsWith("noon") || part.equals("pm") ? "afternoon" : part.equals("am") ? "morning" : "");
        return like.isEmpty() ? "mixed/night" : "core/" + like;
    }

    /**
     * What holds from a moment on, in turn, each as long as it does.
     *
     * @param lasting of which at least it is told
     */
    public List<Period> from(Instant now, Duration lasting) {
        Almanac almanac = new Almanac(language, zone);
        List<Period> periods = new ArrayList<>();
        Instant from = now;
        Instant end = now.plus(lasting);
        while (from.isBefore(end)) {
            Stretch stretch = stretch(from, almanac);
            Instant until = nextHour(from);
            while (until.isBefore(end) && stretch(until, almanac).equals(stretch)) {
                until = nextHour(until);
            }
            periods.add(new Period(from, until, at(from)));
            from = until;
        }
        return periods;
    }

    /** The next full hour of the zone: where clocks are put forward or back by half an hour, that is sooner or later than an hour after the last. */
    private Instant nextHour(Instant from) {
        ZonedDateTime here = from.atZone(zone);
        Instant next = here.truncatedTo(ChronoUnit.HOURS).plusHours(1).toInstant();
        return next.isAfter(from) ? next : from.plus(Duration.ofHours(1));
    }

    /** Of what day, in which part of it: what all words but the time go by. */
    private record Stretch(LocalDate day, String part) {
    }

    private Stretch stretch(Instant at, Almanac almanac) {
        ZonedDateTime here = at.atZone(zone);
        return new Stretch(here.toLocalDate(), almanac.partOfDay(here.getHour()));
    }
}
