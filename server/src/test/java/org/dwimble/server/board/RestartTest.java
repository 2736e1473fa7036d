package org.dwimble.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.dwimble.core.board.Button;
import org.dwimble.server.Http;
import org.dwimble.server.ServerProcess;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.student.StudentStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** A real process, killed without warning in a stream of edits. */
class RestartTest {
    private static final int EDITS_BEFORE_THE_KILL = 40;

    @TempDir
    Path home;

    @Test
    void noAcknowledgedEditIsLostWhenTheProcessIsKilledAndUndoGoesOnAfterwards() throws Exception {
        long vocabulary;
        try (ServletWebServerApplicationContext first = TestServer.start(home)) {
            Account odile = first.getBean(AccountStore.class).create("odile", "Odile", "", TestServer.PASSWORD, true);
            var student = new org.dwimble.core.student.Student("ilse", "Ilse", 1, "", org.dwimble.core.screen.UsualScreen.COMMON.screen(),
                org.dwimble.core.picture.Appearance.USUAL);
            first.getBean(StudentStore.class).add(student, odile.id());
            VocabularyStore store = first.getBean(VocabularyStore.class);
            vocabulary = store.copy(store.starters().get(0).id(), "ilse", "Ilse’s words", odile.id(), java.time.Instant.now());
        }

        ConcurrentLinkedQueue<String> acknowledged = new ConcurrentLinkedQueue<>();
        Path aside = Files.createDirectory(home.resolve("temp"));
        try (ServerProcess server = ServerProcess.start(home, "-XX:TieredStopAtLevel=1", "-Djava.io.tmpdir=" + aside)) {
            Http http = Http.as(new Account(1, "odile", "Odile", "", true), server.port());
            Thread editor = new Thread(() -> edits(http, vocabulary, acknowledged));
            editor.start();
            while (acknowledged.size() < EDITS_BEFORE_THE_KILL && editor.isAlive()) {
                Thread.onSpinWait();
            }
            server.kill();
            editor.join(20_000);
        }

        assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(EDITS_BEFORE_THE_KILL);
        assertThat(aside).as("what it had no time to take away").isNotEmptyDirectory();
        try (ServletWebServerApplicationContext again = TestServer.start(home)) {
            assertThat(aside).isEmptyDirectory();
            assertThat(Files.readString(home.resolve("logs/dwimble.log"))).as("no name of a student, no word").contains("Started")
                .doesNotContain("Ilse", "apple");
            VocabularyStore store = again.getBean(VocabularyStore.class);
            VocabularyStore.Kept kept = store.find(vocabulary).orElseThrow();
            List<Object> labels = store.versions(vocabulary, 100_000).stream().map(v -> v.told().with().get("label")).toList();
            List<String> expected = new ArrayList<>(acknowledged);
            assertThat(labels).as("every acknowledged edit is a version").containsAll(expected);
            String last = expected.get(expected.size() - 1);
            String now = kept.vocabulary().boards().get("eat").button("eat-apple").map(Button::label).orElseThrow();
            assertThat(Integer.parseInt(now.substring(5))).isGreaterThanOrEqualTo(Integer.parseInt(last.substring(5)));
            VocabularyStore.Done undone = store.undo(vocabulary, null, VocabularyStore.Asking.NOTHING, 1, java.time.Instant.now());
            assertThat(undone.after().version()).isEqualTo(kept.version() + 1);
            assertThat(undone.after().vocabulary()).isEqualTo(store.version(vocabulary, kept.version() - 1).orElseThrow());
        }
    }

    private static void edits(Http http, long vocabulary, ConcurrentLinkedQueue<String> acknowledged) {
        try {
            for (int i = 1; i < 100_000; i++) {
                String label = "apple" + i;
                Http.Answer answer = http.post("/api/vocabularies/" + vocabulary + "/edits",
                    "{\"base\":" + i + ",\"edit\":{\"type\":\"give-label\",\"board\":\"eat\",\"button\":\"eat-apple\",\"label\":\"" + label + "\"}}");
                if (answer.status() != 200) {
                    return;
                }
                acknowledged.add(label);
            }
        } catch (RuntimeException killed) {
            // the server is gone, as meant
        }
    }
}
