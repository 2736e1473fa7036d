package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups brought back after accidents. */
class RestoreTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 27, 14, 30);
    @TempDir
    Path folder;
    private Path home;
    private Path backup;

    /** A database with one student more than its backup, and a log as a crash leaves it behind. */
    @BeforeEach
    void crashed() throws Exception {
        home = Files.createDirectories(folder.resolve("data"));
        backup = folder.resolve("backup.db");
        Path living = Files.createDirectories(folder.resolve("living"));
        Path database = living.resolve("dwimble.db");
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database + "?journal_mode=WAL"); Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA wal_autocheckpoint=0");
            for (String table : new String[] {"vocabulary", "student", "account"}) {
                statement.execute("CREATE TABLE " + table + " (id INTEGER PRIMARY KEY, name TEXT)");
            }
            for (int i = 0; i < 600; i++) {
                statement.execute("INSERT INTO student (name) VALUES ('" + "Ilse ".repeat(40) + i + "')");
            }
            statement.execute("DELETE FROM student WHERE id % 2 = 0");
            Backup.copy(database, backup);
            statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
            statement.execute("UPDATE student SET name = 'Nour' WHERE id % 40 = 1");
            statement.execute("INSERT INTO student (name) VALUES ('Tomasz')");
            for (String part : new String[] {"dwimble.db", "dwimble.db-wal"}) {
                Files.copy(living.resolve(part), home.resolve(part));
            }
        }
    }

    private int students() throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + home.resolve("dwimble.db")); Statement statement = connection.createStatement();
             ResultSet count = statement.executeQuery("SELECT count(*) FROM student")) {
            return count.getInt(1);
        }
    }

    @Test
    void aBackupTakesThePlaceOfTheDataWhichAreSetAsideWithTheirLog() throws Exception {
        String said = Restore.restore(backup, home, NOW);
        assertThat(students()).isEqualTo(300);
        Path aside = home.resolve("before-restore-2026-11-27-143000");
        assertThat(aside.resolve("dwimble.db-wal")).isNotEmptyFile();
        assertThat(said).contains(backup.toString(), aside.toString());
        try (DataFolder open = DataFolder.open(home)) {
            assertThat(open).isNotNull();
        }
    }

    @Test
    void aBackupCopiedOverTheDataByHandIsRefusedWithTheWayOut() throws Exception {
        Files.copy(backup, home.resolve("dwimble.db"), StandardCopyOption.REPLACE_EXISTING);
        byte[] before = Files.readAllBytes(home.resolve("dwimble.db"));
        assertThatThrownBy(() -> DataFolder.open(home)).isInstanceOf(DataFolder.Refused.class).hasMessageContaining("./dwimble restore FILE");
        assertThat(Files.readAllBytes(home.resolve("dwimble.db"))).as("looking changes nothing").isEqualTo(before);
        assertThat(home.resolve("dwimble.db-wal")).isNotEmptyFile();
        Restore.restore(backup, home, NOW);
        assertThat(students()).isEqualTo(300);
    }

    @Test
    void aLogOfItsOwnIsPlayedIn() throws Exception {
        try (DataFolder open = DataFolder.open(home)) {
            assertThat(students()).isEqualTo(301);
            assertThat(open).isNotNull();
        }
    }

    @Test
    void whatIsNoBackupOrDamagedIsRefusedAndNothingIsChanged() throws Exception {
        byte[] bytes = Files.readAllBytes(backup);
        for (int i = 4096; i < bytes.length; i++) {
            bytes[i] = (byte) (i % 7 == 0 ? 0 : bytes[i]);
        }
        Path damaged = Files.write(folder.resolve("damaged.db"), bytes);
        Path text = Files.writeString(folder.resolve("crab.txt"), "crab");
        for (Path none : new Path[] {damaged, text, folder.resolve("nowhere.db"), folder}) {
            assertThatThrownBy(() -> Restore.restore(none, home, NOW)).as(none.toString()).isInstanceOf(SQLException.class);
        }
        try (var files = Files.list(home)) {
            assertThat(files.map(f -> f.getFileName().toString())).containsExactlyInAnyOrder("dwimble.db", "dwimble.db-wal");
        }
        assertThat(students()).isEqualTo(301);
    }

    @Test
    void nothingIsRestoredWhileDwimbleRunsWithTheData() throws IOException {
        try (DataFolder running = DataFolder.open(home)) {
            assertThat(running).isNotNull();
            assertThatThrownBy(() -> Restore.restore(backup, home, NOW)).isInstanceOf(DataFolder.Refused.class).hasMessageContaining("Stop it first");
        }
    }

    @Test
    void aFolderThatIsNotThereIsASentence() {
        assertThatThrownBy(() -> Backup.copy(home.resolve("dwimble.db"), folder.resolve("nowhere/copy.db"))).hasMessageContaining("There is no folder");
    }
}
