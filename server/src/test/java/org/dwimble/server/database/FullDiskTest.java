package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.sqlite.SQLiteDataSource;

/** A database that may not grow any more, as on a full disk. */
class FullDiskTest {
    @TempDir
    Path folder;
    private final AtomicInteger pages = new AtomicInteger(100_000);
    private Database database;

    @BeforeEach
    void open() {
        SQLiteDataSource source = new SQLiteDataSource() {
            @Override
            public Connection getConnection() throws SQLException {
                Connection connection = super.getConnection();
                try (Statement statement = connection.createStatement()) {
                    statement.execute("PRAGMA max_page_count = " + pages.get());
                }
                return connection;
            }
        };
        source.setUrl("jdbc:sqlite:" + folder.resolve("dwimble.db") + "?journal_mode=WAL&busy_timeout=5000&transaction_mode=IMMEDIATE");
        database = new Database(source);
        database.write(session -> session.update("CREATE TABLE word (text TEXT)"));
        database.write(session -> session.update("INSERT INTO word VALUES ('want')"));
    }

    private void grow() {
        database.write(session -> {
            for (int i = 0; i < 50; i++) {
                session.update("INSERT INTO word VALUES (?)", "x".repeat(4_000));
            }
            return 0;
        });
    }

    private int words() {
        return database.read(session -> session.first("SELECT count(*) FROM word", row -> row.getInt(1))).orElseThrow();
    }

    @Test
    void aFullDiskIsToldAsThatReadingGoesOnAndNothingIsHalfKept() {
        pages.set(10);
        for (int i = 0; i < 3; i++) {
            assertThatThrownBy(this::grow).isInstanceOfSatisfying(DatabaseTrouble.class,
                trouble -> assertThat(trouble.what()).isEqualTo(DatabaseTrouble.What.DISK_FULL));
        }
        assertThat(words()).isEqualTo(1);
        pages.set(100_000);
        grow();
        assertThat(words()).as("once there is room again").isEqualTo(51);
    }

    @Test
    void ofManyWhoSaveTogetherEachIsTold() throws Exception {
        pages.set(10);
        CountDownLatch go = new CountDownLatch(1);
        List<Thread> people = new ArrayList<>();
        AtomicInteger full = new AtomicInteger();
        for (int i = 0; i < 8; i++) {
            Thread person = new Thread(() -> {
                try {
                    go.await();
                    grow();
                } catch (DatabaseTrouble trouble) {
                    if (trouble.what() == DatabaseTrouble.What.DISK_FULL) {
                        full.incrementAndGet();
                    }
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                }
            });
            person.start();
            people.add(person);
        }
        go.countDown();
        for (Thread person : people) {
            person.join();
        }
        assertThat(full).hasValue(8);
        assertThat(words()).isEqualTo(1);
    }
}
