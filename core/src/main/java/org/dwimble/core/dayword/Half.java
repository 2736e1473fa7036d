package org.dwimble.core.dayword;

import com.ibm.icu.util.TimeZone;
import java.time.Month;
import java.time.ZoneId;
import java.util.Set;

/** Of the earth: it decides which season it is. */
public enum Half {
    NORTHERN, SOUTHERN;

    /** Countries that lie south of the equator with all or most of their people (ISO 3166-1). */
    private static final Set<String> SOUTH = Set.of("AR", "AU", "BO", "BR", "BW", "CL", "FJ", "LS", "MG", "MU", "MW", "MZ", "NA", "NC", "NZ", "PE", "PF", "PG",
        "PY", "RE", "SB", "SZ", "TL", "TO", "TZ", "UY", "VU", "WS", "ZA", "ZM", "ZW", "AO", "BI", "RW", "CD", "EC", "ID", "FK");

    /** Where a time zone lies (its country by the IANA time zone database). */
    public static Half of(ZoneId zone) {
        return SOUTH.contains(country(zone)) ? SOUTHERN : NORTHERN;
    }

    /** Of a zone, by ISO 3166-1; 001, the world, if it is of none. */
    static String country(ZoneId zone) {
        try {
            return TimeZone.getRegion(zone.getId());
        } catch (IllegalArgumentException none) {
            return "001";
        }
    }

    /** By whole months, as the weather services have them (World Meteorological Organization): March begins spring in the north. */
    Season season(Month month) {
        return Season.values()[Math.floorMod(Math.floorDiv(month.getValue() - Month.MARCH.getValue(), 3) + (this == SOUTHERN ? 2 : 0), Season.values().length)];
    }

    /** In the order of the year from March in the north. */
    enum Season {
        SPRING, SUMMER, AUTUMN, WINTER
    }
}
