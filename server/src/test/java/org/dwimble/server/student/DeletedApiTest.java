package org.dwimble.server.student;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class DeletedApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long vocabulary = TestServer.copy("first-choices", ilse, odile);
    private final Http http = Http.as(odile);
    private final Http hers = Http.as(marit);

    @Test
    void aDeletedVocabularyIsNowhereUntilItIsHadBackAsItWas() {
        TestServer.join(ilse, marit, Role.EDITOR);
        http.post("/api/vocabularies/" + vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"rename-vocabulary\",\"name\":\"At home\"}}");
        assertThat(hers.send("DELETE", "/api/vocabularies/" + vocabulary, null).status()).isEqualTo(200);
        assertThat(http.get("/api/vocabularies/" + vocabulary).status()).isEqualTo(404);
        assertThat(http.get("/api/students/" + ilse.id() + "/vocabularies").json().size()).isZero();
        assertThat(http.get("/api/students").json().get(0).has("vocabulary")).isFalse();
        JsonNode deleted = http.get("/api/deleted").json().get(0);
        assertThat(deleted.get("name").asString()).isEqualTo("At home");
        assertThat(deleted.get("of").asString()).isEqualTo("Ilse");
        assertThat(deleted.get("by").asString()).isEqualTo("Marit");
        assertThat(http.post("/api/deleted/restored", "{\"what\":\"VOCABULARY\",\"id\":\"" + vocabulary + "\"}").json().size()).isZero();
        assertThat(http.get("/api/vocabularies/" + vocabulary).json().get("version").asInt()).isEqualTo(2);
    }

    @Test
    void aDeletedStudentTakesTheVocabulariesAlongAndBringsThemBack() {
        TestServer.join(ilse, marit, Role.EDITOR);
        assertThat(hers.send("DELETE", "/api/students/" + ilse.id(), null).status()).as("only who owns").isEqualTo(403);
        assertThat(http.send("DELETE", "/api/students/" + ilse.id(), null).status()).isEqualTo(200);
        assertThat(http.get("/api/vocabularies/" + vocabulary).status()).isEqualTo(404);
        assertThat(http.get("/api/students/" + ilse.id()).status()).isEqualTo(404);
        assertThat(http.get("/api/students").json().size()).isZero();
        assertThat(hers.get("/api/deleted").json().size()).as("who does not own it cannot have it back").isZero();
        assertThat(hers.post("/api/deleted/restored", "{\"what\":\"STUDENT\",\"id\":\"" + ilse.id() + "\"}").status()).isEqualTo(404);
        assertThat(http.post("/api/deleted/restored", "{\"what\":\"STUDENT\",\"id\":\"" + ilse.id() + "\"}").status()).isEqualTo(200);
        assertThat(http.get("/api/vocabularies/" + vocabulary).status()).isEqualTo(200);
    }

    @Test
    void afterThirtyDaysItCannotBeHadAnyMore() {
        DeletedStore store = TestServer.bean(DeletedStore.class);
        Instant now = Instant.parse("2026-11-25T10:00:00Z");
        store.deleteVocabulary(vocabulary, odile.id(), now);
        assertThat(store.ofAccount(odile.id(), now.plus(Duration.ofDays(30)))).hasSize(1);
        assertThat(store.ofAccount(odile.id(), now.plus(Duration.ofDays(30)).plusSeconds(1))).isEmpty();
    }
}
