package org.dwimble.server.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.dwimble.server.Http;
import org.dwimble.server.SetClock;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.database.Backup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class BackupsTest {
    @TempDir
    Path home;
    private final SetClock clock = new SetClock("2026-11-27T12:00:00Z");

    @BeforeEach
    void data() throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:"
            + home.resolve("dwimble.db")); Statement statement = connection.createStatement()) {
            for (String table : new String[] {"vocabulary", "student", "account"}) {
                statement.execute("CREATE TABLE " + table + " (id INTEGER PRIMARY KEY)");
            }
        }
    }

    @Test
    void oneIsMadeEachNightAndFourteenAreKept() throws Exception {
        Backups backups = new Backups(home, clock);
        for (int hour = 0; hour < 24 * 20; hour++) {
            backups.hourly();
            clock.on(Duration.ofHours(1));
        }
        assertThat(backups.kept()).hasSize(Backups.KEPT);
        assertThat(backups.last().orElseThrow()).isAfter(clock.instant().minus(Duration.ofHours(25)));
        for (Path kept : backups.kept()) {
            Backup.check(kept);
        }
        try (var files = Files.list(home.resolve("backups"))) {
            assertThat(files).as("nothing half done").hasSize(Backups.KEPT);
        }
    }

    @Test
    void whatCannotBeMadeIsNotCounted() throws Exception {
        Backups backups = new Backups(home, clock);
        Files.writeString(home.resolve("dwimble.db"), "crab");
        backups.hourly();
        assertThat(backups.last()).isEmpty();
        assertThatThrownBy(backups::make).isInstanceOf(SQLException.class);
    }

    @Test
    void whoeverLooksAfterDwimbleSeesTheLastGoodOne() {
        Account keeper = TestServer.bean(AccountStore.class).create("keeper " + System.nanoTime(), "Keeper", "", TestServer.PASSWORD, true);
        Http http = Http.as(keeper);
        JsonNode made = http.post("/api/care/backups", "{}").json();
        assertThat(made.get("lastBackup").asString()).isNotBlank();
        assertThat(made.get("backups").asInt()).isPositive();
        assertThat(made.get("free").asLong()).isPositive();
        assertThat(http.get("/api/care").json().get("lastBackup")).isEqualTo(made.get("lastBackup"));
        assertThat(Http.as(TestServer.account("Piet")).get("/api/care").status()).isEqualTo(403);
    }

    @Test
    void severalAskedForAtOnceAreFewAndWholeAndNoHalfOneStays() throws Exception {
        Backups backups = new Backups(home, clock);
        ExecutorService people = Executors.newFixedThreadPool(5);
        try {
            for (var made : people.invokeAll(java.util.Collections.<java.util.concurrent.Callable<Path>>nCopies(5, backups::make))) {
                Backup.check(made.get());
            }
        } finally {
            people.shutdownNow();
        }
        try (var files = Files.list(home.resolve("backups"))) {
            assertThat(files.map(f -> f.getFileName().toString())).isNotEmpty().allMatch(f -> f.matches("dwimble-[\\d-]+\\.db"));
        }
    }

    @Test
    void ofABackupThatCannotBeFinishedNothingStays() throws Exception {
        Backups backups = new Backups(home, clock);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + home.resolve("dwimble.db"));
            Statement statement = connection.createStatement()) {
            statement.execute("DROP TABLE account");
        }
        assertThatThrownBy(backups::make).isInstanceOf(SQLException.class).hasMessageContaining("no database of Dwimble");
        try (var files = Files.list(home.resolve("backups"))) {
            assertThat(files).isEmpty();
        }
    }
}
