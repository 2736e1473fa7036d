package org.dwimble.server.regrid;

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
import org.dwimble.server.use.UseStore;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Another grid over HTTP: seen, chosen, laid, taken back. */
@ExtendWith(TestServer.class)
class RegridApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student tomasz;
    private long id;
    private String here;

    @BeforeEach
    void copies() {
        tomasz = TestServer.student("Tomasz", odile);
        id = TestServer.copy("starter-40", tomasz, odile);
        here = "/api/vocabularies/" + id;
    }

    private int version() {
        return http.get(here).json().get("version").asInt();
    }

    private String onto(String board, String scope, int rows, int columns, String more) {
        return "{\"base\":%d,\"board\":\"%s\",\"scope\":\"%s\",\"rows\":%d,\"columns\":%d%s}".formatted(version(), board, scope, rows, columns, more);
    }

    private JsonNode preview(String regridding) {
        return http.post(here + "/regrid/preview", regridding).json();
    }

    @Test
    void whatALargerGridWouldDoIsToldWordByWordAndKeepsNothing() {
        JsonNode seen = preview(onto("home", "BOARD", 6, 9, ""));
        JsonNode shown = seen.get("shown");
        assertThat(shown.get("before").get("columns").asInt()).isEqualTo(8);
        assertThat(shown.get("after").get("columns").asInt()).isEqualTo(9);
        assertThat(shown.get("after").get("buttons").size()).isEqualTo(shown.get("before").get("buttons").size());
        assertThat(shown.get("cell").get("width").asDouble()).isGreaterThan(shown.get("cellThen").get("width").asDouble());
        assertThat(shown.get("linked").isEmpty()).isTrue();
        assertThat(seen.get("ways").valueStream().map(w -> w.get("how").asString())).containsExactly("NEAREST", "SAME_CELLS");
        assertThat(seen.get("second").get("cells").asInt()).as("all but home and back").isEqualTo(38);
        assertThat(seen.get("second").get("at").get("row").asInt()).isEqualTo(1);
        assertThat(seen.get("ways").get(0).get("mm").asDouble()).isLessThan(seen.get("ways").get(1).get("mm").asDouble());
        assertThat(http.get(here + "/boards/home").json().get("columns").asInt()).isEqualTo(8);
    }

    @Test
    void onASmallerGridTopicsGoToBoardsOfTheirOwn() {
        JsonNode shown = preview(onto("eating", "BOARD", 4, 5, "")).get("shown");
        assertThat(shown.get("going").isEmpty()).isFalse();
        assertThat(shown.get("linked").size()).isPositive();
        assertThat(shown.get("words").valueStream().filter(w -> !w.get("board").asString().equals("eating")).count())
            .isEqualTo(shown.get("going").valueStream().mapToLong(t -> t.get("words").size()).sum());
        JsonNode none = preview(onto("eating", "BOARD", 4, 5, ",\"topics\":[]")).get("shown");
        assertThat(none.get("going").get(0).path("name").isMissingNode()).isTrue();
        assertThat(http.post(here + "/regrid/preview", onto("eating", "BOARD", 1, 2, "")).sentence()).contains("too small", "Nothing was changed");
        assertThat(http.post(here + "/regrid/preview", onto("eating", "BOARD", 41, 2, "")).status()).isEqualTo(422);
        assertThat(http.post(here + "/regrid/preview", onto("nowhere", "BOARD", 4, 5, "")).sentence()).contains("no longer");
        assertThat(http.post(here + "/regrid/preview", onto("home", "BOARD", 5, 7, ",\"pinned\":[0]")).sentence()).contains("Row 1 of Home");
    }

    @Test
    void aSectionAndAllAreLaidAtOnceAndTakenBackAtOnce() {
        JsonNode section = preview(onto("eating", "OPENED", 6, 9, ",\"shown\":\"eating\""));
        assertThat(section.get("boards").size()).isGreaterThan(1).isLessThan(25);
        assertThat(section.get("boards").toString()).doesNotContain("\"board\":\"home\"");
        String before = http.get(here + "/boards/eating").json().toString();
        JsonNode all = http.post(here + "/regrid", onto("home", "ALL", 6, 9, "")).json();
        assertThat(all.get("boards").size()).isEqualTo(25);
        assertThat(all.get("boards").valueStream().map(b -> b.get("columns").asInt())).containsOnly(9);
        assertThat(http.get(here + "/versions").json().toString()).contains("laid 25 boards on a grid of 6 x 9");
        assertThat(http.post(here + "/undo", "{}").status()).isEqualTo(200);
        assertThat(http.get(here + "/boards/eating").json()).hasToString(before);
    }

    @Test
    void wordsSaidOftenWeighMore() {
        assertThat(preview(onto("home", "BOARD", 5, 7, "")).get("counts").asBoolean()).isFalse();
        TestServer.bean(UseStore.class).add(tomasz.id(), "once", UseKept.COUNTS, LocalDate.now(), Map.of("want", 40), List.of(), Instant.now());
        JsonNode seen = preview(onto("home", "BOARD", 5, 7, ""));
        assertThat(seen.get("counts").asBoolean()).isTrue();
        assertThat(seen.get("shown").get("words").valueStream().filter(w -> w.get("label").asString().equals("want")).findFirst().orElseThrow().get("times")
            .asInt()).isEqualTo(40);
    }

    @Test
    void turnedItIsLaidForAScreenHeldTheOtherWay() {
        JsonNode shown = preview(onto("home", "BOARD", 8, 5, ",\"turned\":true")).get("shown");
        assertThat(shown.get("cellThen").get("width").asDouble()).isGreaterThan(20);
        assertThat(shown.get("after").get("rows").asInt()).isEqualTo(8);
        assertThat(http.get("/api/students/" + tomasz.id()).json().get("screen").get("width").asLong()).as("it was only looked at")
            .isEqualTo(tomasz.screen().width().micrometres());
        http.post(here + "/regrid", onto("home", "BOARD", 8, 5, ",\"turned\":true"));
        assertThat(http.get("/api/students/" + tomasz.id()).json().get("screen").get("width").asLong()).as("held so from then on")
            .isEqualTo(tomasz.screen().height().micrometres());
    }

    @Test
    void whoseWordsKeepTheirPlacesIsAskedForTheReason() {
        http.changeStudent(tomasz.id(),
            "{\"name\":\"Tomasz\",\"className\":\"\",\"screen\":{\"width\":200000,\"height\":150000},\"placesKept\":true}");
        assertThat(http.post(here + "/regrid?sure=true", onto("home", "BOARD", 5, 7, "")).status()).isEqualTo(428);
        assertThat(http.post(here + "/regrid?sure=true&reason=A+larger+tablet", onto("home", "BOARD", 5, 7, "")).status()).isEqualTo(200);
    }

    @Test
    void whoMayNotChangeSeesNoGridToComeAndLaysNone() {
        Account looker = TestServer.account("Wiesia");
        TestServer.join(tomasz, looker, Role.VIEWER);
        assertThat(Http.as(looker).post(here + "/regrid/preview", onto("home", "BOARD", 6, 9, "")).status()).isEqualTo(403);
        assertThat(Http.as(looker).post(here + "/regrid", onto("home", "BOARD", 6, 9, "")).status()).isEqualTo(403);
        assertThat(Http.as(TestServer.account("Piran")).post(here + "/regrid/preview", onto("home", "BOARD", 6, 9, "")).status()).isEqualTo(404);
    }

    @Test
    void ofTwoAtOnceTheSecondIsAskedWhatTheFirstChangedThere() {
        String onto = onto("eating", "BOARD", 6, 9, "");
        assertThat(http.post(here + "/words", "{\"base\":%d,\"board\":\"eating\",\"text\":\"seaweed\"}".formatted(version())).status()).isEqualTo(200);
        assertThat(http.post(here + "/regrid?sure=true", onto).status()).isEqualTo(409);
        assertThat(http.get(here + "/boards/eating").json().get("columns").asInt()).isEqualTo(8);
    }

    private static final String STEPS = ",\"steps\":{\"most\":2,\"ahead\":{\"name\":\"Another grid\",\"soFar\":\"So far\",\"first\":\"2027-01-04\","
        + "\"every\":7}}";

    private JsonNode steps() {
        return http.get(here).json().get("plan").get("steps");
    }

    @Test
    void stepByStepFewWordsMoveAtATimeAndEachIsTriedAndTakenBack() {
        JsonNode seen = preview(onto("home", "BOARD", 5, 7, STEPS));
        assertThat(seen.get("steps").valueStream().mapToInt(s -> s.get("words").size()).max().orElseThrow()).isLessThanOrEqualTo(2);
        String before = http.get(here + "/boards/home").json().get("buttons").toString();
        assertThat(http.post(here + "/regrid", onto("home", "BOARD", 5, 7, STEPS)).status()).isEqualTo(200);
        assertThat(http.get(here + "/boards/home").json().get("columns").asInt()).as("nothing moves when it is laid").isEqualTo(8);
        assertThat(steps().size()).isEqualTo(1 + seen.get("steps").size());
        assertThat(steps().get(2).get("planned").asString()).isEqualTo("2027-01-11");
        String last = steps().get(steps().size() - 1).get("id").asString();
        JsonNode tried = http.get(here + "/steps/" + last + "/tried").json();
        assertThat(tried.get("boards").valueStream().filter(b -> b.get("id").asString().equals("home")).findFirst().orElseThrow().get("columns").asInt())
            .isEqualTo(7);
        assertThat(http.get(here + "/boards/home").json().get("columns").asInt()).as("it was only tried").isEqualTo(8);
        String on = "{\"base\":%d,\"edit\":{\"type\":\"go-to-step\",\"step\":\"%s\"}}";
        assertThat(http.post(here + "/edits?sure=true", on.formatted(version(), last)).status()).isEqualTo(200);
        assertThat(http.get(here + "/boards/home").json().get("columns").asInt()).isEqualTo(7);
        assertThat(http.post(here + "/edits?sure=true", on.formatted(version(), steps().get(0).get("id").asString())).status()).isEqualTo(200);
        JsonNode back = http.get(here + "/boards/home").json();
        assertThat(back.get("columns").asInt()).isEqualTo(8);
        assertThat(back.get("buttons").size()).isEqualTo(http.get(here + "/boards/home").json().get("buttons").size());
        assertThat(places(back.get("buttons").toString())).isEqualTo(places(before));
        assertThat(http.get(here + "/versions").json().toString()).contains("planned another grid of 5 x 7 in");
    }

    /** All but the steps words belong to. */
    private static String places(String buttons) {
        return buttons.replaceAll(",?\"step\":\"[^\"]*\"", "");
    }

    @Test
    void aScreenIsTurnedOnceAndWhoMayNotChangeTriesNoStep() {
        assertThat(http.post(here + "/regrid/preview", onto("home", "BOARD", 8, 5, ",\"turned\":true" + STEPS)).sentence()).contains("turned once");
        assertThat(http.post(here + "/regrid/preview", onto("home", "BOARD", 5, 7, STEPS.replace("2,", "1,"))).sentence()).contains("At least 2 words");
        http.post(here + "/regrid", onto("home", "BOARD", 5, 7, STEPS));
        Account looker = TestServer.account("Wiesia");
        TestServer.join(tomasz, looker, Role.VIEWER);
        String step = steps().get(1).get("id").asString();
        assertThat(Http.as(looker).get(here + "/steps/" + step + "/tried").status()).isEqualTo(403);
        assertThat(Http.as(TestServer.account("Piran")).get(here + "/steps/" + step + "/tried").status()).isEqualTo(404);
        assertThat(http.get(here + "/steps/gone/tried").status()).isEqualTo(422);
    }
}
