package org.dwimble.server.care;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Room on the disk of the data. */
@Component
class Disk {
    private static final long LEAST_FREE = 1L << 30;

    private final Path home;

    Disk(@Value("${dwimble.home}") Path home) {
        this.home = home;
    }

    /** Bytes. */
    long free() throws IOException {
        return Files.getFileStore(home).getUsableSpace();
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
