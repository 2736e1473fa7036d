package org.dwimble.core.grant;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What somebody must be allowed still, later: as to fetch what long work made. */
public record Need(Act act, Thing thing) {
    /** As it is written down, such as {@code print:list:5}. */
    public String written() {
        return word(act) + ":" + thing.sort().word() + ":" + thing.id();
    }

    /** @return nothing if it was not {@link #written} so: then nobody may */
    public static Optional<Need> read(String written) {
        String[] parts = written.split(":", 3);
        if (parts.length < 3 || parts[2].isEmpty()) {
            return Optional.empty();
        }
        return Arrays.stream(Act.values()).filter(act -> word(act).equals(parts[0])).findFirst()
            .flatMap(act -> Thing.Sort.of(parts[1]).filter(sort -> sort != Thing.Sort.SCHOOL).map(sort -> new Need(act, new Thing(sort, parts[2]))));
    }

    private static String word(Act act) {
        return act.name().toLowerCase(Locale.ROOT);
    }
}
