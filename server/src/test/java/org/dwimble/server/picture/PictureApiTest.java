package org.dwimble.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class PictureApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long vocabulary = TestServer.copy("first-choices", ilse, odile);

    private static List<String> ids(JsonNode pictures) {
        return pictures.valueStream().map(p -> p.get("id").asString()).toList();
    }

    @Test
    void aPictureChosenForAWordIsThatStudentsPictureForItFromThenOn() {
        String board = http.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":1,\"name\":\"Harbour\"}").json().get("added").get(0).asString();
        assertThat(ids(http.get("/api/pictures?query=orange&student=" + ilse.id()).json().get("pictures")).get(0)).isEqualTo("base/tangerine");
        http.post("/api/vocabularies/" + vocabulary + "/words", "{\"base\":2,\"board\":\"" + board
            + "\",\"text\":\"orange\",\"picture\":\"base/orange-circle\"}");
        JsonNode now = http.get("/api/pictures?query=Orange&student=" + ilse.id()).json().get("pictures");
        assertThat(now.get(0).get("id").asString()).isEqualTo("base/orange-circle");
        assertThat(now.get(0).get("why").asString()).isEqualTo("chosen before");
        assertThat(ids(http.get("/api/pictures?query=orange").json().get("pictures")).get(0)).as("for others").isEqualTo("base/tangerine");
        JsonNode again = http.post("/api/vocabularies/" + vocabulary + "/words", "{\"base\":3,\"board\":\"" + board + "\",\"text\":\"orange\"}")
            .json().get("boards").get(0).get("buttons");
        assertThat(again.valueStream().filter(b -> b.get("label").asString().equals("orange")).map(b -> b.get("picture").asString()))
            .containsExactly("base/orange-circle", "base/orange-circle");
        assertThat(ids(http.get("/api/students/" + ilse.id() + "/pictures").json().get("recent"))).startsWith("base/orange-circle");
    }

    /** A new list: a word of the language alone stands there, never a name, nor whose it was. */
    @Test
    void wordsPutOnABoardWithoutAPictureAreCountedForWhoeverDrawsAndNoName() {
        TestServer.student("Hope Chapter", odile);
        String board = null;
        for (int base = 1; base <= 3; base += 2) {
            board = http.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":" + base + ",\"name\":\"Harbour " + base + "\"}").json().get("added")
                .get(0).asString();
            assertThat(put(board, base + 1, "government, kite, zorblina, Parliament, chapter")).isEqualTo(200);
        }
        assertThat(put(board, 5, "committee, committee")).as("no empty cell").isEqualTo(422);
        assertThat(put(board, 5, "committee, committee")).isEqualTo(422);
        JsonNode asked = Http.as(TestServer.account("Marit")).get("/api/pictures/asked-for").json();
        assertThat(asked.valueStream().filter(w -> w.get("word").asString().equals("government"))).extracting(w -> w.get("times").asInt()).containsExactly(2);
        assertThat(asked.valueStream().map(w -> w.get("word").asString())).as("has one; is none; a name; in the name of a student; was not put there")
            .doesNotContain("kite", "zorblina", "Parliament", "parliament", "chapter", "committee");
    }

    private int put(String board, int base, String words) {
        return http.post("/api/vocabularies/" + vocabulary + "/words", "{\"base\":" + base + ",\"board\":\"" + board + "\",\"text\":\"" + words + "\"}")
            .status();
    }

    @Test
    void aPictureOfANumberIsDrawnInEveryLookAndMayStandOnABoard() {
        JsonNode found = http.get("/api/pictures?query=347").json().get("pictures").get(0);
        assertThat(found.get("id").asString()).isEqualTo("number/count-347");
        assertThat(found.get("name").asString()).isEqualTo("three hundred and forty-seven");
        for (String look : List.of("colour.yellow.usual", "contrast.dark.black")) {
            assertThat(new String(http.get("/art/" + look + "/number/count-347.svg").body(), StandardCharsets.UTF_8)).startsWith("<svg");
        }
        assertThat(http.get("/art/colour.yellow.usual/number/count-1001.svg").status()).isEqualTo(404);
        String board = http.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":1,\"name\":\"Harbour\"}").json().get("added").get(0).asString();
        JsonNode put = http.post("/api/vocabularies/" + vocabulary + "/words", "{\"base\":2,\"board\":\"" + board + "\",\"text\":\"half past three\"}")
            .json();
        assertThat(put.get("boards").findValuesAsString("picture")).contains("number/clock-210");
    }

    @Test
    void aWordOfSeveralMeaningsSaysWhichAPictureShows() {
        assertThat(
            http.get("/api/pictures?query=bat&most=20").json().get("pictures").valueStream().map(p -> p.get("id").asString() + " " + p.get("gloss").asString()))
            .contains("base/bat animal", "base/cricket-game sport");
    }

    @Test
    void theMeaningTheBoardSpeaksOfIsOfferedFirstAndIsTheOnePut() {
        String board = http.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":1,\"name\":\"Games\"}").json().get("added").get(0).asString();
        assertThat(put(board, 2, "football, tennis, swimming")).isEqualTo(200);
        String offers = "/api/vocabularies/" + vocabulary + "/pictures?query=bat&board=";
        JsonNode first = http.get(offers + board).json().get("pictures").get(0);
        assertThat(first.get("id").asString() + " " + first.get("why").asString()).isEqualTo("base/cricket-game as others on this board: sports");
        assertThat(ids(http.get(offers + "eat").json().get("pictures"))).startsWith("base/bat");
        JsonNode put = http.post("/api/vocabularies/" + vocabulary + "/words", "{\"base\":3,\"board\":\"" + board + "\",\"text\":\"bat\"}").json();
        assertThat(put.get("boards").findValuesAsString("picture")).contains("base/cricket-game").doesNotContain("base/bat");
    }

    @Test
    void aKindChosenForAWordIsRemembered() {
        String board = http.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":1,\"name\":\"Harbour\"}").json().get("added").get(0).asString();
        JsonNode put = http.post("/api/vocabularies/" + vocabulary + "/words", "{\"base\":2,\"board\":\"" + board + "\",\"text\":\"fish\"}").json()
            .get("boards").get(0).get("buttons");
        JsonNode fish = put.valueStream().filter(b -> b.get("label").asString().equals("fish")).findFirst().orElseThrow();
        assertThat(fish.get("kind").asString()).isEqualTo("thing");
        http.post("/api/vocabularies/" + vocabulary + "/edits", "{\"base\":3,\"edit\":{\"type\":\"give-kind\",\"board\":\"" + board
            + "\",\"button\":\"" + fish.get("id").asString() + "\",\"kind\":\"do\"}}");
        assertThat(http.get("/api/pictures?query=fish&student=" + ilse.id()).json().get("kind").asString()).isEqualTo("do");
        assertThat(http.get("/api/pictures?query=fish").json().get("kind").asString()).isEqualTo("thing");
    }

    @Test
    void wordsWithASoundComeAsAListThatGoesOnANewBoardInOneGo() {
        JsonNode heard = http.get("/api/pictures/by-sound?how=STARTS&phone=K&most=24").json().get("pictures");
        assertThat(heard).hasSize(24);
        String chosen = heard.valueStream().limit(3)
            .map(h -> "{\"word\":\"" + h.get("word").asString() + "\",\"picture\":\"" + h.get("id").asString() + "\"}").toList().toString();
        JsonNode made = http.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":1,\"name\":\"Sounds k\",\"chosen\":" + chosen + "}").json();
        assertThat(made.get("boards").get(0).get("buttons").valueStream().map(b -> b.get("label").asString()))
            .containsAll(heard.valueStream().limit(3).map(h -> h.get("word").asString()).toList());
    }

    @Test
    void soundsAreAskedByAnExampleWordAndNonsenseIsSaid() {
        JsonNode tear = http.get("/api/pictures/by-sound?how=RHYMES&word=tear").json();
        assertThat(tear.get("readings")).hasSize(2);
        assertThat(http.get("/api/pictures/by-sound?how=RHYMES&word=zzqx").json().get("readings")).isEmpty();
        assertThat(http.get("/api/pictures/by-sound?how=STARTS").sentence()).isEqualTo("Choose a sound first, by a word that has it.");
        assertThat(http.get("/api/pictures/by-sound?how=STARTS&phone=QQ").status()).isEqualTo(422);
        JsonNode pair = http.get("/api/pictures/pairs?one=K&other=G").json().get(0);
        assertThat(pair.get("one").get("word").asString()).isNotEqualTo(pair.get("other").get("word").asString());
    }

    @Test
    void aPictureTellsItsWordsLanguagesSoundAndWhoseItIs() {
        JsonNode kite = http.get("/api/pictures/base/kite").json();
        assertThat(kite.get("names").get("pl").asString()).isEqualTo("latawiec");
        assertThat(kite.get("readings").get(0).get("ipa").asString()).isEqualTo("/kaɪt/");
        assertThat(kite.get("credit").asString()).isEqualTo("Fluent Emoji, Microsoft, MIT");
        assertThat(http.get("/api/pictures/base/no-such").status()).isEqualTo(404);
    }

    @Test
    void everyPeoplePictureOfAStudentFollowsTheAppearanceAlsoInAPackageAndBack() throws Exception {
        http.changeStudent(ilse.id(),
            "{\"name\":\"Ilse\",\"className\":\"\",\"screen\":{\"width\":200000,\"height\":150000},\"appearance\":{\"look\":\"COLOUR\","
                + "\"tone\":\"DARK\",\"hair\":\"RED\"}}");
        String art = http.get("/api/vocabularies/" + vocabulary).json().get("art").asString();
        assertThat(art).isEqualTo("colour.dark.red");
        String want = new String(Http.nobody().get("/art/" + art + "/core/want.svg").body(), StandardCharsets.UTF_8);
        assertThat(want).contains("#573739", "#c9502b").doesNotContain("{");
        String contrast = new String(Http.nobody().get("/art/contrast.dark.red/core/want.svg").body(), StandardCharsets.UTF_8);
        assertThat(contrast).contains("#212121").doesNotContain("#573739");
        assertThat(Http.nobody().get("/art/nonsense/core/want.svg").status()).isEqualTo(404);
        byte[] obz = http.get("/api/vocabularies/" + vocabulary + "/package.obz").body();
        Http.Answer back = http.upload("/api/students/" + ilse.id() + "/packages", "x.obz", obz);
        assertThat(back.json().get("findings")).isEmpty();
        long copy = back.json().get("vocabulary").asLong();
        assertThat(http.get("/api/vocabularies/" + copy + "/boards").body()).as("library pictures are known again in any appearance")
            .isEqualTo(http.get("/api/vocabularies/" + vocabulary + "/boards").body());
    }

    @Test
    void manyDrawingsComeAtOnceAsTheyComeOneByOne() {
        Http.Answer many = http.post("/api/pictures/drawings",
            "{\"appearance\":\"colour.dark.black\",\"pictures\":[\"core/eat\",\"base/seal\",\"own/ab\",\"core/no-such\"]}");
        assertThat(many.json().propertyNames()).containsExactly("core/eat", "base/seal");
        assertThat(many.json().get("core/eat").asString())
            .isEqualTo(new String(http.get("/art/colour.dark.black/core/eat.svg").body(), StandardCharsets.UTF_8));
        assertThat(http.post("/api/pictures/drawings", "{\"appearance\":\"colour.green.bald\",\"pictures\":[]}").status()).isEqualTo(404);
        String most = String.join(",", Collections.nCopies(401, "\"core/eat\""));
        assertThat(http.post("/api/pictures/drawings", "{\"appearance\":\"colour.dark.black\",\"pictures\":[" + most + "]}").sentence())
            .startsWith("Up to 400 drawings");
    }
}
