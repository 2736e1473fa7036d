package org.dwimble.server.screen;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Cell sizes on a screen, over HTTP. */
@ExtendWith(TestServer.class)
class SizesApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private final Student nour = TestServer.student("Nour", odile);
    private final String sizes = "/api/students/" + nour.id() + "/sizes";

    @Test
    void eachVocabularyStarterAndGridIsToldOnTheStudentsScreen() {
        TestServer.copy("first-choices", nour, odile);
        JsonNode told = http.get(sizes).json();
        assertThat(told.get("lines").valueStream().map(l -> l.get("of").asString()).distinct()).containsExactly("VOCABULARY", "STARTER", "GRID");
        assertThat(told.get("lines").get(0).get("name").asString()).contains("Nour");
        assertThat(told.get("lines").get(0).has("suits")).as("nothing was found out about this hand").isFalse();
        assertThat(told.get("screen").get("width").asLong()).isEqualTo(nour.screen().width().micrometres());
    }

    @Test
    void anotherScreenIsMeasuredByItsDiagonalOrByABankCard() {
        assertThat(http.get(sizes + "?diagonal=10&across=800&down=600").json().get("screen").get("width").asLong()).isEqualTo(203_200);
        assertThat(http.get(sizes + "?card=428&across=1000&down=750").json().get("screen").get("width").asLong()).isEqualTo(200_000);
        assertThat(http.get(sizes + "?width=100000&height=80000").json().get("screen").get("height").asLong()).isEqualTo(80_000);
        assertThat(http.get(sizes + "?diagonal=-1&across=800&down=600").sentence()).contains("Nothing was changed");
        assertThat(http.get(sizes + "?card=1&across=80000&down=600").status()).as("a wall is no screen").isEqualTo(422);
    }

    @Test
    void whoMayNotLookIntoTheStudentIsToldNothing() {
        Account grandmother = TestServer.account("Wiesia");
        assertThat(Http.as(grandmother).get(sizes).status()).isEqualTo(404);
        TestServer.join(nour, grandmother, Role.TALKER);
        assertThat(Http.as(grandmother).get(sizes).status()).isEqualTo(403);
    }
}
