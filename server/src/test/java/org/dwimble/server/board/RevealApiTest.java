package org.dwimble.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
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

/** Showing a few words first, holding words, and keeping places, over HTTP. */
@ExtendWith(TestServer.class)
class RevealApiTest {
    private static final String EVERYTHING = "{\"andOpened\":false,\"allBut\":false}";
    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Http http = Http.as(odile);
    private final Http maritsHttp = Http.as(marit);
    private Student ilse;
    private long id;
    private String vocabulary;

    @BeforeEach
    void copyOfLastWeek() {
        ilse = TestServer.student("Ilse", odile);
        TestServer.join(ilse, marit, Role.EDITOR);
        id = TestServer.copy("starter-40", ilse, odile, Instant.now().minus(7, ChronoUnit.DAYS));
        vocabulary = "/api/vocabularies/" + id;
    }

    private int version() {
        return http.get(vocabulary).json().get("version").asInt();
    }

    private Http.Answer edit(String edit) {
        return edit(http, version(), edit, "");
    }

    private Http.Answer edit(Http by, int base, String edit, String query) {
        return by.post(vocabulary + "/edits" + query, "{\"base\":%d,\"edit\":%s}".formatted(base, edit));
    }

    private static String meant(String more) {
        return "{\"andOpened\":false,\"allBut\":false," + more + "}";
    }

    private String step(int number) {
        return http.get(vocabulary).json().get("plan").get("steps").get(number - 1).get("id").asString();
    }

    private void planOfTwo() {
        edit("{\"type\":\"add-step\",\"name\":\"First words\",\"words\":" + meant("\"words\":[\"I\",\"want\",\"go\",\"dog\"]") + "}");
        edit("{\"type\":\"add-step\",\"name\":\"Asking\",\"planned\":\"2027-01-11\",\"words\":" + meant("\"words\":[\"more\",\"cat\"]") + "}");
    }

    private String kept(String button) {
        return http.get(vocabulary + "/revealed").json().get("kept").path(button).asString("");
    }

    private String button(String board, String label) {
        return StreamSupport.stream(http.get(vocabulary + "/boards/" + board).json().get("buttons").spliterator(), false)
            .filter(b -> b.get("label").asString().equals(label)).findFirst().orElseThrow().get("id").asString();
    }

    @Test
    void aPlanShowsAFewWordsAndMovingOnShowsMoreAndSaysWhich() {
        planOfTwo();
        JsonNode view = http.get(vocabulary).json();
        assertThat(view.get("plan").get("at").asInt()).isEqualTo(1);
        assertThat(view.get("plan").get("steps").get(0).get("began").asString()).isEqualTo(LocalDate.now(java.time.ZoneOffset.UTC).toString());
        assertThat(view.get("counts").get("byStep").toString()).isEqualTo("[4,6]");
        assertThat(view.get("counts").get("shown").asInt()).isEqualTo(4);
        assertThat(kept(button("home", "more"))).isEqualTo("WAITS");
        assertThat(kept(button("home", "play"))).isEqualTo("NOTHING_BEHIND");
        assertThat(kept(button("home", "more topics"))).as("dog is two boards away").isEmpty();
        int before = version();
        JsonNode moved = edit("{\"type\":\"go-to-step\",\"step\":\"" + step(2) + "\"}").json();
        assertThat(moved.get("vocabulary").get("counts").get("shown").asInt()).isEqualTo(6);
        JsonNode compared = http.get(vocabulary + "/comparison?then=" + before).json();
        assertThat(compared.get("counts").get("SHOWN").asInt()).isEqualTo(StreamSupport.stream(compared.get("words").spliterator(), false)
            .filter(w -> List.of("more", "cat").contains(w.get("text").asString())).count()).isPositive();
        assertThat(compared.get("saidKept").asDouble()).isEqualTo(1);
        assertThat(http.get(vocabulary + "/step-words?step=" + step(2)).json().toString()).contains("more", "cat").doesNotContain("\"I\"");
    }

    @Test
    void twoWhoMoveTheStudentOnAtOnceMoveOneStep() {
        planOfTwo();
        int base = version();
        String on = "{\"type\":\"go-to-step\",\"step\":\"" + step(2) + "\"}";
        assertThat(edit(http, base, on, "").status()).isEqualTo(200);
        Http.Answer second = edit(maritsHttp, base, on, "");
        assertThat(second.status()).isIn(409, 422);
        assertThat(second.json().get("detail").asString()).contains("Asking");
        assertThat(http.get(vocabulary).json().get("plan").get("at").asInt()).isEqualTo(2);
    }

    @Test
    void aNewWordIsShownFromNowOrWaitsAsWasChosen() {
        planOfTwo();
        String words = "{\"base\":%d,\"board\":\"play\",\"text\":\"%s\"}";
        JsonNode now = http.post(vocabulary + "/words", words.formatted(version(), "kite")).json();
        assertThat(kept(now.get("added").get(0).asString())).isEmpty();
        JsonNode later = http.post(vocabulary + "/words?step=" + step(2), words.formatted(version(), "lantern")).json();
        assertThat(kept(later.get("added").get(0).asString())).isEqualTo("WAITS");
    }

    @Test
    void heldWordsAreListedWithReasonWhoAndSinceAndTheWayHomeIsNeverHeld() {
        String until = LocalDate.now().plusDays(9).toString();
        edit("{\"type\":\"hold-words\",\"fact\":false,\"by\":\"Nobody\",\"since\":\"2001-01-01\",\"reason\":\"asks all day\",\"until\":\"" + until
            + "\",\"words\":"
            + meant("\"board\":\"animals\"") + "}");
        JsonNode held = http.get(vocabulary + "/held").json();
        assertThat(held.size()).isEqualTo(30);
        assertThat(held.get(0).get("by").asString()).as("whatever a client says of that").isEqualTo("Odile");
        assertThat(held.get(0).get("since").asString()).isNotEqualTo("2001-01-01");
        assertThat(held.get(0).get("reason").asString()).isEqualTo("asks all day");
        assertThat(http.get(vocabulary + "/versions").json().get(0).toString()).contains("held “dog”, “cat”").doesNotContain("asks all day");
        Http.Answer way = edit("{\"type\":\"hold-words\",\"fact\":false,\"reason\":\"\",\"words\":" + meant("\"buttons\":[\""
            + button("animals", "home") + "\"]") + "}");
        assertThat(way.status()).isEqualTo(422);
        assertThat(way.json().get("detail").asString()).contains("never held");
        assertThat(edit("{\"type\":\"hold-words\",\"fact\":false,\"reason\":\"\",\"until\":\"2001-01-01\",\"words\":" + EVERYTHING + "}").json()
            .get("detail").asString())
            .contains("over already");
        edit("{\"type\":\"let-go\",\"words\":" + EVERYTHING + "}");
        assertThat(http.get(vocabulary + "/held").json().size()).isZero();
    }

    @Test
    void aReasonThatFollowsFromAFactIsNotForThoseWhoOnlyLook() {
        Account family = TestServer.account("Uncle Piet");
        TestServer.join(ilse, family, Role.VIEWER);
        edit("{\"type\":\"hold-words\",\"fact\":true,\"reason\":\"egg allergy\",\"words\":" + meant("\"words\":[\"egg\"]") + "}");
        assertThat(http.get(vocabulary + "/held").json().get(0).get("reason").asString()).isEqualTo("egg allergy");
        assertThat(Http.as(family).get(vocabulary + "/held").json().get(0).has("reason")).isFalse();
    }

    @Test
    void aLearnedWordIsNotMovedBeforeThatIsSaidAndWhatMovesNothingIsOffered() {
        String stop = button("home", "stop");
        String move = "{\"type\":\"move-button\",\"board\":\"home\",\"button\":\"" + stop + "\",\"to\":\"home\",\"cell\":{\"row\":0,\"column\":0}}";
        Http.Answer asked = edit(move);
        assertThat(asked.status()).isEqualTo(428);
        assertThat(asked.json().get("detail").asString()).contains("2 words would change place", "stop", "I");
        assertThat(asked.json().get("needsReason").asBoolean()).isFalse();
        assertThat(asked.json().get("instead").get("words").asString()).contains("put a copy in row");
        assertThat(version()).as("nothing is half done").isEqualTo(1);
        assertThat(edit(http, 1, move, "?sure=true").status()).isEqualTo(200);
        assertThat(http.post(vocabulary + "/undo", "{}").status()).as("back to where they were").isEqualTo(200);
        assertThat(edit("{\"type\":\"delete-board\",\"board\":\"animals\"}").json().get("detail").asString()).contains("30 words would be there no more");
        JsonNode preview = http.post(vocabulary + "/previews",
            "{\"base\":1,\"edit\":{\"type\":\"insert-line\",\"board\":\"animals\",\"axis\":\"ROWS\",\"at\":0}}").json();
        assertThat(preview.get("asks").get("instead").get("words").asString()).contains("row at the end");
    }

    @Test
    void whatWasPutTodayMovesAboutFreely() {
        JsonNode put = http.post(vocabulary + "/words", "{\"base\":1,\"board\":\"play\",\"text\":\"kite\"}").json();
        String kite = put.get("added").get(0).asString();
        assertThat(edit("{\"type\":\"move-button\",\"board\":\"play\",\"button\":\"" + kite + "\",\"to\":\"home\",\"cell\":{\"row\":2,\"column\":5}}")
            .status()).isEqualTo(200);
        assertThat(edit("{\"type\":\"take-off\",\"board\":\"home\",\"button\":\"" + kite + "\"}").status()).isEqualTo(200);
    }

    @Test
    void wherePlacesAreKeptTheReasonIsAskedForAndStandsInWhatHappened() {
        http.changeStudent(ilse.id(),
            "{\"name\":\"Ilse\",\"className\":\"\",\"screen\":{\"width\":200000,\"height\":150000},\"placesKept\":true}");
        String kite = http.post(vocabulary + "/words", "{\"base\":1,\"board\":\"play\",\"text\":\"kite\"}").json().get("added").get(0).asString();
        String off = "{\"type\":\"take-off\",\"board\":\"play\",\"button\":\"" + kite + "\"}";
        assertThat(edit(http, 2, off, "?sure=true").json().get("needsReason").asBoolean()).isTrue();
        assertThat(edit(http, 2, off, "?sure=true&reason=lost%20it").status()).isEqualTo(200);
        assertThat(http.get(vocabulary + "/versions").json().get(0).get("summary").asString()).contains("took “kite” off", "lost it");
    }

    @Test
    void wordsThatMovedAreComparedAndPutBack() {
        String stop = button("home", "stop");
        edit(http, 1, "{\"type\":\"move-button\",\"board\":\"home\",\"button\":\"" + stop + "\",\"to\":\"home\",\"cell\":{\"row\":2,\"column\":5}}",
            "?sure=true");
        JsonNode compared = http.get(vocabulary + "/comparison?then=1").json();
        assertThat(compared.get("of").asInt() - compared.get("kept").asInt()).isEqualTo(1);
        assertThat(compared.get("saidKept").asDouble()).isBetween(0.9, 1.0);
        JsonNode word = compared.get("words").get(0);
        assertThat(word.get("fate").asString()).isEqualTo("MOVED");
        assertThat(word.get("was").get("cell").toString()).isEqualTo("{\"row\":3,\"column\":4}");
        assertThat(http.post(vocabulary + "/putting-back", "{\"base\":2,\"version\":1,\"button\":\"" + stop + "\"}").status()).isEqualTo(200);
        assertThat(http.get(vocabulary + "/comparison?then=1").json().get("words").size()).isZero();
        assertThat(http.post(vocabulary + "/putting-back", "{\"base\":3,\"version\":1}").status()).isEqualTo(422);
        long other = TestServer.copy("first-choices", TestServer.student("Tomasz", odile), odile);
        assertThat(http.get(vocabulary + "/comparison?of=" + other).json().get("words").get(0).get("fate").asString()).isNotEmpty();
    }

    @Test
    void aGlanceTellsTheLineOfWordsShownWithWhatIsMarked() {
        planOfTwo();
        edit("{\"type\":\"go-to-step\",\"step\":\"" + step(2) + "\"}");
        JsonNode glance = http.get(vocabulary + "/glance").json().get(0);
        assertThat(glance.get("plan").get("at").asInt()).isEqualTo(2);
        assertThat(glance.get("line").size()).isGreaterThanOrEqualTo(3);
        assertThat(glance.get("line").get(glance.get("line").size() - 1).get("shown").asInt()).isEqualTo(6);
        assertThat(glance.get("line").toString()).contains("Odile moved on to step 2, Asking");
        assertThat(http.get("/api/glances").json().size()).isPositive();
    }
}
