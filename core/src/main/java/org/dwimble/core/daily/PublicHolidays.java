package org.dwimble.core.daily;

import de.focus_shift.jollyday.core.CalendarHierarchy;
import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.HolidayType;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/** Public holidays by country and region, as Jollyday knows them, called as in a language, or in English where it has no name in that. */
public final class PublicHolidays {
    /** It knows nothing of before, and computes nothing sensible after. */
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;

    /** @param code ISO 3166-1, in lower case */
    public record Country(String code, String name, List<Region> regions) {
    }

    /** @param code below the country’s */
    public record Region(String code, String name) {
    }

    /** Worked out when somebody first asks: each country is a file to be read. */
    private static final Map<Locale, List<Country>> KNOWN = new ConcurrentHashMap<>();

    private PublicHolidays() {
    }

    /** By name. */
    public static List<Country> countries(Locale language) {
        return KNOWN.computeIfAbsent(language, PublicHolidays::read);
    }

    private static List<Country> read(Locale language) {
        return HolidayManager.getSupportedCalendarCodes().stream().filter(code -> code.length() == 2).map(String::toLowerCase).distinct()
            .map(code -> country(code, language)).sorted(Comparator.comparing(Country::name)).toList();
    }

    private static Country country(String code, Locale language) {
        Map<String, CalendarHierarchy> regions = manager(code).getCalendarHierarchy().getChildren();
        return new Country(code, new Locale("", code).getDisplayCountry(language),
            regions.entrySet().stream().map(r -> new Region(r.getKey(), r.getValue().getDescription(language)))
                .sorted(Comparator.comparing(Region::name)).toList());
    }

    /**
     * One at a time: who asks while Jollyday is still looking for its parts is told that it has none. It looks for them where the thread
     * looks for classes.
     */
    private static synchronized HolidayManager manager(String country) {
        Thread thread = Thread.currentThread();
        ClassLoader before = thread.getContextClassLoader();
        thread.setContextClassLoader(PublicHolidays.class.getClassLoader());
        try {
            return HolidayManager.getInstance(ManagerParameters.create(country));
        } finally {
            thread.setContextClassLoader(before);
        }
    }

    /**
     * From one day to another, both included; by day.
     *
     * @param country empty for none: then there are no holidays
     * @param region  empty for those of the whole country alone
     */
    public static Map<LocalDate, String> of(String country, String region, LocalDate from, LocalDate to, Locale language) {
        if (country.isEmpty() || from.getYear() < FIRST_YEAR || to.getYear() > LAST_YEAR
            || HolidayManager.getSupportedCalendarCodes().stream().noneMatch(country::equalsIgnoreCase)) {
            return Map.of();
        }
        String[] within = region.isEmpty() ? new String[0] : new String[] {region};
        return manager(country).getHolidays(from, to, HolidayType.PUBLIC_HOLIDAY, within).stream()
            .collect(Collectors.toMap(Holiday::getDate, h -> h.getDescription(language), (one, other) -> one + ", " + other, TreeMap::new));
    }
}
