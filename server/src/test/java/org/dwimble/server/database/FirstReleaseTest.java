package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.GZIPInputStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.told.Told;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.version.Version;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** A school that has worked with the first release brings its database along: 135 documents, 108 versions, some of them undone. */
class FirstReleaseTest {
    private static final long ILSES_WORDS = 3;
    @TempDir
    Path home;

    @Test
    void whatTheFirstReleaseKeptIsAllThereInOneLine() throws Exception {
        try (InputStream in = new GZIPInputStream(FirstReleaseTest.class.getResourceAsStream("first-release.db.gz"))) {
            Files.copy(in, home.resolve("dwimble.db"));
        }
        try (ServletWebServerApplicationContext app = TestServer.start(home)) {
            VocabularyStore store = app.getBean(VocabularyStore.class);
            VocabularyStore.Kept kept = store.find(ILSES_WORDS).orElseThrow();
            Board harbour = kept.vocabulary().boards().values().stream().filter(b -> b.name().equals("The harbour")).findFirst().orElseThrow();
            assertThat(harbour.buttons()).extracting(Button::label).contains("blue kite", "jellyfish", "gate", "rain").doesNotContain("kite", "red kite");
            assertThat(harbour.buttons().stream().filter(b -> b.label().equals("seal")).findFirst().orElseThrow().layers())
                .containsExactly(Layer.whole("base/seal"), new Layer("core/not", 100, 100, 500));
            assertThat(kept.vocabulary().boards().values()).extracting(Board::name).doesNotContain("Pier");

            List<Version> line = store.versions(ILSES_WORDS, 1000);
            assertThat(line.get(0).number()).as("39 versions, a way back to before the branch, and the last undo").isEqualTo(41).isEqualTo(kept.version());
            assertThat(line.get(0).told()).isEqualTo(Told.of("took-back", "what", Told.of("took-off", "button", "rain", "board", "The harbour")));
            assertThat(line.get(0).by()).as("who undid was not kept").isNull();
            assertThat(line).filteredOn(v -> v.told().key().equals("went-back")).singleElement().satisfies(v -> {
                assertThat(v.number()).isEqualTo(33);
                assertThat(v.told()).isEqualTo(Told.of("went-back", "version", 30));
                assertThat(store.version(ILSES_WORDS, 33).orElseThrow()).isEqualTo(store.version(ILSES_WORDS, 30).orElseThrow());
            });
            assertThat(line).extracting(v -> v.told().key()).as("every sentence was read").doesNotContain("changed-whole");
            assertThat(line.get(line.size() - 1).told()).isEqualTo(Told.of("copied", "name", "Starter 40"));

            Vocabulary redKite = store.version(ILSES_WORDS, 31).orElseThrow();
            assertThat(redKite.board(harbour.id()).orElseThrow().buttons()).extracting(Button::label).contains("red kite");
            Button jellyfish = harbour.buttons().stream().filter(b -> b.label().equals("jellyfish")).findFirst().orElseThrow();
            assertThat(store.edit(ILSES_WORDS, 41, new GiveLabel(harbour.id(), jellyfish.id(), "big jelly"), VocabularyStore.Asking.NOTHING, 1,
                java.time.Instant.now()).after().version()).isEqualTo(42);
            assertThat(store.undo(ILSES_WORDS, null, VocabularyStore.Asking.NOTHING, 1, java.time.Instant.now()).after().vocabulary())
                .isEqualTo(kept.vocabulary());

            AccountStore accounts = app.getBean(AccountStore.class);
            assertThat(accounts.bySignIn("Ödile").orElseThrow().name()).isEqualTo("Ödile");
            assertThat(accounts.bySignIn("ödile").orElseThrow().name()).as("both can still sign in").isEqualTo("Second Ödile");
            assertThat(accounts.bySignIn("ODILE").orElseThrow().name()).isEqualTo("Odile");

            Http http = new Http(app.getWebServer().getPort());
            http.get("/api/session");
            assertThat(http.post("/api/session", "{\"signIn\":\"odile\",\"password\":\"low tide at nine\"}").status()).isEqualTo(200);
            assertThat(http.get("/api/students").json().get(0).get("vocabulary").get("name").asString()).isEqualTo("Ilse’s words");
            assertThat(http.get("/api/vocabularies/3/package.obz").status()).isEqualTo(200);
        }
    }
}
