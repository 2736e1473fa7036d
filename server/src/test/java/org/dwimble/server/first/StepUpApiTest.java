package org.dwimble.server.first;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The step from first boards to a starter over HTTP. */
@ExtendWith(TestServer.class)
class StepUpApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private final Student wren = TestServer.student("Wren", odile);

    @Test
    void theStepIsToldMadeAndTakenBackAndTwoWhoMakeItMeet() {
        JsonNode made = http.post("/api/students/" + wren.id() + "/first-boards", "{\"cells\":4,\"text\":\"more, tractor\"}").json();
        String path = "/api/vocabularies/" + made.get("vocabulary").asLong();
        JsonNode steps = http.get(path + "/step-up").json();
        assertThat(steps.get("steps")).hasSizeGreaterThan(1);
        assertThat(steps.get("steps").get(0).get("moved").get(0).get("word").asString()).isEqualTo("more");
        assertThat(steps.get("steps").get(0).get("stays").get(0).asString()).isEqualTo("tractor");
        String to = "{\"base\":2,\"starter\":\"first-choices\"}";
        JsonNode stepped = http.post(path + "/step-up", to).json();
        assertThat(stepped.get("vocabulary").get("boards").size()).isGreaterThan(4);
        Account marit = TestServer.account("Marit");
        TestServer.join(wren, marit, Role.EDITOR);
        assertThat(Http.as(marit).post(path + "/step-up", to).status()).as("she looked at what is no more").isEqualTo(409);
        assertThat(http.post(path + "/undo", "{}").status()).isEqualTo(200);
        assertThat(http.get(path).json().get("boards")).hasSize(1);
        assertThat(http.post(path + "/step-up", "{\"base\":4,\"starter\":\"nowhere\"}").status()).isEqualTo(422);
    }

    @Test
    void onlyWhoChangesBoardsSeesTheStepAndMakesIt() {
        JsonNode made = http.post("/api/students/" + wren.id() + "/first-boards", "{\"cells\":4,\"text\":\"more\"}").json();
        String path = "/api/vocabularies/" + made.get("vocabulary").asLong() + "/step-up";
        Account joris = TestServer.account("Joris");
        assertThat(Http.as(joris).get(path).status()).isEqualTo(404);
        TestServer.join(wren, joris, Role.VIEWER);
        assertThat(Http.as(joris).get(path).status()).isEqualTo(403);
        assertThat(Http.as(joris).post(path, "{\"base\":2,\"starter\":\"first-choices\"}").status()).isEqualTo(403);
    }
}
