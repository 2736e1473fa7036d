package org.dwimble.server.database;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import org.flywaydb.core.Flyway;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** A release that keeps data in another way than the one before makes a backup of them first. Without one, nothing is changed and it does not start. */
@Component
class BeforeUpdate implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(BeforeUpdate.class);
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'before-update-'yyyy-MM-dd-HHmmss'.db'");

    private final Path home;
    private final Clock clock;

    BeforeUpdate(@Value("${dwimble.home}") Path home, Clock clock) {
        this.home = home;
        this.clock = clock;
    }

    @Override
    public void migrate(Flyway flyway) {
        if (flyway.info().current() != null && flyway.info().pending().length > 0) {
            try {
                Path file = Backup.into(home.resolve("dwimble.db"), home.resolve("backups"), NAME.format(clock.instant().atZone(ZoneId.systemDefault())));
                LOG.info("The data are kept in another way from now on. As they were before is in {}", file);
            } catch (IOException | SQLException e) {
                throw new DataFolder.Refused("The data could not be backed up before the update, so nothing was changed and Dwimble does not start: "
                    + (Room.isNone(e) ? "the disk is full; it needs about " + Backup.megabytes(home.resolve("dwimble.db")) + " MB." : e.getMessage()));
            }
        }
        flyway.migrate();
    }
}
