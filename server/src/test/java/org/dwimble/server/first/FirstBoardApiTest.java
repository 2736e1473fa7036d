package org.dwimble.server.first;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** First boards over HTTP. */
@ExtendWith(TestServer.class)
class FirstBoardApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student wren;
    private String boards;

    @BeforeEach
    void student() {
        wren = TestServer.student("Wren", odile);
        boards = "/api/students/" + wren.id() + "/first-boards";
    }

    private static String words(int base, String board, String... words) {
        return "{\"base\":%d,\"board\":\"%s\",\"chosen\":[%s]}".formatted(base, board,
            String.join(",", List.of(words).stream().map(w -> "{\"word\":\"" + w + "\"}").toList()));
    }

    private List<String> cells(long vocabulary, String board) {
        return StreamSupport.stream(http.get("/api/vocabularies/" + vocabulary + "/boards/" + board).json().get("buttons").spliterator(), false)
            .map(b -> b.get("label").asString() + " " + b.get("cell").get("row").asInt() + b.get("cell").get("column").asInt()).toList();
    }

    @Test
    void wordsStandFarApartAndLaterOnesMoveNone() {
        JsonNode made = http.post(boards, "{\"cells\":4}").json();
        assertThat(made.get("name").asString()).isEqualTo("Wren’s first board");
        long vocabulary = made.get("vocabulary").asLong();
        String board = made.get("board").asString();
        String path = "/api/vocabularies/" + vocabulary + "/first-words";
        JsonNode two = http.post(path, words(1, board, "crisps", "bath")).json();
        assertThat(cells(vocabulary, board)).containsExactly("crisps 00", "bath 11");
        assertThat(two.get("boards").get(0).get("buttons").get(0).get("layers")).isNotEmpty();
        http.post(path, "{\"base\":%d,\"board\":\"%s\",\"text\":\"more, home\"}".formatted(two.get("vocabulary").get("version").asInt(), board));
        assertThat(cells(vocabulary, board)).containsExactly("crisps 00", "more 01", "home 10", "bath 11");
    }

    @Test
    void twoWhoPutWordsOnAtOnceBothGetACell() {
        JsonNode made = http.post(boards, "{\"cells\":4}").json();
        long vocabulary = made.get("vocabulary").asLong();
        String board = made.get("board").asString();
        Account marit = TestServer.account("Marit");
        TestServer.join(wren, marit, Role.EDITOR);
        String path = "/api/vocabularies/" + vocabulary + "/first-words";
        assertThat(http.post(path, words(1, board, "crisps")).status()).isEqualTo(200);
        assertThat(Http.as(marit).post(path, words(1, board, "bath")).status()).isEqualTo(200);
        assertThat(cells(vocabulary, board)).containsExactly("crisps 00", "bath 11");
    }

    @Test
    void moreWordsThanCellsAreRefusedWholeWithAWayOn() {
        JsonNode made = http.post(boards, "{\"cells\":2}").json();
        Http.Answer refused = http.post("/api/vocabularies/" + made.get("vocabulary").asLong() + "/first-words",
            words(1, made.get("board").asString(), "a", "b", "c"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentence()).contains("has room for 2 more words").contains("make another first board");
        assertThat(cells(made.get("vocabulary").asLong(), made.get("board").asString())).isEmpty();
        assertThat(http.post(boards, "{\"cells\":1}").status()).isEqualTo(422);
        assertThat(http.post(boards, "{\"cells\":10}").status()).isEqualTo(422);
    }

    @Test
    void whatTheHandNeedsIsKeptForTheStudent() {
        assertThat(http.get(boards).json().get("known").asBoolean()).isFalse();
        String student = http.get("/api/students/" + wren.id()).json().toString();
        String changed = student.replaceFirst("\\}\\s*$", ",\"hand\":{\"leastCell\":55000,\"gap\":30000,\"reason\":\"her palm rests\"}}");
        assertThat(http.send("PUT", "/api/students/" + wren.id(), "{\"student\":%s,\"was\":%s}".formatted(changed, student)).status()).isEqualTo(200);
        JsonNode now = http.get(boards).json();
        assertThat(now.get("known").asBoolean()).isTrue();
        assertThat(now.get("hand").get("reason").asString()).isEqualTo("her palm rests");
        assertThat(now.get("rooms").get(0).get("gapMm").asDouble()).isBetween(29.0, 31.0);
        assertThat(now.get("rooms").get(7).get("largeEnough").asBoolean()).isFalse();
    }

    @Test
    void onlyWhoChangesBoardsMakesOneAndOnlyWhoLooksSeesTheSizes() {
        Account joris = TestServer.account("Joris");
        assertThat(Http.as(joris).get(boards).status()).isEqualTo(404);
        TestServer.join(wren, joris, Role.TALKER);
        assertThat(Http.as(joris).get(boards).status()).isEqualTo(403);
        TestServer.join(wren, joris, Role.VIEWER);
        assertThat(Http.as(joris).get(boards).status()).isEqualTo(200);
        assertThat(Http.as(joris).post(boards, "{\"cells\":4}").status()).isEqualTo(403);
    }

    @Test
    void aBoardIsMadeWithAllItsWordsOrNotAtAll() {
        JsonNode made = http.post(boards, "{\"cells\":2,\"sentence\":true,\"text\":\"crisps, bath, snacks > apple\"}").json();
        assertThat(made.get("added")).hasSizeGreaterThanOrEqualTo(3);
        assertThat(cells(made.get("vocabulary").asLong(), made.get("board").asString())).contains("Wren 00", "wants 01", "crisps 10", "bath 12", "snacks 11");
        assertThat(http.get("/api/vocabularies/" + made.get("vocabulary").asLong()).json().get("boards")).as("a word that opens a board has it made")
            .hasSize(2);
        int before = http.get("/api/students/" + wren.id() + "/vocabularies").json().size();
        Http.Answer refused = http.post(boards, "{\"cells\":4,\"text\":\"a, b, c, d, e, f, g, h, i, j\"}");
        assertThat(refused.sentence()).contains("room for 9 here, and these are 10");
        assertThat(http.post(boards, "{\"cells\":4,\"chosen\":[{\"word\":\"x\",\"picture\":\"own/" + "ab".repeat(32) + "\"}]}").status()).isEqualTo(422);
        assertThat(http.get("/api/students/" + wren.id() + "/vocabularies").json()).hasSize(before);
    }

    @Test
    void aBoardThatIsThereGetsARowThatSaysWhoWants() {
        JsonNode made = http.post(boards, "{\"cells\":2,\"text\":\"crisps\"}").json();
        long vocabulary = made.get("vocabulary").asLong();
        String path = "/api/vocabularies/" + vocabulary + "/first-sentence";
        String body = "{\"base\":2,\"board\":\"%s\"}".formatted(made.get("board").asString());
        assertThat(http.post(path, body).status()).isEqualTo(200);
        assertThat(cells(vocabulary, made.get("board").asString())).containsExactly("Wren 00", "wants 01", "crisps 10");
        assertThat(http.post(path, body.replace(":2,", ":3,")).sentence()).contains("has a row that says who wants already");
    }
}
