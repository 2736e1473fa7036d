package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.server.SetClock;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Data of an earlier release, and this one. */
class BeforeUpdateTest {
    @TempDir
    Path home;
    private final SetClock clock = new SetClock("2026-11-27T09:00:00Z");

    private Flyway flyway(String target) {
        return Flyway.configure().dataSource("jdbc:sqlite:" + home.resolve("dwimble.db"), null, null).locations("classpath:db/migration").target(target).load();
    }

    private List<String> backups() throws IOException {
        if (!Files.exists(home.resolve("backups"))) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(home.resolve("backups"))) {
            return files.map(f -> f.getFileName().toString()).toList();
        }
    }

    @Test
    void anUpdateMakesABackupFirstAndAStartWithoutOneDoesNot() throws Exception {
        BeforeUpdate update = new BeforeUpdate(home, clock);
        update.migrate(flyway("9"));
        assertThat(backups()).as("new data need none").isEmpty();
        update.migrate(flyway("latest"));
        assertThat(backups()).hasSize(1).first().asString().startsWith("before-update-2026-11-27-").endsWith(".db");
        Path kept = home.resolve("backups").resolve(backups().get(0));
        assertThat(Flyway.configure().dataSource("jdbc:sqlite:" + kept, null, null).locations("classpath:db/migration").load().info().current()
            .getVersion().getVersion())
            .isEqualTo("9");
        update.migrate(flyway("latest"));
        assertThat(backups()).hasSize(1);
    }

    @Test
    void withoutABackupNothingIsChanged() throws Exception {
        BeforeUpdate update = new BeforeUpdate(home, clock);
        update.migrate(flyway("9"));
        Files.writeString(home.resolve("backups"), "no folder");
        Flyway latest = flyway("latest");
        assertThatThrownBy(() -> update.migrate(latest)).isInstanceOf(DataFolder.Refused.class).hasMessageContaining("nothing was changed");
        assertThat(flyway("latest").info().current().getVersion().getVersion()).isEqualTo("9");
    }
}
