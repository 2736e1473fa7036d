package org.dwimble.server.database.migration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The table of vocabularies is made anew: what refers to it, and what it refers to in itself, is as it was. */
class BundlesMigrationTest {
    @TempDir
    Path folder;

    private void migrate(String to) {
        Flyway.configure().dataSource(url(), null, null).locations("classpath:db/migration")
            .javaMigrations(new V4__line_of_versions(), new V12__list_media(), new V14__list_revisions()).target(to).load().migrate();
    }

    private String url() {
        return "jdbc:sqlite:" + folder.resolve("school.db") + "?foreign_keys=on";
    }

    private static List<String> rows(Statement statement, String query) throws SQLException {
        List<String> rows = new ArrayList<>();
        try (ResultSet found = statement.executeQuery(query)) {
            while (found.next()) {
                rows.add(found.getString(1));
            }
        }
        return rows;
    }

    @Test
    void copiesAndSeriesOfFirstBoardsAreBroughtAlong() throws SQLException {
        migrate("27");
        try (Connection connection = DriverManager.getConnection(url()); Statement statement = connection.createStatement()) {
            statement.execute("INSERT INTO vocabulary (id, starter, name) VALUES (1, 'few', 'Few')");
            statement.execute("INSERT INTO vocabulary (id, starter, name, copied_from, copied_version, note) VALUES (2, 'more', 'More', 1, 3, 'why')");
            statement.execute("PRAGMA foreign_keys = OFF");
            statement.execute("INSERT INTO first_series (id, name, made_by, made_at) VALUES (1, 'Kittiwake', 1, '2026-11-01T08:00:00Z')");
            statement.execute("INSERT INTO first_series_board (series_id, place, vocabulary_id) VALUES (1, 0, 2)");
        }
        migrate("28");
        try (Connection connection = DriverManager.getConnection(url()); Statement statement = connection.createStatement()) {
            assertThat(rows(statement, "SELECT name || ' ' || coalesce(copied_from, '') || ' ' || coalesce(note, '') FROM vocabulary ORDER BY id"))
                .containsExactly("Few  ", "More 1 why");
            assertThat(rows(statement, "SELECT vocabulary_id FROM first_series_board")).containsExactly("2");
            assertThat(rows(statement, "SELECT \"table\" FROM pragma_foreign_key_check WHERE \"parent\" = 'vocabulary'")).isEmpty();
            assertThatThrownBy(() -> statement.execute("INSERT INTO vocabulary (name) VALUES ('nobody''s')")).hasMessageContaining("CHECK");
        }
    }
}
