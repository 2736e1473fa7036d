package org.dwimble.server.care;

import java.io.IOException;
import java.nio.file.Path;
import org.dwimble.server.database.Room;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Room on the disk of the data. */
@Component
class Disk {
    private static final long LEAST_FREE = 1L << 30;

    private final Room room;

    Disk(@Value("${dwimble.home}") Path home) {
        this.room = new Room(home);
    }

    /** Bytes. */
    long free() throws IOException {
        return room.free();
    }

    /** Keeps some for the next start, once this one has taken what it needs, and again when there is room. */
    @EventListener(ApplicationReadyEvent.class)
    @Scheduled(fixedDelayString = "PT1H", initialDelayString = "PT1H")
    void keepSome() {
        room.keep();
    }

    /** Under 1 GB, or so broken that nobody can say. */
    boolean isNearlyFull() {
        try {
            return free() < LEAST_FREE;
        } catch (IOException e) {
            return true;
        }
    }
}
