package org.dwimble.server.care;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.server.database.Database;
import org.dwimble.server.grant.ForAnybody;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** For a monitor: nobody need sign in, and nothing is told but whether Dwimble works and what it lacks. */
@RestController
class HealthApi {
    private static final Logger LOG = LoggerFactory.getLogger(HealthApi.class);

    /**
     * @param status {@code up} or {@code down}
     * @param worries {@code disk}: little room; {@code backup}: none good for two days; {@code database}: it does not answer
     */
    record HealthView(String status, List<String> worries) {
    }

    private final Database database;
    private final Backups backups;
    private final Disk disk;

    HealthApi(Database database, Backups backups, Disk disk) {
        this.database = database;
        this.backups = backups;
        this.disk = disk;
    }

    /** 200 while it works, 503 if not. */
    @ForAnybody
    @GetMapping("/api/health")
    ResponseEntity<HealthView> health() {
        List<String> worries = new ArrayList<>();
        boolean up = answers();
        if (!up) {
            worries.add("database");
        }
        if (disk.isNearlyFull()) {
            worries.add("disk");
        }
        if (backups.late()) {
            worries.add("backup");
        }
        return ResponseEntity.status(up ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE).body(new HealthView(up ? "up" : "down", worries));
    }

    private boolean answers() {
        try {
            return database.read(session -> session.first("SELECT count(*) FROM account", row -> row.getInt(1))).isPresent();
        } catch (RuntimeException e) {
            LOG.error("The database does not answer: {}", e.getClass().getSimpleName());
            return false;
        }
    }
}
