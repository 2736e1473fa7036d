package org.dwimble.server.grow;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.core.use.UseKept;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.use.UseStore;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Words that grow over HTTP: what is proposed, growing, and one word again. */
@ExtendWith(TestServer.class)
class GrowthApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student ilse;
    private long id;
    private String here;
    private String juice;

    @BeforeEach
    void copies() {
        ilse = TestServer.student("Ilse", odile);
        id = TestServer.copy("first-choices", ilse, odile);
        here = "/api/vocabularies/" + id;
        juice = button("juice").get("id").asString();
    }

    private JsonNode button(String label) {
        return http.get(here + "/boards/drink").json().get("buttons").valueStream().filter(b -> b.get("label").asString().equals(label)).findFirst()
            .orElseThrow();
    }

    private String growing(JsonNode proposal, boolean says) {
        return "{\"base\":%d,\"board\":\"drink\",\"button\":\"%s\",\"from\":%s,\"kin\":\"%s\",\"firstSays\":%b}".formatted(version(), juice,
            proposal.path("from").isMissingNode() ? "null" : proposal.get("from").asString(), proposal.get("kin").get("id").asString(), says);
    }

    private int version() {
        return http.get(here).json().get("version").asInt();
    }

    private JsonNode proposal() {
        return http.get(here + "/growth?board=drink&button=" + juice).json().get(0);
    }

    @Test
    void whatAWordCouldGrowIntoIsToldWithWhatItAddsAndWhatItCosts() {
        JsonNode proposal = proposal();
        assertThat(proposal.get("fromName").asString()).isEqualTo("Starter 40");
        assertThat(proposal.get("adds").size()).isGreaterThan(5);
        assertThat(proposal.get("taps").asInt()).isEqualTo(2);
        assertThat(proposal.get("furtherMm").asDouble()).isPositive();
        assertThat(proposal.get("kin").get("buttons").toString()).contains("\"label\":\"juice\"");
        JsonNode all = http.get(here + "/growth").json();
        assertThat(all.size()).isGreaterThan(3);
        assertThat(all.get(0).get("adds").size()).isGreaterThanOrEqualTo(all.get(1).get("adds").size());
        assertThat(http.get(here + "/growth?board=drink&button=gone").sentence()).contains("no longer");
    }

    @Test
    void aWordGrowsAndIsOneWordAgainAsBefore() {
        String before = http.get(here + "/boards/drink").json().get("buttons").toString();
        JsonNode changed = http.post(here + "/growth", growing(proposal(), false)).json();
        assertThat(changed.get("boards").size()).isEqualTo(2);
        assertThat(button("juice").get("leads").get("type").asString()).isEqualTo("opens");
        assertThat(http.post(here + "/growth", growing(http.get(here + "/growth").json().get(0), true)).sentence()).contains("already");
        JsonNode shrinking = http.get(here + "/growth/shrinking?board=drink&button=" + juice).json();
        assertThat(shrinking.get("goes").asBoolean()).isTrue();
        assertThat(http.post(here + "/growth/shrinking", shrunk()).status()).isEqualTo(200);
        assertThat(http.get(here + "/boards/drink").json().get("buttons")).hasToString(before);
        assertThat(http.get(here).json().get("boards").size()).isEqualTo(7);
        assertThat(http.post(here + "/growth/shrinking", shrunk()).sentence()).contains("nothing to shrink");
        assertThat(http.get(here + "/versions").json().toString()).contains("grow: it opens", "be one word again");
    }

    private String shrunk() {
        return "{\"base\":%d,\"board\":\"drink\",\"button\":\"%s\"}".formatted(version(), juice);
    }

    @Test
    void whatWasAddedMeanwhileWaitsAndIsThereWhenItGrowsAgain() {
        http.post(here + "/growth", growing(proposal(), true));
        String opened = button("juice").get("leads").get("board").asString();
        assertThat(http.post(here + "/words", "{\"base\":%d,\"board\":\"%s\",\"text\":\"cocoa\"}".formatted(version(), opened)).status()).isEqualTo(200);
        assertThat(http.get(here + "/growth/shrinking?board=drink&button=" + juice).json().get("added").toString()).isEqualTo("[\"cocoa\"]");
        http.post(here + "/growth/shrinking", shrunk());
        assertThat(http.get(here + "/boards/" + opened).json().toString()).contains("cocoa");
        JsonNode again = proposal();
        assertThat(again.has("from")).as("the board that waits here comes first").isFalse();
        assertThat(again.get("adds").toString()).contains("cocoa");
        assertThat(http.post(here + "/growth", growing(again, true)).status()).isEqualTo(200);
        assertThat(button("juice").get("leads").get("board").asString()).isEqualTo(opened);
    }

    @Test
    void whoMayNotChangeThemGrowsNothingAndNobodySeesWhatIsAnothers() {
        Account marit = TestServer.account("Marit");
        long hers = TestServer.copy("starter-40", TestServer.student("Bo", marit), marit);
        String from = growing(proposal(), true).replaceFirst("\"from\":\\d+", "\"from\":" + hers);
        assertThat(http.post(here + "/growth", from).status()).isEqualTo(404);
        assertThat(http.get(here + "/growth?board=drink&button=" + juice).json().toString()).doesNotContain("\"from\":" + hers);
        TestServer.join(ilse, marit, Role.VIEWER);
        Http by = Http.as(marit);
        assertThat(by.get(here + "/growth").status()).isEqualTo(403);
        assertThat(by.get(here + "/growth/shrinking?board=drink&button=" + juice).status()).isEqualTo(403);
        assertThat(by.post(here + "/growth", growing(proposal(), true)).status()).isEqualTo(403);
        assertThat(by.post(here + "/growth/shrinking", shrunk()).status()).isEqualTo(403);
        assertThat(TestServer.bean(VocabularyStore.class).there(id).version()).isEqualTo(1);
    }

    @Test
    void ofTwoWhoLetOneWordGrowAtOnceTheSecondIsTold() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        String growing = growing(proposal(), true);
        assertThat(http.post(here + "/growth", growing).status()).isEqualTo(200);
        assertThat(Http.as(marit).post(here + "/growth", growing).status()).isEqualTo(409);
        assertThat(http.get(here).json().get("boards").size()).as("one board alone came").isEqualTo(8);
    }

    private String planned(String steps) {
        return "{\"base\":%d,\"steps\":%s,\"ahead\":{\"name\":\"Words grow\",\"soFar\":\"So far\",\"first\":null,\"every\":14}}".formatted(version(), steps);
    }

    private static String word(JsonNode proposal) {
        return "{\"board\":\"%s\",\"button\":\"%s\",\"from\":%s,\"kin\":\"%s\",\"firstSays\":false}".formatted(proposal.get("board").asString(),
            proposal.get("word").get("id").asString(), proposal.path("from").isMissingNode() ? "null" : proposal.get("from").asString(),
            proposal.get("kin").get("id").asString());
    }

    @Test
    void severalWordsGrowOneAfterTheOtherAsStepsOfThePlan() {
        List<JsonNode> all = http.get(here + "/growth").json().valueStream().toList();
        assertThat(http.post(here + "/growth/plan", planned("[[%s],[%s]]".formatted(word(all.get(0)), word(all.get(1))))).status()).isEqualTo(200);
        JsonNode now = http.get(here).json();
        assertThat(now.get("plan").get("steps").valueStream().map(s -> s.get("name").asString())).containsExactly("So far", "Words grow 1", "Words grow 2");
        assertThat(now.get("counts").get("byStep").get(1).asInt()).as("what it adds, itself, and what is elsewhere too")
            .isGreaterThan(all.get(0).get("adds").size());
        assertThat(http.get(here + "/versions").json().toString()).contains("planned that 2 words grow in 2 steps");
        assertThat(http.post(here + "/growth/plan", planned("[[]]")).status()).isEqualTo(422);
        assertThat(http.post(here + "/growth/plan", planned("[null]")).status()).isEqualTo(422);
        assertThat(http.post(here + "/growth/plan", planned("[[null]]")).status()).isEqualTo(422);
    }

    @Test
    void whatGrowsIsAskedForOfOneBoardOfThoseItOpensOrOfAll() {
        assertThat(http.get(here + "/growth?board=drink").json().valueStream().map(p -> p.get("board").asString())).isNotEmpty().containsOnly("drink");
        assertThat(http.get(here + "/growth?board=home&scope=ALL").json()).isEqualTo(http.get(here + "/growth").json());
        assertThat(http.get(here + "/growth?board=nowhere&scope=OPENED").sentence()).contains("no longer");
    }

    @Test
    void howOftenAWordWasSaidIsAReasonForThoseWhoMayKnow() {
        TestServer.bean(UseStore.class).add(ilse.id(), "growing", UseKept.COUNTS, LocalDate.now(), Map.of("juice", 12), List.of(), Instant.now());
        assertThat(proposal().get("times").asInt()).isEqualTo(12);
    }
}
