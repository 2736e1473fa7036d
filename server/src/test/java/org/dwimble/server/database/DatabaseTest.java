package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
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
        database.write(session -> session.update("INSERT INTO team (student_id, account_id, role) VALUES ('nobody', 999999, 'OWNER')"));
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
        assertThatThrownBy(() -> database.write(session -> session.update("INSERT INTO account (sign_in, name, work, password) VALUES (?, 'x', 'x', 'x')", account.signIn().toUpperCase())))
            .extracting(e -> ((DatabaseTrouble) e).what()).isEqualTo(DatabaseTrouble.What.STANDS_TWICE);
        assertThatThrownBy(() -> database.write(session -> session.update("INSERT INTO vocabulary (head) VALUES (1)")))
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
        assertThatThrownBy(() -> Backup.copy(home.resolve("dwimble.db"), folder.resolve("copy.db"))).as("an older backup is not overwritten").isInstanceOf(java.sql.SQLException.class);
    }
}
