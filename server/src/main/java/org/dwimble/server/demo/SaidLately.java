package org.dwimble.server.demo;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.dwimble.core.use.UseKept;
import org.dwimble.server.use.UseStore;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** What was said in the weeks before today: made up, and the same each time. */
@Component
@Profile("demo")
class SaidLately {
    private static final int DAYS = 32;
    private static final List<String> WORDS = List.of("want", "more", "I", "go", "not", "help", "look", "like", "you", "stop", "is", "what", "my", "finished",
        "get",
        "make", "it", "yes", "no");
    private static final int MOST_A_DAY = 14;

    private final UseStore use;
    private final Instant now;

    SaidLately(UseStore use, Clock clock) {
        this.use = use;
        this.now = clock.instant();
    }

    /** Some words on each school day, those that stand first in the list most often, and a little more each week. */
    void words(String student) {
        LocalDate today = LocalDate.ofInstant(now, ZoneOffset.UTC);
        for (int ago = DAYS; ago > 0; ago--) {
            LocalDate day = today.minusDays(ago);
            if (day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY) {
                continue;
            }
            Map<String, Integer> said = new TreeMap<>();
            for (int i = 0; i < WORDS.size(); i++) {
                int times = (MOST_A_DAY - i + (DAYS - ago) / 8 + (day.getDayOfMonth() * (i + 3)) % 5) / 2;
                if (times > 0) {
                    said.put(WORDS.get(i), times);
                }
            }
            use.add(student, student + " " + day, UseKept.COUNTS, day, said, List.of(), now);
        }
    }

    /** Words, and the messages they were said in. */
    void messages(String student, List<String> messages) {
        for (int i = 0; i < messages.size(); i++) {
            Instant at = now.minus(Duration.ofHours(20L * (messages.size() - i)));
            Map<String, Integer> words = new TreeMap<>();
            for (String word : messages.get(i).split(" ")) {
                words.merge(word, 1, Integer::sum);
            }
            use.add(student, student + " message " + i, UseKept.MESSAGES, LocalDate.ofInstant(at, ZoneOffset.UTC), words,
                List.of(new UseStore.Message(at, messages.get(i))), now);
        }
    }
}
