package org.dwimble.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a device is told to keep, and who is not told. */
@ExtendWith(TestServer.class)
class TalkPackApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long words = TestServer.copy("first-choices", ilse, odile);
    private final String path = "/api/vocabularies/" + words + "/talk-pack";

    @Test
    void itIsTheSameUntilTheBoardsOrTheStudentsTalkChange() {
        JsonNode pack = http.get(path).json();
        assertThat(pack.get("pictures").toString()).contains("core/eat");
        assertThat(pack.get("spoken").toString()).contains("\"text\":\"eat\"");
        String mark = pack.get("mark").asString();
        assertThat(http.get(path + "?known=" + mark).status()).isEqualTo(204);

        String button = http.get("/api/vocabularies/" + words + "/boards/home").json().get("buttons").get(0).get("id").asString();
        http.post("/api/vocabularies/" + words + "/edits",
            "{\"base\":1,\"edit\":{\"type\":\"give-label\",\"board\":\"home\",\"button\":\"" + button + "\",\"label\":\"seaweed\"}}");
        JsonNode changed = http.get(path + "?known=" + mark).json();
        assertThat(changed.get("spoken").toString()).contains("seaweed");
        String seen = http.get("/api/students/" + ilse.id()).json().toString();
        http.send("PUT", "/api/students/" + ilse.id(), "{\"student\":" + seen.replace("\"restMs\":600", "\"restMs\":900") + ",\"was\":" + seen + "}");
        assertThat(http.get(path + "?known=" + changed.get("mark").asString()).status()).as("how a touch counts is in it").isEqualTo(200);
    }

    @Test
    void itIsAnotherOnceABookOnTheRowIs() {
        long book = http.post("/api/lists", "{\"student\":\"" + ilse.id() + "\",\"name\":\"Seals\",\"text\":\"one seal\",\"as\":\"BOOK\"}").json().get("id")
            .asLong();
        String mark = http.get(path).json().get("mark").asString();
        http.post("/api/lists/" + book + "/words", "{\"base\":1,\"chosen\":[{\"word\":\"two seals\"}]}");
        String then = http.get(path + "?known=" + mark).json().get("mark").asString();
        assertThat(then).isNotEqualTo(mark);
        http.send("DELETE", "/api/lists/" + book, (String) null);
        assertThat(http.get(path + "?known=" + then).status()).as("it is gone").isEqualTo(200);
    }

    @Test
    void whoMayNotTalkIsToldNothingToKeep() {
        Account marit = TestServer.account("Marit");
        Http hers = Http.as(marit);
        String screen = "/api/vocabularies/" + words + "/talk.webmanifest";
        assertThat(hers.get(path).status()).isEqualTo(404);
        assertThat(hers.get(screen).status()).isEqualTo(404);
        TestServer.join(ilse, marit, Role.PRINTER);
        assertThat(hers.get(path).status()).isEqualTo(403);
        TestServer.join(ilse, marit, Role.TALKER);
        assertThat(hers.get(path).status()).isEqualTo(200);
        JsonNode home = hers.send("GET", screen, (String) null).json();
        assertThat(home.get("name").asString()).isEqualTo("Ilse");
        assertThat(home.get("start_url").asString()).isEqualTo("/vocabularies/" + words + "/talk");
    }
}
