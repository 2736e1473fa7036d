package org.dwimble.server.predict;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
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

/** Words offered while one is spelt, over HTTP. */
@ExtendWith(TestServer.class)
class OfferedWordApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student ilse;
    private String vocabulary;

    @BeforeEach
    void copy() {
        ilse = TestServer.student("Ilse", odile);
        vocabulary = "/api/vocabularies/" + TestServer.copy("starter-40", ilse, odile);
    }

    private static String asked(String typed, String said, String shown, int cells) {
        return "{\"typed\":\"%s\",\"said\":[%s],\"shown\":[%s],\"cells\":%d}".formatted(typed, quoted(said), quoted(shown), cells);
    }

    private static String quoted(String words) {
        return words.isEmpty() ? "" : List.of(words.split(",", -1)).stream().map(w -> "\"" + w + "\"").collect(Collectors.joining(","));
    }

    private List<String> offered(Http who, String asked) {
        return StreamSupport.stream(who.post(vocabulary + "/offered-words", asked).json().spliterator(), false)
            .map(w -> w.get("place").asInt() + " " + w.get("text").asString() + (w.get("layers").isEmpty() ? "" : " pictured")).toList();
    }

    @Test
    void ownWordsComeFirstWithTheirPicturesThenCommonOnes() {
        assertThat(offered(http, asked("bal", "", "", 3))).containsExactly("1 ball pictured", "2 balls", "3 balance");
        assertThat(offered(http, asked("xq", "", "", 3))).isEmpty();
        assertThat(offered(http, asked("", "I,want,ball,I,want", "", 1))).containsExactly("1 ball pictured");
    }

    @Test
    void inAnotherLanguageWordsAreOfferedByWhatTheyNameWithItsPicture() {
        String board = "{\"format\":\"open-board-0.1\",\"id\":\"b\",\"name\":\"Hafen\",\"locale\":\"de-AT\",\"buttons\":[{\"id\":\"1\",\"label\":\"hungrig\"}],"
            + "\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}";
        vocabulary = "/api/vocabularies/" + http.upload("/api/students/" + ilse.id() + "/packages", "hafen.obf", board.getBytes(StandardCharsets.UTF_8)).json()
            .get("vocabulary").asLong();
        assertThat(offered(http, asked("hun", "", "", 2))).containsExactly("1 hungrig", "2 Hund pictured");
        assertThat(offered(http, asked("xq", "", "", 3))).isEmpty();
    }

    @Test
    void aCommonWordComesWithItsFormsAnOwnOneHasThemWithTheVocabulary() {
        JsonNode words = http.post(vocabulary + "/offered-words", asked("beli", "", "", 1)).json();
        assertThat(words.get(0).get("forms").get("past").asString()).isEqualTo("believed");
        assertThat(http.post(vocabulary + "/offered-words", asked("ball", "", "", 1)).json().get(0).has("forms")).isFalse();
    }

    @Test
    void aWordKeepsItsCellWhileItIsStillOffered() {
        assertThat(offered(http, asked("bal", "", "x,balance,ball", 3))).containsExactly("1 balls", "2 balance", "3 ball pictured");
    }

    @Test
    void aWordThatIsHeldIsNotOffered() {
        int base = http.get(vocabulary).json().get("version").asInt();
        assertThat(http.post(vocabulary + "/edits",
            ("{\"base\":%d,\"edit\":{\"type\":\"hold-words\",\"fact\":false,\"reason\":\"later\",\"words\":{\"andOpened\":false,\"words\":[\"ball\"],"
                + "\"allBut\":false}}}").formatted(base))
            .status()).isEqualTo(200);
        assertThat(offered(http, asked("ball", "", "", 4))).isNotEmpty().noneMatch(word -> word.matches("\\d ball( pictured)?"));
    }

    @Test
    void onlyWhoTalksIsOfferedWordsAndBadQuestionsAreAnsweredWithNothingOrASentence() {
        Account joris = TestServer.account("Joris");
        TestServer.join(ilse, joris, Role.PRINTER);
        assertThat(Http.as(joris).post(vocabulary + "/offered-words", asked("b", "", "", 3)).status()).isEqualTo(403);
        TestServer.join(ilse, joris, Role.TALKER);
        assertThat(offered(Http.as(joris), asked("bal", "", "", 1))).containsExactly("1 ball pictured");
        assertThat(offered(http, "{}")).isEmpty();
        assertThat(offered(http, asked("x".repeat(61), "", "", 3))).isEmpty();
        assertThat(http.post(vocabulary + "/offered-words", asked("b", "", "", 5_000)).status()).isEqualTo(422);
    }
}
