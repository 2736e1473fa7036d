package org.dwimble.server.passage;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What of a text can be said, over HTTP. */
@ExtendWith(TestServer.class)
class PassageApiTest {
    private static final String SONG = "{\"texts\":[\"We went to the cormorants. Piran saw 3 boats, and we didn't want to go home.\"]}";
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student tomasz;
    private String here;

    @BeforeEach
    void copies() {
        tomasz = TestServer.student("Tomasz", odile);
        here = "/api/vocabularies/" + TestServer.copy("starter-40", tomasz, odile);
    }

    private static JsonNode line(JsonNode read, String written) {
        return read.get("lines").valueStream().filter(l -> l.get("written").valueStream().anyMatch(w -> w.asString().equals(written))).findFirst()
            .orElseThrow();
    }

    @Test
    void wordsAreToldWithTheirWayOrAsMissing() {
        JsonNode read = http.post(here + "/passage", SONG).json();
        assertThat(line(read, "went").get("word").asString()).isEqualTo("go");
        assertThat(line(read, "went").get("taps").asInt()).isEqualTo(1);
        assertThat(line(read, "went").get("places").get(0).get("button").get("layers").size()).isEqualTo(1);
        assertThat(line(read, "cormorants").get("can").asString()).isEqualTo("MISSING");
        assertThat(line(read, "Piran").get("sort").asString()).isEqualTo("NAME");
        assertThat(line(read, "3").get("sort").asString()).isEqualTo("NUMBER");
        assertThat(line(read, "didn't").get("places").size()).isEqualTo(2);
        assertThat(read.get("all").get("words").asInt()).isEqualTo(14);
        assertThat(read.get("each").size()).isEqualTo(1);
    }

    @Test
    void severalTextsAreReadTogetherAndEachHasItsShare() {
        JsonNode read = http.post(here + "/passage", "{\"texts\":[\"want want\",\"whelks\",\" \"]}").json();
        assertThat(read.get("each").valueStream().map(e -> e.get("said").asInt())).containsExactly(2, 0, 0);
        assertThat(read.get("all").get("words").asInt()).isEqualTo(3);
        assertThat(http.post(here + "/passage", "{\"texts\":[]}").sentence()).contains("No text was given");
        assertThat(http.post(here + "/passage", "{\"texts\":[\" … \"]}").sentence()).contains("no words in this");
        assertThat(http.post(here + "/passage", "{\"texts\":[\"" + "sea ".repeat(40_000) + "\"]}").sentence()).contains("120,000", "Nothing was lost");
        assertThat(http.post(here + "/passage", "{\"texts\":[\"" + "sea ".repeat(500_000) + "\"]}").status()).isBetween(400, 422);
    }

    @Test
    void whyAWordIsHeldIsToldAndAFactToThoseAloneWhoKnowIt() {
        JsonNode kept = http.get(here + "/boards/home").json();
        String want = kept.get("buttons").valueStream().filter(b -> b.get("label").asString().equals("want")).findFirst().orElseThrow().get("id").asString();
        String hold = "{\"base\":1,\"edit\":{\"type\":\"hold-words\",\"words\":{\"andOpened\":false,\"allBut\":false,\"buttons\":[\"" + want
            + "\"]},\"reason\":\"after the holidays\",\"fact\":true}}";
        assertThat(http.post(here + "/edits", hold).status()).isEqualTo(200);
        JsonNode read = line(http.post(here + "/passage", SONG).json(), "want");
        assertThat(read.get("can").asString()).isEqualTo("HELD");
        assertThat(read.get("why").asString()).contains("after the holidays");
        Account viewer = TestServer.account("Marit");
        TestServer.join(tomasz, viewer, Role.VIEWER);
        assertThat(line(Http.as(viewer).post(here + "/passage", SONG).json(), "want").get("why").asString()).isNotEmpty()
            .doesNotContain("after the holidays");
    }

    @Test
    void whoMayNotLookIntoThemReadsNothing() {
        assertThat(Http.as(TestServer.account("Marit")).post(here + "/passage", SONG).status()).isEqualTo(404);
        Account grandmother = TestServer.account("Wiesia");
        TestServer.join(tomasz, grandmother, Role.TALKER);
        assertThat(Http.as(grandmother).post(here + "/passage", SONG).status()).isEqualTo(403);
    }
}
