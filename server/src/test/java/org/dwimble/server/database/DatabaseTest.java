package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.env.Environment;

@ExtendWith(TestServer.class)
class DatabaseTest {
    private final Database database = TestServer.bean(Database.class);

    private void orphan() {
        database.write(session -> session.update("INSERT INTO granted (sort, thing, account_id, role) VALUES ('student', 'nobody', 999999, 'OWNER')"));
    }

    @Test
    void anOrphanRowIsRefusedOnEveryConnectionOfThePool() throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(8);
        List<Future<?>> tries = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            tries.add(people.submit(() -> assertThatThrownBy(this::orphan).isInstanceOf(DatabaseTrouble.class)
                .extracting(e -> ((DatabaseTrouble) e).what()).isEqualTo(DatabaseTrouble.What.ORPHAN)));
        }
        for (Future<?> one : tries) {
            one.get();
        }
        people.shutdown();
    }

    @Test
    void brokenConstraintsAreToldApart() {
        Account account = TestServer.account("Tern");
        assertThatThrownBy(() -> database
            .write(session -> session.update("INSERT INTO account (sign_in, name, work, password) VALUES (?, 'x', 'x', 'x')", account.signIn().toUpperCase())))
            .extracting(e -> ((DatabaseTrouble) e).what()).isEqualTo(DatabaseTrouble.What.STANDS_TWICE);
        assertThatThrownBy(() -> database.write(session -> session.update("INSERT INTO vocabulary (name) VALUES (1)")))
            .extracting(e -> ((DatabaseTrouble) e).what()).isEqualTo(DatabaseTrouble.What.NOT_ALLOWED);
    }

    @Test
    void aTransactionThatFailsLeavesNothing() {
        assertThatThrownBy(() -> database.write(session -> {
            session.update("INSERT INTO media (id, content_type, bytes) VALUES ('half', 'image/png', x'00')");
            throw new IllegalStateException("power");
        })).isInstanceOf(IllegalStateException.class);
        assertThat(database.<Boolean, RuntimeException>read(session -> session.exists("SELECT 1 FROM media WHERE id = 'half'"))).isFalse();
    }

    @Test
    void aBackupTakenWhileTheServerRunsHoldsEveryTable(@TempDir Path folder) throws Exception {
        Path home = Path.of(TestServer.bean(Environment.class).getRequiredProperty("dwimble.home"));
        Account account = TestServer.account("Plover");
        Backup.copy(home.resolve("dwimble.db"), folder.resolve("copy.db"));
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("copy.db"));
            var rows = connection.createStatement().executeQuery("SELECT name FROM account WHERE sign_in = '" + account.signIn() + "'")) {
            assertThat(rows.next()).isTrue();
            assertThat(rows.getString(1)).isEqualTo("Plover");
        }
        assertThatThrownBy(() -> Backup.copy(home.resolve("dwimble.db"), folder.resolve("copy.db"))).as("an older backup is not overwritten")
            .isInstanceOf(java.sql.SQLException.class);
    }

    private void keep(String id) {
        database.write(session -> session.update("INSERT INTO media (id, content_type, bytes) VALUES (?, 'image/png', x'00')", id));
    }

    private boolean has(String id) {
        return database.read(session -> session.exists("SELECT 1 FROM media WHERE id = ?", id));
    }

    /** Holds the write lock until some others wait for it, so that they are put on disk by one commit. */
    private List<Future<?>> together(ExecutorService people, List<Runnable> works) throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        Future<?> first = people.submit(() -> database.write(session -> {
            begun.countDown();
            go.await();
            return null;
        }));
        begun.await();
        List<Future<?>> waiting = new ArrayList<>(works.stream().map(people::submit).toList());
        while (database.waiting() < works.size()) {
            Thread.onSpinWait();
        }
        go.countDown();
        first.get();
        return waiting;
    }

    @Test
    void whoSavesTogetherIsKeptOrRefusedEachByItself() throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(8);
        AtomicInteger after = new AtomicInteger();
        List<Future<?>> works = together(people, List.of(
            () -> keep("together-1"),
            this::orphan,
            () -> database.write(session -> {
                session.update("INSERT INTO media (id, content_type, bytes) VALUES ('together-2', 'image/png', x'00')");
                session.afterCommit(after::incrementAndGet);
                throw new IllegalStateException("refused after it had begun");
            }),
            () -> database.write(session -> {
                session.afterCommit(after::incrementAndGet);
                return session.update("INSERT INTO media (id, content_type, bytes) VALUES ('together-3', 'image/png', x'00')");
            })));
        works.get(0).get();
        assertThatThrownBy(works.get(1)::get).hasCauseInstanceOf(DatabaseTrouble.class);
        assertThatThrownBy(works.get(2)::get).hasRootCauseMessage("refused after it had begun");
        works.get(3).get();
        people.shutdown();
        assertThat(has("together-1")).isTrue();
        assertThat(has("together-2")).isFalse();
        assertThat(has("together-3")).isTrue();
        assertThat(after.get()).as("only what is on disk is told").isEqualTo(1);
    }

    @Test
    void whatIsNotedIsSeenByWhoeverSavesNextInTheSameCommitUnlessItWasRefused() throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(8);
        List<Object> seen = Collections.synchronizedList(new ArrayList<>());
        List<Future<?>> works = together(people, List.of(
            () -> database.write(session -> {
                session.note("tide", "low");
                return null;
            }),
            () -> database.write(session -> {
                session.note("tide", "high");
                throw new IllegalStateException("refused");
            }),
            () -> database.write(session -> seen.add(String.valueOf(session.noted("tide"))))));
        works.get(2).get();
        people.shutdown();
        assertThat(seen).hasSize(1).first().isIn("low", "null");
        assertThat(seen).doesNotContain("high");
        database.write(session -> seen.add(String.valueOf(session.noted("tide"))));
        assertThat(seen.get(1)).as("notes end with the commit").isEqualTo("null");
    }

    @Test
    void troubleAfterTheCommitIsNotTheTroubleOfWhoSaved() {
        database.write(session -> {
            session.afterCommit(() -> {
                throw new IllegalStateException("nobody listens");
            });
            return session.update("INSERT INTO media (id, content_type, bytes) VALUES ('kept-all-the-same', 'image/png', x'00')");
        });
        assertThat(has("kept-all-the-same")).isTrue();
    }
}
