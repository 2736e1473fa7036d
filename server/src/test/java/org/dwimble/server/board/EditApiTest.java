package org.dwimble.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.student.Student;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a person does on the bench, over HTTP, and what is answered when the input is bad. */
@ExtendWith(TestServer.class)
class EditApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private String vocabulary;

    @BeforeEach
    void copy() {
        Student ilse = TestServer.student("Ilse", odile);
        vocabulary = "/api/vocabularies/" + TestServer.copy("starter-40", ilse, odile);
    }

    private Http.Answer words(int base, String board, String text) {
        return http.post(vocabulary + "/words", "{\"base\":%d,\"board\":\"%s\",\"from\":{\"row\":0,\"column\":0},\"text\":\"%s\"}".formatted(base, board, text));
    }

    private int version() {
        return http.get(vocabulary).json().get("version").asInt();
    }

    private String newBoard(int base, String name) {
        return http.post(vocabulary + "/boards", "{\"base\":%d,\"name\":\"%s\"}".formatted(base, name)).json().get("added").get(0).asString();
    }

    private static JsonNode button(JsonNode board, String label) {
        for (JsonNode button : board.get("buttons")) {
            if (button.get("label").asString().equals(label)) {
                return button;
            }
        }
        throw new AssertionError("no " + label);
    }

    @Test
    void aTypedWordBecomesAButtonWithPictureLabelAndKind() {
        String harbour = newBoard(1, "Harbour");
        JsonNode changed = words(2, harbour, "kite, crab\\ngull").json();
        assertThat(changed.get("added").size()).isEqualTo(3);
        JsonNode kite = button(changed.get("boards").get(0), "kite");
        assertThat(kite.get("picture").asString()).isEqualTo("base/kite");
        assertThat(kite.get("kind").asString()).isEqualTo("thing");
        assertThat(kite.get("cell").toString()).isEqualTo("{\"row\":0,\"column\":0}");
        assertThat(changed.get("vocabulary").get("steps").get("undo").get("summary").asString()).isEqualTo("put kite, crab, gull on Harbour");
    }

    @Test
    void aNewBoardHasBackAndHomeWhereItsSiblingsHaveThemAndIsListedAsNotOpenedYet() {
        String harbour = newBoard(1, "Harbour");
        JsonNode board = http.get(vocabulary + "/boards/" + harbour).json();
        assertThat(button(board, "back").get("cell").toString()).isEqualTo("{\"row\":4,\"column\":0}");
        assertThat(button(board, "home").get("cell").toString()).isEqualTo("{\"row\":4,\"column\":1}");
        JsonNode finding = http.get(vocabulary).json().get("findings").get(0);
        assertThat(finding.get("sentence").asString()).isEqualTo("No button opens Harbour, and Home has no empty cell for one.");
    }

    @Test
    void aDeletedBoardLeavesLooseEndsThatOneEditMends() {
        http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"play\"}}");
        JsonNode findings = http.get(vocabulary).json().get("findings");
        assertThat(findings.size()).isEqualTo(1);
        assertThat(findings.get(0).get("sentence").asString()).isEqualTo("“play” on Home opens a board that is not there.");
        JsonNode mend = findings.get(0).get("mends").get(0).get("edit");
        Http.Answer mended = http.post(vocabulary + "/edits", "{\"base\":2,\"edit\":" + mend + "}");
        assertThat(mended.status()).isEqualTo(200);
        assertThat(mended.json().get("vocabulary").get("findings").size()).isZero();
    }

    @Test
    void theSecondPersonOnTheSameButtonIsShownBothValues() {
        JsonNode want = button(http.get(vocabulary + "/boards/home").json(), "want");
        ObjectNode theirs = (ObjectNode) want.deepCopy();
        ObjectNode mine = (ObjectNode) want.deepCopy();
        theirs.put("label", "would like");
        mine.put("label", "wish");
        assertThat(http.post(vocabulary + "/edits", edit(1, theirs)).status()).isEqualTo(200);
        Http.Answer refused = http.post(vocabulary + "/edits", edit(1, mine));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().get("yours").get("label").asString()).isEqualTo("wish");
        assertThat(refused.json().get("theirs").get("label").asString()).isEqualTo("would like");
        assertThat(refused.sentence()).startsWith("Odile changed the same thing first (called want “would like” on Home).");
        assertThat(http.post(vocabulary + "/edits", edit(2, mine)).status()).as("made after all, on what they saw").isEqualTo(200);
    }

    private static String edit(int base, JsonNode button) {
        return "{\"base\":" + base + ",\"edit\":{\"type\":\"change-button\",\"board\":\"home\",\"button\":" + button + "}}";
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "' , '  | The word line is empty. Type a word, then press Enter.",
        "kite   | Every cell of People is taken. Take a button off, or put “kite” on another board. Nothing was changed."})
    void anEmptyWordLineAndAFullBoardAreAnsweredInASentence(String text, String sentence) {
        Http.Answer answer = words(1, "people", text);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.sentence()).isEqualTo(sentence);
        assertThat(version()).isEqualTo(1);
    }

    @Test
    void aLabelOfTenThousandCharactersIsRefusedAndEmojiAndArabicAreKept() {
        String harbour = newBoard(1, "Harbour");
        Http.Answer refused = words(2, harbour, "a".repeat(10_000));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentence()).isEqualTo("A label can have up to 100 characters; this has 10,000. Nothing was changed.");
        assertThat(version()).isEqualTo(2);
        JsonNode board = words(2, harbour, "🦀🌊, مرحبا").json().get("boards").get(0);
        assertThat(button(board, "🦀🌊").get("cell").get("row").asInt()).isZero();
        assertThat(button(board, "مرحبا").has("picture")).isFalse();
    }

    @Test
    void theHomeBoardStaysAndStrangeRequestsAreAnsweredWithoutATrace() {
        assertThat(http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"home\"}}").sentence()).contains("is the home board");
        Http.Answer nonsense = http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"explode\"}}");
        assertThat(nonsense.status()).isEqualTo(400);
        assertThat(nonsense.sentence()).contains("Nothing was changed");
        assertThat(new String(nonsense.body())).doesNotContain("Exception").doesNotContain("org.dwimble").doesNotContain("/work");
        assertThat(http.get(vocabulary + "/boards/nowhere").status()).isEqualTo(404);
        assertThat(http.get("/api/nothing").status()).isEqualTo(404);
        assertThat(http.get("/api/vocabularies/abc").status()).isEqualTo(400);
        assertThat(http.post(vocabulary + "/edits", "{\"base\":99,\"edit\":{\"type\":\"rename-board\",\"board\":\"eating\",\"name\":\"x\"}}").status()).isEqualTo(422);
        assertThat(version()).isEqualTo(1);
    }

    @Test
    void aWrongPasswordAndAnExpiredSessionAreSaidPlainly() {
        Http other = Http.nobody();
        Http.Answer wrong = other.post("/api/session", "{\"signIn\":\"" + odile.signIn() + "\",\"password\":\"nope\"}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.sentence()).isEqualTo("That name and password do not belong together. Check both and try again; nothing was lost.");
        http.forgetSession();
        Http.Answer expired = http.get(vocabulary);
        assertThat(expired.status()).isEqualTo(401);
        assertThat(expired.sentence()).contains("Sign in again; everything kept before is safe.");
    }

    @Test
    void afterTenWrongPasswordsANameRests() {
        Account tern = TestServer.account("Tern");
        Http other = Http.nobody();
        for (int i = 0; i < 10; i++) {
            assertThat(other.post("/api/session", "{\"signIn\":\"" + tern.signIn() + "\",\"password\":\"wrong " + i + "\"}").status()).isEqualTo(422);
        }
        Http.Answer resting = other.post("/api/session", "{\"signIn\":\"" + tern.signIn() + "\",\"password\":\"" + TestServer.PASSWORD + "\"}");
        assertThat(resting.status()).isEqualTo(429);
        assertThat(resting.sentence()).contains("Wait five minutes");
    }

    @Test
    void picturesAreFoundAsOneTypesAndSayWhy() {
        JsonNode found = http.get("/api/pictures?query=kite").json();
        assertThat(found.get("pictures").get(0).get("id").asString()).isEqualTo("base/kite");
        assertThat(found.get("pictures").get(0).get("sure").asBoolean()).isTrue();
        assertThat(found.get("pictures").get(0).get("why").asString()).isEqualTo("this word");
        assertThat(http.get("/api/pictures?query=crab,%20sea").json().get("word").asString()).as("the last word of a line").isEqualTo("sea");
        assertThat(http.get("/api/pictures?query=zzzzq").json().get("pictures").size()).isZero();
    }
}
