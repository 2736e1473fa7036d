package org.dwimble.server.pointing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Pointing checks over HTTP: targets, a sheet, what was found kept, and who may not know it. */
@ExtendWith(TestServer.class)
class PointingApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student nour;
    private String here;

    @BeforeEach
    void isThere() {
        nour = TestServer.student("Nour", odile);
        here = "/api/students/" + nour.id() + "/pointing";
    }

    /** So many tries at the first cells of a grid, row by row, of which the first so many are hits and the others one to the right. */
    private static String check(int rows, int columns, int tries, int hits) {
        String all = IntStream.range(0, tries).mapToObj(i -> {
            int row = i % (rows * columns) / columns;
            int column = i % columns;
            int hit = i < hits ? column : Math.min(columns - 1, column + 1) == column ? column - 1 : column + 1;
            return "{\"rows\":%d,\"columns\":%d,\"target\":{\"row\":%d,\"column\":%d},\"hit\":{\"row\":%d,\"column\":%d},\"millis\":1200}".formatted(rows,
                columns,
                row, column, row, hit);
        }).collect(Collectors.joining(","));
        return "{\"how\":\"FINGER\",\"level\":80,\"ended\":false,\"tries\":[" + all + "]}";
    }

    @Test
    void whatWasHitIsKeptWithItsBoundsAndTheSmallestSizeThatIsHitForSure() {
        JsonNode kept = http.post(here, check(4, 6, 24, 24)).json();
        assertThat(kept.get("by").asString()).isEqualTo("Odile");
        JsonNode size = kept.get("sizes").get(0);
        assertThat(size.get("lower").asInt()).isEqualTo(86);
        assertThat(size.get("upper").asInt()).isEqualTo(100);
        assertThat(size.get("reaches").asBoolean()).isTrue();
        assertThat(size.get("millis").asInt()).isEqualTo(1200);
        assertThat(kept.get("proposed").asInt()).isZero();
        JsonNode missed = http.post(here, check(4, 6, 24, 16)).json();
        assertThat(missed.has("proposed")).isFalse();
        assertThat(missed.get("where").asString()).isEqualTo("BOTTOM");
        assertThat(missed.get("helps").toString()).isEqualTo("[\"MOUNTING\",\"GAP\",\"KEYGUARD\",\"LARGER\"]");
        assertThat(missed.get("sizes").get(0).get("cells").get(23).get("instead").get(0).get("column").asInt()).isEqualTo(4);
        assertThat(http.get(here).json().valueStream().map(c -> c.get("id").asLong())).as("the latest first")
            .containsExactly(missed.get("id").asLong(), kept.get("id").asLong());
    }

    @Test
    void aCheckIsTakenOffAndPutBack() {
        long id = http.post(here, check(2, 3, 6, 6)).json().get("id").asLong();
        assertThat(http.send("DELETE", here + "/" + id, null).json().isEmpty()).isTrue();
        assertThat(http.send("DELETE", here + "/" + id, null).status()).isEqualTo(404);
        assertThat(http.send("PUT", here + "/" + id, "{}").json().size()).isEqualTo(1);
        assertThat(http.send("PUT", here + "/" + id, "{}").status()).isEqualTo(404);
        Student other = TestServer.student("Bo", odile);
        assertThat(http.send("DELETE", "/api/students/" + other.id() + "/pointing/" + id, null).status()).isEqualTo(404);
        assertThat(http.get(here).json().size()).isEqualTo(1);
    }

    @Test
    void targetsAreTheSameForTheSameSeedAndShowTheStudentsOwnBoards() {
        String asked = here + "/targets?grid=2x3&grid=4x6&count=17&level=80&seed=";
        JsonNode plain = http.get(asked + 5).json();
        assertThat(plain.get("rounds").get(0).get("targets").get(0).has("picture")).as("there are no boards yet").isFalse();
        TestServer.copy("first-choices", nour, odile);
        JsonNode rounds = http.get(asked + 5).json();
        assertThat(rounds.get("fewest").asInt()).isEqualTo(16);
        assertThat(rounds.get("rounds").valueStream().map(r -> r.get("targets").size())).containsExactly(17, 17);
        assertThat(rounds.get("rounds").get(1).get("fills").size()).isEqualTo(24);
        assertThat(rounds.get("rounds").get(1).get("targets").get(0).get("picture").asString()).isNotEmpty();
        assertThat(http.get(asked + 5).json()).isEqualTo(rounds);
        assertThat(http.get(asked + 6).json()).isNotEqualTo(rounds);
    }

    @Test
    void theSheetHasTheSameTargetsInTheSameOrderToTick() throws Exception {
        TestServer.copy("first-choices", nour, odile);
        JsonNode round = http.get(here + "/targets?grid=3x4&count=16&level=80&seed=7").json().get("rounds").get(0);
        byte[] pdf = http.get(here + "/sheet.pdf?grid=3x4&count=16&seed=7").body();
        try (var read = Loader.loadPDF(pdf)) {
            assertThat(read.getNumberOfPages()).isEqualTo(2);
            String text = new PDFTextStripper().getText(read);
            JsonNode first = round.get("targets").get(0);
            assertThat(text).contains("1. %s (row %d, column %d)".formatted(first.get("label").asString(), first.get("cell").get("row").asInt() + 1,
                first.get("cell").get("column").asInt() + 1), "16. ", "met it", "just beside it", "elsewhere");
        }
    }

    @Test
    void whatCannotBeIsSaidAndNothingIsKept() {
        assertThat(http.post(here, "{\"how\":\"PAPER\",\"level\":80,\"ended\":true,\"tries\":[]}").sentence()).contains("Nothing was pointed at");
        assertThat(http.post(here, check(2, 3, 6, 6).replace("\"row\":1", "\"row\":2")).sentence()).contains("outside the grid of 2 x 3");
        assertThat(http.post(here, check(2, 3, 6, 6).replace("80", "99")).sentence()).contains("50 to 95");
        assertThat(http.post(here, "{\"how\":\"PAPER\",\"level\":80,\"ended\":true,\"tries\":[null]}").status()).isEqualTo(422);
        assertThat(http.get(here + "/targets?grid=many&count=9&level=80&seed=1").sentence()).contains("“many” is no grid");
        assertThat(http.get(here + "/targets?grid=2x3&count=0&level=80&seed=1").status()).isEqualTo(422);
        assertThat(http.get(here + "/targets?grid=41x3&count=9&level=80&seed=1").status()).isEqualTo(422);
        assertThat(http.get(here).json().isEmpty()).isTrue();
    }

    @Test
    void whoMayOnlyLookKnowsNothingOfItAndStrangersSeeNoStudent() {
        http.post(here, check(2, 3, 6, 6));
        Account looker = TestServer.account("Wiesia");
        TestServer.join(nour, looker, Role.VIEWER);
        Http looks = Http.as(looker);
        assertThat(looks.get(here).status()).isEqualTo(403);
        assertThat(looks.post(here, check(2, 3, 6, 6)).status()).isEqualTo(403);
        assertThat(looks.send("DELETE", here + "/1", null).status()).isEqualTo(403);
        assertThat(looks.get(here + "/targets?grid=2x3&count=9&level=80&seed=1").status()).isEqualTo(403);
        Http stranger = Http.as(TestServer.account("Piran"));
        for (String door : List.of("", "/targets?grid=2x3&count=9&level=80&seed=1", "/sheet.pdf?grid=2x3&count=9&seed=1")) {
            assertThat(stranger.get(here + door).status()).isEqualTo(404);
        }
    }

    @Test
    void eachOfTwoPeopleKeepsACheck() {
        Account marit = TestServer.account("Marit");
        TestServer.join(nour, marit, Role.EDITOR);
        http.post(here, check(2, 3, 6, 6));
        Http.as(marit).post(here, check(2, 3, 6, 5));
        assertThat(http.get(here).json().valueStream().map(c -> c.get("by").asString())).containsExactly("Marit", "Odile");
    }
}
