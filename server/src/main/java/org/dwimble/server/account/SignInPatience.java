package org.dwimble.server.account;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.dwimble.server.problem.Problem;
import org.springframework.http.HttpStatus;

/** After ten wrong passwords for one name, that name rests for five minutes. Kept in memory; a restart forgets it. */
final class SignInPatience {
    static final int TRIES = 10;
    private static final Duration REST = Duration.ofMinutes(5);
    private static final int REMEMBERED = 10_000;

    private record Tries(int failed, Instant last) {
    }

    private final Map<String, Tries> byName = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Tries> eldest) {
            return size() > REMEMBERED;
        }
    };

    synchronized void check(String name) {
        Tries tries = byName.get(key(name));
        if (tries != null && tries.failed >= TRIES && tries.last.plus(REST).isAfter(Instant.now())) {
            throw new Problem(HttpStatus.TOO_MANY_REQUESTS, "too-many-wrong");
        }
    }

    synchronized void failed(String name) {
        Tries tries = byName.get(key(name));
        boolean rested = tries == null || tries.last.plus(REST).isBefore(Instant.now());
        byName.put(key(name), new Tries(rested ? 1 : tries.failed + 1, Instant.now()));
    }

    private static String key(String name) {
        return name.trim().toLowerCase(Locale.ROOT);
    }
}
