package org.dwimble.server.first;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** First boards for several over HTTP: how a table is read, that all are made or none, and who sees which line of the first page. */
@ExtendWith(TestServer.class)
class SeriesApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private final Student wren = TestServer.student("Wren", odile);
    private final Student nour = TestServer.student("Nour", odile);

    private JsonNode read(String table) {
        return http.post("/api/first-series/reading", "{\"table\":\"" + table + "\",\"files\":[\"Wren.jpg\",\"bath.png\"]}").json();
    }

    private static String line(Student student, String board, String... words) {
        return "{\"student\":\"%s\",\"board\":\"%s\",\"words\":[%s]}".formatted(student.id(), board,
            String.join(",", List.of(words).stream().map(w -> "{\"word\":\"" + w + "\"}").toList()));
    }

    private static String lines(String... lines) {
        return "{\"lines\":[" + String.join(",", lines) + "]}";
    }

    private static List<String> names(JsonNode series) {
        return StreamSupport.stream(series.get("boards").spliterator(), false).map(b -> b.get("studentName").asString()).toList();
    }

    private int vocabularies(Student student) {
        return http.get("/api/students/" + student.id() + "/vocabularies").json().size();
    }

    @Test
    void aTableSaysForWhomAndWhatIsWrongWithALine() {
        JsonNode read = read("Wren, crisps, bath\\nZed, kite\\nNour\\nWren, a, b, c, d, e, f, g, h, i");
        JsonNode first = read.get("lines").get(0);
        assertThat(first.get("student").asString()).isEqualTo(wren.id());
        assertThat(first.get("wrong")).isNull();
        assertThat(first.get("words").get(1).get("file").asInt()).isEqualTo(1);
        assertThat(first.get("words").get(0).get("picture").asString()).isNotEmpty();
        assertThat(read.get("lines").get(1).get("wrong").asString()).contains("“Zed” is nobody whose boards you change");
        assertThat(read.get("lines").get(2).get("wrong").asString()).contains("what Nour likes");
        assertThat(read.get("lines").get(3).get("wrong").asString()).contains("room for 8 here, and these are 9");
        assertThat(read.get("students")).hasSize(2);
    }

    @Test
    void linesOfOneStudentAreOneVocabularyAndAllAreMadeOrNone() {
        JsonNode made = http.post("/api/first-series", lines(line(wren, "snack", "crisps", "juice"), line(nour, "", "bee"), line(wren, "", "duck"))).json();
        assertThat(names(made)).containsExactly("Wren", "Nour");
        long wrens = made.get("boards").get(0).get("vocabulary").asLong();
        assertThat(http.get("/api/vocabularies/" + wrens).json().get("boards")).hasSize(3);
        assertThat(http.get("/api/first-series").json()).hasSize(1);
        int before = vocabularies(wren);
        Http.Answer refused = http.post("/api/first-series", lines(line(wren, "", "kite"), line(nour, "")));
        assertThat(refused.sentence()).contains("A board needs a word");
        assertThat(vocabularies(wren)).isEqualTo(before);
        assertThat(http.post("/api/first-series", lines()).status()).isEqualTo(422);
        assertThat(http.post("/api/first-series", lines(line(nour, "", "a", "b", "c", "d", "e", "f", "g", "h", "i", "j"))).sentence())
            .contains("room for 9 here, and these are 10");
    }

    @Test
    void nobodySeesALineOfAStudentHeOrSheMayNotSee() {
        long series = http.post("/api/first-series", lines(line(wren, "", "kite"), line(nour, "", "bee"))).json().get("id").asLong();
        Account joris = TestServer.account("Joris");
        Http his = Http.as(joris);
        assertThat(his.get("/api/first-series/" + series).status()).isEqualTo(404);
        assertThat(his.get("/api/first-series").json()).isEmpty();
        assertThat(his.post("/api/first-series", lines(line(wren, "", "kite"))).status()).isEqualTo(404);
        TestServer.join(wren, joris, Role.VIEWER);
        assertThat(names(his.get("/api/first-series/" + series).json())).containsExactly("Wren");
        assertThat(his.get("/api/first-series").json()).hasSize(1);
        assertThat(his.post("/api/first-series", lines(line(wren, "", "kite"))).status()).isEqualTo(403);
        assertThat(his.post("/api/first-series/reading", "{\"table\":\"Wren, kite\"}").json().get("students")).as("whom he may not change is not known")
            .isEmpty();
        assertThat(his.send("DELETE", "/api/first-series/" + series, null).status()).isEqualTo(404);
        assertThat(http.send("DELETE", "/api/first-series/" + series, null).status()).isEqualTo(200);
        assertThat(http.get("/api/first-series/" + series).status()).isEqualTo(404);
        assertThat(vocabularies(wren)).as("the boards stay").isEqualTo(1);
    }
}
