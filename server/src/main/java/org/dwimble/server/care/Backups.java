package org.dwimble.server.care;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import org.dwimble.server.database.Backup;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * A copy of all data every night while Dwimble runs, read through before it counts; the last {@value #KEPT} are kept, in the folder
 * {@code backups} beside the data. A night that was missed is made up for within the hour.
 */
@Component
public class Backups {
    public static final int KEPT = 14;
    private static final int NIGHT = 2;
    private static final Duration OLD = Duration.ofHours(50);
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'dwimble-'yyyy-MM-dd-HHmmss'.db'");
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

    private final Path database;
    private final Path folder;
    private final Clock clock;
    private final Instant started;
    private final Object making = new Object();
    private final AtomicLong asks = new AtomicLong();
    /** The last who had asked when the last one was begun. */
    private long begunAfter;
    private @Nullable Path lastMade;

    Backups(@Value("${dwimble.home}") Path home, Clock clock) {
        this.database = home.resolve("dwimble.db");
        this.folder = home.resolve("backups");
        this.clock = clock;
        this.started = clock.instant();
    }

    @Scheduled(fixedDelayString = "PT1H", initialDelayString = "PT10M")
    void hourly() {
        ZonedDateTime now = clock.instant().atZone(ZoneId.systemDefault());
        ZonedDateTime night = now.withHour(NIGHT).withMinute(0).withSecond(0).withNano(0);
        ZonedDateTime due = night.isAfter(now) ? night.minusDays(1) : night;
        if (last().filter(at -> !at.isBefore(due.toInstant())).isEmpty()) {
            try {
                make();
            } catch (SQLException | IOException e) {
                LOG.error("The nightly backup could not be made: {}", e.getMessage());
            }
        }
    }

    /**
     * Makes one now. Who asks while one is made waits for it and then has that one, as it holds all that was there when it was asked for
     * or is made anew if it was begun before.
     *
     * @throws SQLException with a sentence if it cannot be made, or is not whole
     */
    Path make() throws SQLException, IOException {
        Instant asked = clock.instant();
        long order = asks.incrementAndGet();
        synchronized (making) {
            if (begunAfter >= order && lastMade != null) {
                return lastMade;
            }
            begunAfter = asks.get();
            lastMade = null;
            lastMade = makeAt(asked);
            return lastMade;
        }
    }

    private Path makeAt(Instant asked) throws SQLException, IOException {
        Path file = Backup.into(database, folder, NAME.format(asked.atZone(ZoneId.systemDefault())));
        for (Path old : kept().stream().skip(KEPT).toList()) {
            Files.deleteIfExists(old);
        }
        return file;
    }

    /** The good ones, the latest first. */
    List<Path> kept() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().matches("dwimble-\\d{4}-\\d\\d-\\d\\d-\\d{6}\\.db"))
                .sorted(Comparator.comparing(Path::getFileName).reversed()).toList();
        } catch (IOException e) {
            LOG.warn("Backups could not be looked through: {}", e.getMessage());
            return List.of();
        }
    }

    /** True if there is no good one of the last two days though Dwimble ran that long. */
    boolean late() {
        Instant since = clock.instant().minus(OLD);
        return started.isBefore(since) && last().filter(at -> !at.isBefore(since)).isEmpty();
    }

    /** When the last good one was made. */
    Optional<Instant> last() {
        return kept().stream().findFirst().map(f -> ZonedDateTime.of(LocalDateTime.parse(f.getFileName().toString(), NAME), ZoneId.systemDefault())
            .toInstant());
    }
}
