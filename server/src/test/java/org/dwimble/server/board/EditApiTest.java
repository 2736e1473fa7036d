package org.dwimble.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What a person does on the bench, over HTTP, and what is answered when the input is bad. */
@ExtendWith(TestServer.class)
class EditApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student ilse;
    private String vocabulary;

    @BeforeEach
    void copy() {
        ilse = TestServer.student("Ilse", odile);
        vocabulary = "/api/vocabularies/" + TestServer.copy("starter-40", ilse, odile);
    }

    private Http.Answer words(int base, String board, String text) {
        return http.post(vocabulary + "/words",
            "{\"base\":%d,\"board\":\"%s\",\"from\":{\"row\":0,\"column\":0},\"text\":\"%s\"}".formatted(base, board, text));
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
        assertThat(changed.get("steps").get("undo").get("summary").asString()).isEqualTo("put “kite”, “crab”, “gull” on Harbour");
    }

    @Test
    void aNewBoardHasBackAndHomeWhereItsSiblingsHaveThemAndIsListedAsNotOpenedYet() {
        String harbour = newBoard(1, "Harbour");
        JsonNode board = http.get(vocabulary + "/boards/" + harbour).json();
        assertThat(button(board, "back").get("cell").toString()).isEqualTo("{\"row\":4,\"column\":0}");
        assertThat(button(board, "home").get("cell").toString()).isEqualTo("{\"row\":4,\"column\":1}");
        JsonNode finding = http.get(vocabulary + "/findings").json().get("findings").get(0);
        assertThat(finding.get("sentence").asString()).isEqualTo("No button opens Harbour.");
    }

    private void edit(String edit) {
        assertThat(http.post(vocabulary + "/edits", "{\"base\":%d,\"edit\":%s}".formatted(version(), edit)).status()).as(edit).isEqualTo(200);
        toldAsAnew(edit);
    }

    /** What is told of each board is what would be told if nothing had been known before. */
    private void toldAsAnew(String after) {
        VocabularyStore.Kept kept = TestServer.bean(VocabularyStore.class).find(Long.parseLong(vocabulary.substring(vocabulary.lastIndexOf('/') + 1)))
            .orElseThrow();
        assertThat(kept.lines(ilse.screen())).as(after)
            .containsExactlyEntriesOf(VocabularyView.lines(kept.at(), Overview.of(kept.vocabulary()), ilse.screen()));
    }

    @Test
    void whatIsToldOfBoardsAfterAnEditIsWhatWouldBeToldAnew() {
        http.get(vocabulary);
        String dog = button(http.get(vocabulary + "/boards/animals").json(), "dog").get("id").asString();
        String home = button(http.get(vocabulary + "/boards/animals").json(), "home").get("id").asString();
        edit("{\"type\":\"give-label\",\"board\":\"animals\",\"button\":\"" + dog + "\",\"label\":\"rowan\"}");
        edit("{\"type\":\"hold-words\",\"fact\":false,\"reason\":\"allergy\",\"words\":{\"andOpened\":false,\"buttons\":[\"" + dog + "\"],\"allBut\":false}}");
        edit("{\"type\":\"rename-board\",\"board\":\"animals\",\"name\":\"Åkerbär\"}");
        edit("{\"type\":\"take-off\",\"board\":\"animals\",\"button\":\"" + home + "\"}");
        edit("{\"type\":\"lead-to\",\"board\":\"animals\",\"button\":\"" + dog + "\",\"leads\":{\"type\":\"opens\",\"board\":\"play\"}}");
        edit("{\"type\":\"delete-board\",\"board\":\"animals-more\"}");
        assertThat(http.post(vocabulary + "/undo", "{}").status()).isEqualTo(200);
        toldAsAnew("undo");
        newBoard(version(), "Harbour");
        toldAsAnew("a new board");
        words(version(), "animals", "sloe");
        toldAsAnew("a word");
    }

    @Test
    void aDeletedBoardLeavesLooseEndsThatOneEditMends() {
        http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"animals-more\"}}");
        JsonNode findings = http.get(vocabulary + "/findings").json().get("findings");
        assertThat(findings).extracting(f -> f.get("sentence").asString()).containsExactly("“more animals” on Animals opens a board that is not there.");
        assertThat(http.get(vocabulary + "/findings").body()).as("read twice it is the same").isEqualTo(http.get(vocabulary + "/findings").body());
        JsonNode mend = findings.get(0).get("mends").get(0).get("intention");
        Http.Answer mended = http.post(vocabulary + "/edits", "{\"base\":2,\"edit\":" + mend + "}");
        assertThat(mended.status()).isEqualTo(200);
        assertThat(http.get(vocabulary + "/findings").json().get("total").asInt()).isZero();
    }

    @Test
    void twoWhoMoveIntoOneCellDoNotPushEachOtherOut() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        String move = "{\"base\":1,\"edit\":{\"type\":\"move-button\",\"board\":\"play\",\"button\":\"%s\",\"to\":\"play\",\"cell\":{\"row\":1,\"column\":6}}}";
        assertThat(Http.as(marit).post(vocabulary + "/edits", move.formatted("play-ball")).status()).isEqualTo(200);
        Http.Answer refused = http.post(vocabulary + "/edits", move.formatted("play-doll"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.sentence()).contains("Marit").contains("moved “ball” on Play");
        JsonNode play = http.get(vocabulary + "/boards/play").json();
        assertThat(button(play, "ball").get("cell").toString()).isEqualTo("{\"row\":1,\"column\":6}");
        assertThat(button(play, "doll").get("cell").toString()).isEqualTo("{\"row\":1,\"column\":3}");
    }

    @Test
    void theSecondPersonOnTheSameButtonIsShownBothValues() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        assertThat(Http.as(marit).post(vocabulary + "/edits", label(1, "would like")).status()).isEqualTo(200);
        Http.Answer refused = http.post(vocabulary + "/edits", label(1, "wish"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().get("yours").get("label").asString()).isEqualTo("wish");
        assertThat(refused.json().get("theirs").get("label").asString()).isEqualTo("would like");
        assertThat(refused.sentence()).startsWith("Marit changed the same thing first (called “want” “would like” on Home).");
        assertThat(http.post(vocabulary + "/edits", label(2, "wish")).status()).as("made after all, on what they saw").isEqualTo(200);
    }

    @Test
    void anotherFacetOfTheSameButtonIsNoConflictAndOverwritesNothing() {
        assertThat(http.post(vocabulary + "/edits", label(1, "would like")).status()).isEqualTo(200);
        assertThat(http.post(vocabulary + "/edits",
            "{\"base\":1,\"edit\":{\"type\":\"give-kind\",\"board\":\"home\",\"button\":\"home-want\",\"kind\":\"social\"}}").status()).isEqualTo(200);
        JsonNode want = button(http.get(vocabulary + "/boards/home").json(), "would like");
        assertThat(want.get("kind").asString()).isEqualTo("social");
    }

    private static String label(int base, String label) {
        return "{\"base\":" + base + ",\"edit\":{\"type\":\"give-label\",\"board\":\"home\",\"button\":\"home-want\",\"label\":\"" + label + "\"}}";
    }

    @Test
    void undoIsMineAndSaysSo() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        http.post(vocabulary + "/edits", label(1, "wish"));
        Http.Answer hers = Http.as(marit).post(vocabulary + "/undo", "{}");
        assertThat(hers.status()).isEqualTo(422);
        assertThat(hers.sentence()).isEqualTo("There is nothing of yours to take back.");
        JsonNode back = http.post(vocabulary + "/undo", "{}").json();
        assertThat(back.get("vocabulary").get("version").asInt()).isEqualTo(3);
        assertThat(back.get("steps").get("redo").get("summary").asString()).isEqualTo("took back: called “want” “wish” on Home");
        assertThat(http.get(vocabulary + "/versions").json().get(0).get("summary").asString()).isEqualTo("took back: called “want” “wish” on Home");
        assertThat(http.post(vocabulary + "/redo", "{}").json().get("steps").get("undo").get("summary").asString())
            .isEqualTo("made again: called “want” “wish” on Home");
    }

    @Test
    void goingBackToAnOldVersionIsAnEdit() {
        http.post(vocabulary + "/edits", label(1, "wish"));
        JsonNode back = http.post(vocabulary + "/going-back", "{\"base\":2,\"version\":1}").json();
        assertThat(button(back.get("boards").get(0), "want")).isNotNull();
        assertThat(back.get("steps").get("undo").get("summary").asString()).isEqualTo("went back to version 1");
    }

    @Test
    void aBoardIsAskedForByItsRevisionWhichLasts() {
        long revision = http.get(vocabulary).json().get("boards").get(0).get("revision").asLong();
        assertThat(http.get(vocabulary + "/boards/home?revision=" + revision).header("Cache-Control")).contains("immutable");
        http.post(vocabulary + "/edits", label(1, "wish"));
        assertThat(http.get(vocabulary + "/boards/home?revision=" + revision).header("Cache-Control")).as("no longer in force").isEqualTo("no-store");
        assertThat(http.get(vocabulary).json().get("boards").get(0).get("revision").asLong()).isNotEqualTo(revision);
    }

    @ParameterizedTest
    @ValueSource(strings = {
        "{\"type\":\"several\",\"intentions\":[]}",
        "{\"type\":\"several\"}",
        "{\"type\":\"give-label\",\"board\":\"home\",\"button\":\"nobody\",\"label\":\"x\"}",
        "{\"type\":\"give-label\"}",
        "{\"type\":\"give-picture\",\"board\":\"home\",\"button\":\"home-want\",\"layers\":[{\"picture\":\"../x\",\"x\":0,\"y\":0,\"size\":1000}]}",
        "{\"type\":\"put-buttons\",\"board\":\"home\",\"buttons\":[]}",
        "{\"type\":\"lead-to\",\"board\":\"home\",\"button\":\"home-want\",\"leads\":{\"type\":\"opens\"}}"})
    void whatCannotBeDoneIsAnsweredInASentenceAndNothingIsDone(String edit) {
        Http.Answer answer = http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":" + edit + "}");
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.sentence()).isNotBlank().endsWith(".");
        assertThat(version()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"2147483647,0", "0,2147483647", "-1,0", "40,0"})
    void aWordForACellThatIsNoneIsRefusedAndTheVocabularyStaysOpen(int row, int column) {
        Http.Answer answer = http.post(vocabulary + "/words",
            "{\"base\":1,\"board\":\"home\",\"from\":{\"row\":%d,\"column\":%d},\"text\":\"kite\"}".formatted(row, column));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.sentence()).contains("is off the board");
        assertThat(version()).isEqualTo(1);
    }

    @Test
    void whatOneRequestMayDoIsBounded() {
        String one = "{\"type\":\"rename-vocabulary\",\"name\":\"x\"}";
        Http.Answer answer = http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"several\",\"intentions\":["
            + String.join(",", java.util.Collections.nCopies(501, one)) + "]}}");
        assertThat(answer.sentence()).isEqualTo("That is 501 changes; up to 500 are made at once. Nothing was changed; do it in parts.");
        Http.Answer words = http.post(vocabulary + "/words", "{\"base\":1,\"board\":\"home\",\"text\":\"" + "kite,".repeat(401) + "\"}");
        assertThat(words.sentence()).isEqualTo("That is 401 words; up to 400 go in at once. Nothing was changed.");
    }

    @Test
    void anEmptyWordLineAndAFullBoardAreAnsweredInASentence() {
        assertThat(words(1, "animals", " , ").sentence()).isEqualTo("The word line is empty. Type a word, then press Enter.");
        JsonNode animals = http.get(vocabulary + "/boards/animals").json();
        int free = animals.get("rows").asInt() * animals.get("columns").asInt() - animals.get("buttons").size();
        words(1, "animals", IntStream.range(0, free).mapToObj(i -> "creature " + i).collect(Collectors.joining(", ")));
        Http.Answer full = words(2, "animals", "kite");
        assertThat(full.status()).isEqualTo(422);
        assertThat(full.sentence()).isEqualTo("Every cell of Animals is taken. Take a button off, or put “kite” on another board. Nothing was changed.");
        assertThat(version()).isEqualTo(2);
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
        assertThat(http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"home\"}}").sentence())
            .contains("is the home board");
        Http.Answer nonsense = http.post(vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"explode\"}}");
        assertThat(nonsense.status()).isEqualTo(400);
        assertThat(nonsense.sentence()).contains("Nothing was changed");
        assertThat(new String(nonsense.body())).doesNotContain("Exception").doesNotContain("org.dwimble").doesNotContain("/work");
        assertThat(http.get(vocabulary + "/boards/nowhere").status()).isEqualTo(404);
        assertThat(http.get("/api/nothing").status()).isEqualTo(404);
        assertThat(http.get("/api/vocabularies/abc").status()).isEqualTo(404);
        assertThat(http.post(vocabulary + "/edits", "{\"base\":99,\"edit\":{\"type\":\"rename-board\",\"board\":\"eating\",\"name\":\"x\"}}")
            .status()).isEqualTo(422);
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
