package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Room that is kept for a start, on a disk that is as full as the test says. */
class RoomTest {
    @TempDir
    Path home;
    private long free = 10L << 30;

    /** A disk with so much room beside what is kept. */
    private final class Disk extends Room {
        Disk() {
            super(home);
        }

        @Override
        public long free() throws IOException {
            return free - kept();
        }
    }

    private long kept() throws IOException {
        Path file = home.resolve("dwimble.room");
        return Files.exists(file) ? Files.size(file) : 0;
    }

    @Test
    void roomIsKeptWhileThereIsPlentyAndLetGoForAStartThatHasNone() throws IOException {
        Room room = new Disk();
        room.keep();
        assertThat(kept()).isEqualTo(Room.KEPT);
        free = Room.KEPT;
        assertThat(room.forStart()).as("all others have taken").isEqualTo(Room.KEPT);
        assertThat(kept()).isZero();
    }

    @Test
    void afterSuchAStartSomeIsKeptAgainForTheNextOne() throws IOException {
        free = Room.KEPT;
        Room room = new Disk();
        room.keep();
        assertThat(kept()).isGreaterThanOrEqualTo(Room.TO_START);
        free = kept();
        assertThat(room.forStart()).isGreaterThanOrEqualTo(Room.TO_START);
    }

    @Test
    void aStartWithRoomLetsNothingGo() throws IOException {
        Room room = new Disk();
        room.keep();
        room.forStart();
        assertThat(kept()).isEqualTo(Room.KEPT);
    }

    @Test
    void aFullDiskIsKnownWhereverItIsTold() {
        assertThat(Room.isNone(new IllegalStateException(new IOException("No space left on device")))).isTrue();
        assertThat(Room.isNone(new FileSystemException("a", null, "No space left on device"))).isTrue();
        assertThat(Room.isNone(new SQLiteException("full", SQLiteErrorCode.SQLITE_FULL))).isTrue();
        assertThat(Room.isNone(new SQLException("constraint"))).isFalse();
        assertThat(Room.isNone(new IOException())).isFalse();
    }
}
