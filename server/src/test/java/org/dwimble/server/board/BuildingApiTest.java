package org.dwimble.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Building boards over the network: previews, patterns, copies from elsewhere and for others, looks two people give. */
@ExtendWith(TestServer.class)
class BuildingApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student ilse;
    private long id;
    private String vocabulary;

    @BeforeEach
    void copy() {
        ilse = TestServer.student("Ilse", odile);
        id = TestServer.copy("starter-40", ilse, odile);
        vocabulary = "/api/vocabularies/" + id;
    }

    private Http.Answer edit(Http by, int base, String intention) {
        return by.post(vocabulary + "/edits", "{\"base\":%d,\"edit\":%s}".formatted(base, intention.replace('\'', '"')));
    }

    private static JsonNode button(JsonNode board, String id) {
        return StreamSupport.stream(board.get("buttons").spliterator(), false).filter(b -> b.get("id").asString().equals(id)).findFirst().orElseThrow();
    }

    /** The id of the button on Play that opens a board. */
    private String opener(String opened) {
        return StreamSupport.stream(board("play").get("buttons").spliterator(), false).filter(b -> b.get("leads").path("board").asString("").equals(opened))
            .findFirst().orElseThrow().get("id").asString();
    }

    private JsonNode board(String board) {
        return http.get(vocabulary + "/boards/" + board).json();
    }

    @Test
    void aPreviewTellsWhoWouldMoveAndKeepsNothing() {
        JsonNode would = http.post(vocabulary + "/previews",
            "{\"base\":1,\"edit\":{\"type\":\"insert-line\",\"board\":\"play\",\"axis\":\"ROWS\",\"at\":1}}").json();
        assertThat(would.has("refusal")).isFalse();
        assertThat(would.get("moving").size()).isGreaterThan(20);
        assertThat(would.get("moving").get(0).get("to").get("row").asInt()).isEqualTo(would.get("moving").get(0).get("from").get("row").asInt() + 1);
        JsonNode end = http.post(vocabulary + "/previews",
            "{\"base\":1,\"edit\":{\"type\":\"insert-line\",\"board\":\"play\",\"axis\":\"ROWS\",\"at\":5}}").json();
        assertThat(end.get("moving").size()).isZero();
        JsonNode refused = http.post(vocabulary + "/previews",
            "{\"base\":1,\"edit\":{\"type\":\"remove-line\",\"board\":\"play\",\"axis\":\"ROWS\",\"at\":1}}").json();
        assertThat(refused.get("refusal").asString()).contains("would have no place any more").contains("row 2").contains("Nothing was changed");
        assertThat(http.get(vocabulary).json().get("version").asInt()).isEqualTo(1);
    }

    @Test
    void badShapesAreRefusedInWords() {
        assertThat(edit(http, 1, "{'type':'stretch-button','board':'play','button':'play-ball','span':{'rows':1,'columns':2}}").sentence())
            .contains("“ball” would cover “bubbles” on Play");
        assertThat(edit(http, 1, "{'type':'stretch-button','board':'play','button':'play-ball','span':{'rows':1,'columns':2147483647}}").status())
            .isEqualTo(422);
        assertThat(edit(http, 1, "{'type':'delete-board','board':'home'}").status()).isEqualTo(422);
        assertThat(edit(http, 1, "{'type':'give-look','board':'play','buttons':['play-ball'],'look':{'gap':5},'usual':[]}").sentence())
            .contains("are a board’s");
        assertThat(edit(http, 1, "{'type':'give-look','board':'play','buttons':[],'look':{'fill':'puce'},'usual':[]}").status()).isEqualTo(422);
        assertThat(edit(http, 1, "{'type':'split-cell','board':'play','cell':{'row':1,'column':0},'axis':'COLUMNS'}").status()).isEqualTo(200);
        assertThat(board("play").get("widths").toString()).isEqualTo("[1,1,2,2,2,2,2,2,2]");
    }

    @Test
    void twoWhoColourOneButtonMeetAndTwoButtonsDoNot() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        String look = "{'type':'give-look','board':'play','buttons':['%s'],'look':{'fill':'%s'},'usual':[]}";
        assertThat(edit(Http.as(marit), 1, look.formatted("play-ball", "#c6def9")).status()).isEqualTo(200);
        assertThat(edit(http, 1, look.formatted("play-doll", "#f8cfe0")).status()).isEqualTo(200);
        Http.Answer met = edit(http, 1, look.formatted("play-ball", "#f8cfe0"));
        assertThat(met.status()).isEqualTo(409);
        assertThat(met.sentence()).contains("Marit").contains("changed how “ball” on Play looks");
        assertThat(button(board("play"), "play-ball").get("look").get("fill").asString()).isEqualTo("#c6def9");
    }

    @Test
    void aBoardOfAPatternHasItsPicturesAndAnOpenerInTheSameStep() {
        JsonNode made = http.post(vocabulary + "/boards",
            "{\"base\":1,\"name\":\"Days\",\"pattern\":\"days\",\"openedFrom\":\"play\",\"at\":{\"row\":3,\"column\":1}}").json();
        String board = made.get("added").get(0).asString();
        JsonNode days = board(board);
        assertThat(StreamSupport.stream(days.get("buttons").spliterator(), false).map(b -> b.get("label").asString()))
            .contains("Monday", "Sunday", "tomorrow", "back", "home");
        assertThat(days.get("buttons").get(0).get("picture").asString()).startsWith("core/");
        assertThat(http.get(vocabulary + "/boards/play").json().get("buttons").toString()).contains("\"board\":\"" + board + "\"");
        assertThat(button(http.get(vocabulary + "/boards/play").json(), opener(board)).has("picture")).as("with a picture for its name").isTrue();
        http.post(vocabulary + "/undo", "{}");
        assertThat(http.get(vocabulary + "/boards/" + board).status()).as("both go in one").isEqualTo(404);
        for (JsonNode pattern : http.get(vocabulary + "/patterns").json()) {
            assertThat(http.post(vocabulary + "/boards", "{\"base\":1,\"name\":\"%s\",\"pattern\":\"%s\",\"rows\":4,\"columns\":9}"
                .formatted(pattern.get("name").asString(), pattern.get("pattern").asString())).status()).as(pattern.toString()).isEqualTo(200);
        }
    }

    @Test
    void copiesComeFromAnotherVocabularyIfItsPhotosMayBeSeenHere() {
        Student sefa = TestServer.student("Sefa", odile);
        long other = TestServer.copy("first-choices", sefa, odile);
        JsonNode from = http.get("/api/vocabularies/" + other).json();
        String home = from.get("home").asString();
        JsonNode buttons = http.get("/api/vocabularies/" + other + "/boards/" + home).json().get("buttons");
        String first = buttons.get(0).get("id").asString();
        String bring = ("{\"base\":1,\"seen\":1,\"from\":%d,\"boards\":[],\"withAll\":false,\"carried\":{\"board\":\"%s\",\"buttons\":[\"%s\"]},"
            + "\"where\":{\"board\":\"play-more\",\"at\":{\"row\":1,\"column\":0},\"name\":\"\"}}").formatted(other, home, first);
        JsonNode brought = http.post(vocabulary + "/arrivals", bring).json();
        assertThat(brought.get("added").size()).isEqualTo(1);
        JsonNode now = button(board("play-more"), brought.get("added").get(0).asString());
        assertThat(now.get("label")).isEqualTo(buttons.get(0).get("label"));
        assertThat(now.get("leads").get("type").asString()).as("it opened a board that is not here").isEqualTo("stays");
        String photo = http.upload("/api/own-pictures?words=crab&audience=STUDENT&student=" + sefa.id()
            + "&shows=OTHERS&origin=OWN_PHOTO&author=&licence=&source=",
            "crab.jpg", Photos.jpeg(40, 40)).json().get("picture").get("picture").asString();
        assertThat(http.post("/api/vocabularies/" + other + "/edits",
            ("{\"base\":1,\"edit\":{\"type\":\"give-picture\",\"board\":\"%s\",\"button\":\"%s\",\"layers\":[{\"picture\":\"%s\",\"x\":0,\"y\":0,"
                + "\"size\":1000}]}}")
                .formatted(home, first, photo))
            .status()).isEqualTo(200);
        JsonNode without = http.post(vocabulary + "/arrivals", bring.replace("\"column\":0", "\"column\":1").replace("\"seen\":1", "\"seen\":2")).json();
        assertThat(board("play-more").toString()).as("a photo of another student’s alone stays behind").doesNotContain(photo);
        assertThat(without.get("added").size()).isEqualTo(1);
        Account stranger = TestServer.account("Stranger");
        assertThat(Http.as(stranger).post(vocabulary + "/arrivals", bring).status()).isEqualTo(404);
        assertThat(http.post(vocabulary + "/boards", "{\"base\":2,\"name\":\"Play again\",\"copyOf\":\"play\"}").status()).isEqualTo(200);
    }

    @Test
    void aCopyForAnotherStudentLeavesBehindWhatIsNotForThatOne() {
        Student sefa = TestServer.student("Sefa", odile);
        String facts = "&shows=OTHERS&origin=OWN_PHOTO&author=&licence=&source=";
        String only = http.upload("/api/own-pictures?words=ball&audience=STUDENT&student=" + ilse.id() + facts, "ball.jpg", Photos.jpeg(40, 40)).json()
            .get("picture").get("picture").asString();
        String school = http.upload("/api/own-pictures?words=doll&audience=SCHOOL" + facts, "doll.jpg", Photos.jpeg(50, 40)).json()
            .get("picture").get("picture").asString();
        String give = "{'type':'give-picture','board':'play','button':'%s','layers':[{'picture':'%s','x':0,'y':0,'size':1000}]}";
        edit(http, 1, give.formatted("play-ball", only));
        edit(http, 2, give.formatted("play-doll", school));
        JsonNode asked = http.get("/api/students/" + sefa.id() + "/copying?vocabulary=" + id).json();
        assertThat(List.of(asked.get("people").asInt(), asked.get("staying").asInt())).containsExactly(1, 1);
        JsonNode with = http.post("/api/students/" + sefa.id() + "/vocabularies",
            "{\"vocabulary\":%d,\"name\":\"Sefa’s words\",\"note\":\"to begin with\"}".formatted(id)).json();
        assertThat(with.get("left").asInt()).isEqualTo(1);
        JsonNode play = http.get("/api/vocabularies/" + with.get("vocabulary").asLong() + "/boards/play").json();
        assertThat(button(play, "play-ball").get("picture").asString()).as("only for Ilse: a drawn one stands there").startsWith("base/");
        assertThat(button(play, "play-doll").get("picture").asString()).isEqualTo(school);
        JsonNode without = http.post("/api/students/" + sefa.id() + "/vocabularies",
            "{\"vocabulary\":%d,\"name\":\"Again\",\"withoutPeople\":true}".formatted(id)).json();
        assertThat(without.get("left").asInt()).isEqualTo(2);
        String copy = "/api/vocabularies/" + with.get("vocabulary").asLong();
        http.post(copy + "/edits", "{\"base\":1,\"edit\":{\"type\":\"take-off\",\"board\":\"play\",\"button\":\"play-doll\"}}");
        JsonNode origin = http.get(copy + "/origin").json().get(0);
        assertThat(origin.get("note").asString()).isEqualTo("to begin with");
        assertThat(origin.get("version").asInt()).isEqualTo(3);
        assertThat(origin.get("here").get("buttons").asInt()).isEqualTo(1);
        assertThat(origin.get("there").get("buttons").asInt()).isZero();
        Account marit = TestServer.account("Marit");
        TestServer.join(sefa, marit, Role.EDITOR);
        assertThat(Http.as(marit).get(copy + "/origin").json().get(0).has("there")).as("who may not see the other is not told of it").isFalse();
        assertThat(http.get(vocabulary + "/origin").json().size()).as("a copy of a starter").isEqualTo(1);
    }

    @Test
    void aButtonLeadsToAVocabularyOfThisStudentThatWhoLeadsItMaySee() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        long second = TestServer.copy("first-choices", ilse, odile);
        long others = TestServer.copy("first-choices", TestServer.student("Sefa", odile), odile);
        String lead = "{'type':'lead-to','board':'play','button':'play-ball','leads':{'type':'elsewhere','vocabulary':%d}}";
        assertThat(edit(Http.as(marit), 1, lead.formatted(others)).sentence()).startsWith("That is a vocabulary of another student, or one that is not shared");
        assertThat(edit(http, 1, lead.formatted(others)).status()).as("nor for who may see both").isEqualTo(422);
        assertThat(edit(http, 1, lead.formatted(999_999)).status()).isEqualTo(422);
        assertThat(edit(Http.as(marit), 1, lead.formatted(second)).status()).isEqualTo(200);
    }
}
