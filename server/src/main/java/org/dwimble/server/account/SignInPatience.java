package org.dwimble.server.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Ticker;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.problem.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * How often secrets may be guessed: for one name from one address, which a school may be behind, for one name from wherever, from one address, and
 * in all; see {@link Limits}. Who is known on the device is counted apart, so that somebody else's guesses keep nobody out there. A try counts before
 * it is looked at, so that many at once are no way round it, and is taken back if it was right. Kept in memory, under hashes of the names; a restart
 * forgets it.
 */
@Component
class SignInPatience {
    private static final Duration REST = Duration.ofMinutes(Limits.SIGN_IN_MINUTES);
    private static final int REMEMBERED = 20_000;
    private static final int KEY_BYTES = 12;

    /** A guess that counts against its name, its address and all, until it was right. */
    record Guess(List<AtomicInteger> counts) {
        void wasRight() {
            counts.forEach(AtomicInteger::decrementAndGet);
        }
    }

    private final Cache<String, AtomicInteger> tries;

    SignInPatience(Clock clock) {
        Ticker ticker = () -> clock.millis() * 1_000_000;
        tries = Caffeine.newBuilder().expireAfterWrite(REST).maximumSize(REMEMBERED).ticker(ticker).build();
    }

    /**
     * @param device by which this device is known to whom the name is; empty if it is not
     * @throws Problem if there were too many already
     */
    Guess begin(String name, String address, Optional<String> device) {
        if (device.isPresent()) {
            return new Guess(List.of(counted("device " + device.get(), Limits.GUESSES_BY_NAME)));
        }
        String who = name.trim().toLowerCase(Locale.ROOT);
        return new Guess(List.of(counted("name " + who + " from " + address, Limits.GUESSES_BY_NAME), counted("name " + who, Limits.GUESSES_BY_NAME_ANYWHERE),
            counted("address " + address, Limits.GUESSES_BY_ADDRESS), counted("all", Limits.GUESSES_BY_ALL)));
    }

    private AtomicInteger counted(String what, int most) {
        AtomicInteger count = tries.get(key(what), k -> new AtomicInteger());
        if (count.incrementAndGet() > most) {
            throw new Problem(HttpStatus.TOO_MANY_REQUESTS, "too-many-wrong");
        }
        return count;
    }

    /** Short, however long the name is. */
    private static String key(String what) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(what.getBytes(StandardCharsets.UTF_8)), 0, KEY_BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
