package org.dwimble.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.dwimble.core.board.Button;
import org.dwimble.core.grant.Role;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.ServerProcess;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.student.StudentStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** The short form of the load in the bench: many people, each signed in, on one vocabulary of a server in a process of its own. */
class ManyPeopleTest {
    private static final int PEOPLE = 12;
    private static final int EDITS_EACH = 10;

    @TempDir
    Path home;

    @Test
    void whatEverybodyWasToldIsKeptIsKept() throws Exception {
        List<Account> people = new ArrayList<>();
        List<String> words = new ArrayList<>();
        long vocabulary;
        try (ServletWebServerApplicationContext first = TestServer.start(home)) {
            StudentStore students = first.getBean(StudentStore.class);
            VocabularyStore store = first.getBean(VocabularyStore.class);
            for (int i = 0; i < PEOPLE; i++) {
                people.add(first.getBean(AccountStore.class).create("person" + i, "Person " + i, "", TestServer.PASSWORD, false));
            }
            students.add(new Student("ilse", "Ilse", 1, "", UsualScreen.COMMON.screen(), Appearance.USUAL), people.get(0).id());
            people.subList(1, PEOPLE).forEach(p -> students.join("ilse", p.id(), Role.EDITOR));
            VocabularyStore.Kept starter = store.starters().get(1);
            starter.vocabulary().boards().get("eating").buttons().stream().filter(Button::isWord).limit(PEOPLE).forEach(b -> words.add(b.id()));
            vocabulary = store.copy(starter.id(), "ilse", "Ilse’s words", people.get(0).id(), Instant.now());
        }
        ExecutorService at = Executors.newFixedThreadPool(PEOPLE);
        try (ServerProcess server = ServerProcess.start(home, "-XX:TieredStopAtLevel=1")) {
            List<Future<List<Integer>>> done = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                Http http = Http.as(people.get(i), server.port());
                String word = words.get(i);
                done.add(at.submit(() -> edits(http, vocabulary, word)));
            }
            for (Future<List<Integer>> one : done) {
                assertThat(one.get()).as("nobody meets anybody").containsOnly(200).hasSize(EDITS_EACH);
            }
        } finally {
            at.shutdown();
        }
        try (ServletWebServerApplicationContext again = TestServer.start(home)) {
            VocabularyStore.Kept kept = again.getBean(VocabularyStore.class).find(vocabulary).orElseThrow();
            assertThat(kept.version()).isEqualTo(1 + PEOPLE * EDITS_EACH);
            assertThat(words).allSatisfy(w -> assertThat(kept.vocabulary().boards().get("eating").button(w).orElseThrow().label())
                .isEqualTo("word " + (EDITS_EACH - 1)));
        }
    }

    /** One after the other, each against the version the one before left; others come in between all the while. */
    private static List<Integer> edits(Http http, long vocabulary, String word) {
        List<Integer> statuses = new ArrayList<>();
        int base = 1;
        for (int n = 0; n < EDITS_EACH; n++) {
            Http.Answer answer = http.post("/api/vocabularies/" + vocabulary + "/edits",
                "{\"base\":" + base + ",\"edit\":{\"type\":\"give-label\",\"board\":\"eating\",\"button\":\"" + word + "\",\"label\":\"word " + n + "\"}}");
            statuses.add(answer.status());
            base = answer.status() == 200 ? answer.json().get("vocabulary").get("version").asInt() : base;
        }
        return statuses;
    }
}
