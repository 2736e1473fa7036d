package org.dwimble.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
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
}
