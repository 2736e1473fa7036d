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
import org.flywaydb.core.Flyway;
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
        Flyway.configure().dataSource("jdbc:sqlite:" + database, null, null).locations("classpath:db/migration").load().migrate();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database + "?journal_mode=WAL");
            Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA wal_autocheckpoint=0");
            for (int i = 1; i <= 600; i++) {
                statement.execute("INSERT INTO student (id, name, class_name, screen_width, screen_height) VALUES ('s" + i + "', '" + "Ilse ".repeat(40)
                    + i + "', '', 1, 1)");
            }
            statement.execute("DELETE FROM student WHERE rowid % 2 = 0");
            Backup.into(database, folder, "backup.db");
            statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
            statement.execute("UPDATE student SET name = 'Nour' WHERE rowid % 40 = 1");
            statement.execute("INSERT INTO student (id, name, class_name, screen_width, screen_height) VALUES ('t', 'Tomasz', '', 1, 1)");
            for (String part : new String[] {"dwimble.db", "dwimble.db-wal"}) {
                Files.copy(living.resolve(part), home.resolve(part));
            }
        }
    }

    private int students() throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + home.resolve("dwimble.db"));
            Statement statement = connection.createStatement();
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

    /** Says why a backup is refused, and that nothing was changed by looking at it. */
    private void refused(Path other, String why) throws Exception {
        assertThatThrownBy(() -> Restore.restore(other, home, NOW)).as(other.toString()).isInstanceOf(SQLException.class).hasMessageContaining(why);
        try (var files = Files.list(home)) {
            assertThat(files.map(f -> f.getFileName().toString()).filter(f -> !f.equals("dwimble.lock")))
                .containsExactlyInAnyOrder("dwimble.db", "dwimble.db-wal");
        }
    }

    private Path changed(String name, String... statements) throws Exception {
        Path other = Files.copy(backup, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + other); Statement statement = connection.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
        return other;
    }

    @Test
    void aBackupThatIsCutShortByAFewBytesIsRefused() throws Exception {
        byte[] bytes = Files.readAllBytes(backup);
        refused(Files.write(folder.resolve("short.db"), java.util.Arrays.copyOf(bytes, bytes.length - 100)), "cut short: 100 bytes are missing");
    }

    @Test
    void oneFlippedBitInAWordIsFound() throws Exception {
        byte[] bytes = Files.readAllBytes(backup);
        String text = new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1);
        // Also where the same bytes stand in no row any more.
        for (int word = text.indexOf("Ilse 599"); word >= 0; word = text.indexOf("Ilse 599", word + 1)) {
            bytes[word] ^= 1;
        }
        refused(Files.write(folder.resolve("flipped.db"), bytes), "other than when it was made");
    }

    @Test
    void aDatabaseOfAnotherProgramWithTablesOfOurNamesIsRefused() throws Exception {
        Path foreign = folder.resolve("foreign.db");
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + foreign); Statement statement = connection.createStatement()) {
            for (String table : new String[] {"vocabulary", "student", "account"}) {
                statement.execute("CREATE TABLE " + table + " (id INTEGER PRIMARY KEY, name TEXT)");
            }
        }
        refused(foreign, "a database of another program");
    }

    @Test
    void aBackupOfALaterReleaseIsRefusedWithWhatToDo() throws Exception {
        refused(changed("later.db", "DROP TABLE backup_seal", "INSERT INTO flyway_schema_history (installed_rank, version, description, type, script, "
            + "installed_by, execution_time, success)"
            + " VALUES (99, '99', 'later', 'SQL', 'V99__later.sql', '', 0, 1)"), "a later release of Dwimble made it");
    }

    @Test
    void aBackupWithRowsThatNameNobodyIsRefusedAndOneOfBeforeSealsIsTaken() throws Exception {
        refused(
            changed("orphan.db", "DROP TABLE backup_seal", "INSERT INTO granted (sort, thing, account_id, role) VALUES ('student', 'nobody', 999999, 'OWNER')"),
            "name others that are not there");
        Restore.restore(changed("before.db", "DROP TABLE backup_seal"), home, NOW);
        assertThat(students()).isEqualTo(300);
    }

    @Test
    void whatCannotBeLookedAtIsNotToldToBeForeignAndNobodyIsToldToMoveALog() throws Exception {
        Path away = Files.move(home.resolve("dwimble.db"), folder.resolve("away.db"));
        Files.createDirectory(home.resolve("dwimble.db"));
        assertThatThrownBy(() -> DataFolder.open(home)).isInstanceOf(DataFolder.Refused.class).hasMessageContaining("could not be looked at")
            .hasMessageContaining("nothing is lost").hasMessageContaining("leave all files where they are").hasMessageNotContaining("does not belong");
        Files.delete(home.resolve("dwimble.db"));
        Files.move(away, home.resolve("dwimble.db"));
        try (DataFolder open = DataFolder.open(home)) {
            assertThat(open).isNotNull();
            assertThat(students()).isEqualTo(301);
        }
    }

    @Test
    void aForeignLogIsToldWithoutMovingItByHand() throws Exception {
        Files.copy(backup, home.resolve("dwimble.db"), StandardCopyOption.REPLACE_EXISTING);
        assertThatThrownBy(() -> DataFolder.open(home)).hasMessageContaining("does not belong").hasMessageNotContaining("move ");
    }

    @Test
    void whatTheNewestReleaseKnowsIsWhatItsMigrationsMake() throws Exception {
        try (var files = Files.list(Path.of("src/main/resources/db/migration"));
            var code = Files.list(Path.of("src/main/java/org/dwimble/server/database/migration"))) {
            assertThat(java.util.stream.Stream.concat(files, code).map(f -> f.getFileName().toString()).filter(f -> f.matches("V\\d+__.*"))
                .mapToInt(f -> Integer.parseInt(f.substring(1, f.indexOf('_')))).max()).hasValue(Backup.NEWEST);
        }
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
