package org.dwimble.core.dayword;

import com.ibm.icu.impl.DayPeriodRules;
import com.ibm.icu.impl.ICUResourceBundle;
import com.ibm.icu.text.DateTimePatternGenerator;
import com.ibm.icu.text.MeasureFormat;
import com.ibm.icu.text.RelativeDateTimeFormatter;
import com.ibm.icu.text.RelativeDateTimeFormatter.AbsoluteUnit;
import com.ibm.icu.text.RelativeDateTimeFormatter.Direction;
import com.ibm.icu.text.RelativeDateTimeFormatter.RelativeUnit;
import com.ibm.icu.text.SimpleDateFormat;
import com.ibm.icu.util.Calendar;
import com.ibm.icu.util.GregorianCalendar;
import com.ibm.icu.util.Measure;
import com.ibm.icu.util.MeasureUnit;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import com.ibm.icu.util.UResourceBundle;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.stream.Collectors;
import org.dwimble.core.text.Listed;

/** Days and hours as a language writes them (Unicode CLDR), in the Gregorian calendar and with western digits. */
final class Almanac {
    private static final Map<String, List<String>> SEASONS = Listed.rows(Almanac.class, "seasons.tsv").stream()
        .collect(Collectors.toMap(row -> row.get(0), row -> row.subList(1, row.size())));
    private final ULocale language;

    /** @param language what is none is English; one of no country is written as in the country of the zone @param zone none of a country is of the world */
    Almanac(String language, ZoneId zone) {
        this.language = there(language, zone).setKeywordValue("numbers", "latn");
    }

    private static ULocale there(String language, ZoneId zone) {
        ULocale asked = ULocale.forLanguageTag(language);
        ULocale known = asked.getLanguage().isEmpty() ? ULocale.ENGLISH : asked;
        return known.getCountry().isEmpty() ? new ULocale.Builder().setLocale(known).setRegion(Half.country(zone)).build() : known;
    }

    /** BCP 47 tag of how it is written. */
    String tag() {
        return language.toLanguageTag();
    }

    String weekday(DayOfWeek day) {
        return written("cccc", LocalDate.EPOCH.plusDays(day.getValue() - DayOfWeek.THURSDAY.getValue()));
    }

    DayOfWeek firstOfWeek() {
        // Sunday is 1 in CLDR, 7 in ISO 8601.
        return DayOfWeek.of((Calendar.getInstance(language).getFirstDayOfWeek() + 5) % 7 + 1);
    }

    /** @param skeleton which parts of it, by their letters (Unicode TR 35) */
    String date(String skeleton, LocalDate day) {
        return written(DateTimePatternGenerator.getInstance(language).getBestPattern(skeleton), day);
    }

    String month(LocalDate day) {
        return written("LLLL", day);
    }

    String year(LocalDate day) {
        return written("y", day);
    }

    String time(LocalTime time) {
        return plainSpaces(format(DateTimePatternGenerator.getInstance(language).getBestPattern("jm"))
            .format(Date.from(LocalDate.EPOCH.atTime(time).toInstant(ZoneOffset.UTC))));
    }

    /** "in 3 days", "tomorrow", "today". */
    String until(int days) {
        RelativeDateTimeFormatter relative = RelativeDateTimeFormatter.getInstance(language);
        return switch (days) {
            case 0 -> relative.format(Direction.THIS, AbsoluteUnit.DAY);
            case 1 -> relative.format(Direction.NEXT, AbsoluteUnit.DAY);
            default -> relative.format(days, Direction.NEXT, RelativeUnit.DAYS);
        };
    }

    String years(int years) {
        return plainSpaces(MeasureFormat.getInstance(language, MeasureFormat.FormatWidth.WIDE).format(new Measure(years, MeasureUnit.YEAR)));
    }

    /** What CLDR has not; empty for a language nobody wrote it down for. */
    Optional<String> season(Half.Season season) {
        return Optional.ofNullable(SEASONS.get(language.getLanguage())).map(row -> row.get(season.ordinal()));
    }

    /** Which of the parts of the day the language has, such as {@code morning1}; noon and midnight count to what they lie in. */
    String partOfDay(int hour) {
        DayPeriodRules rules = DayPeriodRules.getInstance(language);
        return rules == null ? hour < 12 ? "am" : "pm" : rules.getDayPeriodForHour(hour).name().toLowerCase(Locale.ROOT);
    }

    /** By itself, where the language has a word for that, else as it stands beside a time. */
    String partCalled(int hour) {
        try {
            return ((ICUResourceBundle) UResourceBundle.getBundleInstance("com/ibm/icu/impl/data/icudata", language))
                .getStringWithFallback("calendar/gregorian/dayPeriod/stand-alone/wide/" + partOfDay(hour));
        } catch (MissingResourceException none) {
            return plainSpaces(format("BBBB").format(Date.from(LocalDate.EPOCH.atTime(hour, 30).toInstant(ZoneOffset.UTC))));
        }
    }

    private String written(String pattern, LocalDate day) {
        return plainSpaces(format(pattern).format(Date.from(day.atStartOfDay().toInstant(ZoneOffset.UTC))));
    }

    private SimpleDateFormat format(String pattern) {
        SimpleDateFormat format = new SimpleDateFormat(pattern, language);
        // Of all dates, as the calendar in use has them.
        GregorianCalendar calendar = new GregorianCalendar(TimeZone.GMT_ZONE, language);
        calendar.setGregorianChange(new Date(Long.MIN_VALUE));
        format.setCalendar(calendar);
        return format;
    }

    private static String plainSpaces(String text) {
        return text.replace('\u00a0', ' ').replace('\u202f', ' ');
    }
}
