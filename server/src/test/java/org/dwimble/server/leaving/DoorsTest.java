package org.dwimble.server.leaving;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dwimble.core.grant.Role;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.media.Photos;
import org.dwimble.server.obf.Zips;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Each door by which something leaves, with a photo of a sister, one of a gate, and a word that is held for a reason. */
@ExtendWith(TestServer.class)
class DoorsTest {
    private static final AtomicInteger SIDE = new AtomicInteger(200);
    private final Account odile = TestServer.account("Odile");
    private final Account joris = TestServer.account("Joris");
    private final Http hers = Http.as(odile);
    private final Http his = Http.as(joris);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long vocabulary = TestServer.copy("first-choices", ilse, odile);
    private final String words = "/api/vocabularies/" + vocabulary;
    private String sister = "";
    private String gate = "";

    @BeforeEach
    void aSisterAGateAndAWordThatIsHeld() {
        TestServer.join(ilse, joris, Role.VIEWER);
        sister = photo("Quillfeather", Shows.OTHERS);
        gate = photo("Shinglebank", Shows.NOBODY);
        put("eat", "Quillfeather", sister);
        put("eat", "Shinglebank", gate);
        JsonNode held = board("eat").get("buttons").get(0);
        edit("{\"type\":\"hold-words\",\"fact\":false,\"reason\":\"shouted at the harbour\",\"words\":{\"andOpened\":false,\"buttons\":[\""
            + held.get("id").asString()
            + "\"],\"allBut\":false,\"boards\":[]}}");
    }

    private String photo(String word, Shows shows) {
        return photo(word, "MINE&shows=" + shows);
    }

    private String photo(String word, String audience) {
        int side = SIDE.incrementAndGet();
        return hers.upload("/api/own-pictures?words=" + word + "&audience=" + audience, word + ".jpg", Photos.jpeg(side, 40)).json().get("picture")
            .get("picture")
            .asString();
    }

    private void put(String board, String word, String picture) {
        String chosen = "{\"base\":" + version() + ",\"board\":\"" + board + "\",\"fillOn\":true,\"chosen\":[{\"word\":\"" + word + "\",\"label\":\"" + word
            + "\",\"picture\":\"" + picture + "\",\"kind\":\"who\"}]}";
        Http.Answer answer = hers.post(words + "/words", chosen);
        assertThat(answer.status()).as(answer.body().length == 0 ? "" : new String(answer.body(), StandardCharsets.UTF_8)).isEqualTo(200);
    }

    private void edit(String edit) {
        Http.Answer answer = hers.post(words + "/edits", "{\"base\":" + version() + ",\"edit\":" + edit + "}");
        assertThat(answer.status()).as(new String(answer.body(), StandardCharsets.UTF_8)).isEqualTo(200);
    }

    private int version() {
        return hers.get(words).json().get("version").asInt();
    }

    private JsonNode board(String board) {
        return hers.get(words + "/boards/" + board).json();
    }

    private byte[] bytes(String picture) {
        return hers.get(words + "/pictures/" + picture.substring(4)).body();
    }

    private static boolean holds(Collection<byte[]> files, byte[] picture) {
        return files.stream().anyMatch(file -> java.util.Arrays.equals(file, picture));
    }

    private static String boards(Map<String, byte[]> files) {
        StringBuilder all = new StringBuilder();
        files.forEach((name, file) -> all.append(name.endsWith(".obf") || name.endsWith(".json") ? new String(file, StandardCharsets.UTF_8) : ""));
        return all.toString();
    }

    @Test
    void aPackageTakesNobodysPhotoAlongUnlessSomebodySaysSo() throws IOException {
        byte[] shesHere = bytes(sister);
        JsonNode asked = hers.get(words + "/carrying-away").json();
        assertThat(asked.get("others").asInt()).isEqualTo(1);
        assertThat(asked.get("student").asInt()).isZero();
        assertThat(asked.get("staying").asInt()).isZero();
        assertThat(asked.get("reasons").asInt()).isEqualTo(1);

        Map<String, byte[]> usual = Zips.files(hers.get(words + "/package.obz").body());
        assertThat(holds(usual.values(), shesHere)).isFalse();
        assertThat(holds(usual.values(), bytes(gate))).as("what shows nobody goes along").isTrue();
        assertThat(boards(usual)).contains("Quillfeather").contains("core/somebody").doesNotContain("shouted at the harbour").doesNotContain("Odile");

        Map<String, byte[]> said = Zips.files(hers.get(words + "/package.obz?student=true&others=true&notes=true&name=false").body());
        assertThat(holds(said.values(), shesHere)).isTrue();
        assertThat(boards(said)).contains("shouted at the harbour").doesNotContain("Ilse’s words").doesNotContain("Odile");

        Map<String, byte[]> empty = Zips.files(hers.get(words + "/package.obz?instead=EMPTY").body());
        assertThat(boards(empty)).contains("Quillfeather").doesNotContain("core/somebody");
    }

    @Test
    void aPhotoOfTheStudentIsAskedAboutByItselfAndIsSomebodyElseOnOtherBoards() throws IOException {
        String own = photo("Marram", "STUDENT&student=" + ilse.id() + "&shows=STUDENT");
        put("play", "Marram", own);
        JsonNode asked = hers.get(words + "/carrying-away").json();
        assertThat(asked.get("student").asInt()).isEqualTo(1);
        assertThat(asked.get("others").asInt()).isEqualTo(1);
        Collection<byte[]> hisOrHers = Zips.files(hers.get(words + "/package.obz?student=true").body()).values();
        assertThat(holds(hisOrHers, bytes(own))).isTrue();
        assertThat(holds(hisOrHers, bytes(sister))).isFalse();
        Collection<byte[]> othersAlone = Zips.files(hers.get(words + "/package.obz?others=true").body()).values();
        assertThat(holds(othersAlone, bytes(own))).isFalse();
        assertThat(holds(othersAlone, bytes(sister))).isTrue();

        Student pim = TestServer.student("Pim", odile);
        JsonNode copying = hers.get("/api/students/" + pim.id() + "/copying?vocabulary=" + vocabulary).json();
        assertThat(copying.get("people").asInt()).as("the sister’s, which may be used for any student").isEqualTo(1);
        assertThat(copying.get("staying").asInt()).as("the one that is for Ilse").isEqualTo(1);
    }

    @Test
    void whoOnlyLooksTakesNoPhotoAwayThatIsForTheTeamButOneOfHisOwn() throws IOException {
        String team = photo("Marram", "STUDENT&student=" + ilse.id() + "&shows=OTHERS");
        put("play", "Marram", team);
        int side = SIDE.incrementAndGet();
        byte[] same = Photos.jpeg(side, 40);
        String both = hers.upload("/api/own-pictures?words=Samphire", "Samphire.jpg", same).json().get("picture").get("picture").asString();
        assertThat(his.upload("/api/own-pictures?words=Samphire", "Samphire.jpg", same).status()).isEqualTo(200);
        put("play", "Samphire", both);
        assertThat(his.get(words + "/carrying-away").json().get("others").asInt()).isEqualTo(1);
        Collection<byte[]> taken = Zips.files(his.get(words + "/package.obz?student=true&others=true").body()).values();
        assertThat(holds(taken, bytes(both))).isTrue();
        assertThat(holds(taken, bytes(team))).isFalse();
        assertThat(holds(taken, bytes(sister))).isFalse();
    }

    @Test
    void whatWasSaidOutlivesThePictureInTheCollectionAndARetouch() throws IOException {
        for (String words : new String[] {"Quillfeather", "Marram"}) {
            boolean deleted = words.equals("Quillfeather");
            String picture = deleted ? sister : photo(words, Shows.OTHERS);
            if (!deleted) {
                put("play", words, picture);
            }
            long row = -1;
            for (JsonNode own : hers.get("/api/own-pictures").json()) {
                row = own.get("picture").asString().equals(picture) ? own.get("id").asLong() : row;
            }
            Http.Answer gone = deleted ? hers.send("DELETE", "/api/own-pictures/" + row, "")
                : hers.post("/api/own-pictures/" + row + "/retouch", "{\"quarters\":1,\"x\":0,\"y\":0,\"side\":1,\"brighten\":0,\"withoutGround\":false}");
            assertThat(gone.status()).as(words).isEqualTo(200);
            assertThat(hers.get("/api/own-pictures").json().toString()).doesNotContain(picture);
        }
        assertThat(hers.get(this.words + "/carrying-away").json().get("others").asInt()).isEqualTo(2);
        Map<String, byte[]> usual = Zips.files(hers.get(this.words + "/package.obz").body());
        assertThat(holds(usual.values(), bytes(sister))).isFalse();
    }

    @Test
    void whatAPackageBroughtIsForTheTeamOfItsStudentAndMayShowSomebody() throws IOException {
        byte[] away = hers.get(words + "/package.obz?others=true").body();
        Student pim = TestServer.student("Pim", odile);
        String brought = "/api/vocabularies/" + hers.upload("/api/students/" + pim.id() + "/packages", "words.obz", away).json().get("vocabulary").asLong();
        TestServer.join(pim, joris, Role.EDITOR);
        JsonNode asked = his.get(brought + "/carrying-away").json();
        assertThat(asked.get("others").asInt()).as("the sister as before, and nothing new of the gate, of which Odile said that it shows nobody").isEqualTo(1);
        String another = "/api/vocabularies/" + TestServer.copy("first-choices", pim, odile);
        String chosen = "{\"base\":" + his.get(another).json().get("version").asInt() + ",\"board\":\"eat\",\"fillOn\":true,\"chosen\":[{\"word\":\"Q\","
            + "\"label\":\"Q\",\"picture\":\"" + sister + "\",\"kind\":\"who\"}]}";
        assertThat(his.post(another + "/words", chosen).status()).as("on other boards of the same student").isEqualTo(200);
        String elsewhere = "/api/vocabularies/" + TestServer.copy("first-choices", TestServer.student("Tarn", joris), joris);
        assertThat(his.post(elsewhere + "/words", chosen.replaceFirst("\"base\":\\d+", "\"base\":" + his.get(elsewhere).json().get("version").asInt()))
            .status()).as("on those of another").isNotEqualTo(200);
    }

    @Test
    void namesOfVersionsNeverGoAlong() throws IOException {
        hers.send("PUT", words + "/versions/" + version() + "/name", "{\"name\":\"after the hospital\"}");
        assertThat(boards(Zips.files(hers.get(words + "/package.obz?student=true&others=true&notes=true").body()))).doesNotContain("after the hospital");
    }

    @Test
    void whoOnlyLooksTakesNobodysPhotoAwayWhateverIsSaid() throws IOException {
        byte[] shesHere = bytes(sister);
        JsonNode asked = his.get(words + "/carrying-away").json();
        assertThat(asked.get("others").asInt()).isZero();
        assertThat(asked.get("staying").asInt()).isEqualTo(1);
        assertThat(holds(Zips.files(his.get(words + "/package.obz?student=true&others=true").body()).values(), shesHere)).isFalse();
        String alone = new String(his.get(words + "/boards/eat/board.obf?student=true&others=true").body(), StandardCharsets.UTF_8);
        assertThat(alone).contains("Quillfeather").doesNotContain(java.util.Base64.getEncoder().encodeToString(shesHere));
    }

    @Test
    void onPaperForOthersTheSisterIsDrawnAndThePageSaysSo() throws IOException {
        String sheet = words + "/boards/eat/sheet";
        JsonNode team = hers.get(sheet).json();
        assertThat(team.get("people").asInt()).isEqualTo(1);
        assertThat(team.get("page").toString()).contains(sister);
        JsonNode others = hers.get(sheet + "?printedFor=OTHERS_DRAWN").json();
        assertThat(others.get("page").toString()).doesNotContain(sister).contains("core/somebody").contains(gate);
        assertThat(others.get("notes").toString()).contains("1 photo or voice that may be somebody’s stayed at the school; drawn symbols stand there");
        assertThat(hers.get(sheet + "?printedFor=OTHERS_EMPTY").json().get("page").toString()).doesNotContain(sister).doesNotContain("core/somebody");
        assertThat(hers.get(sheet + "?printedFor=OTHERS_WITH_PHOTOS").json().get("page").toString()).contains(sister);
        assertThat(his.get(sheet + "?printedFor=OTHERS_WITH_PHOTOS").json().get("page").toString()).as("who only looks").doesNotContain(sister);
        assertThat(text(hers.get(sheet + ".pdf").body())).contains("Ilse’s words");
        assertThat(text(hers.get(sheet + ".pdf?printedFor=OTHERS_DRAWN").body())).contains("Quillfeather").doesNotContain("Ilse");
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void aNameIsDrawnAsAFigureAndAWordForPeopleAsItself() {
        put("play", "Lot", photo("Lot", Shows.OTHERS));
        put("play", "sister", photo("sister", Shows.OTHERS));
        String page = hers.get(words + "/boards/play/sheet?printedFor=OTHERS_DRAWN").json().get("page").toString();
        assertThat(page).contains("\"text\":\"Lot\"").contains("core/somebody").contains("core/sister").doesNotContain("core/lot");
    }

    @Test
    void aListForOthersAndItsBoardLeaveTheSisterBehind() {
        String made = "{\"student\":\"" + ilse.id() + "\",\"vocabulary\":" + vocabulary + ",\"boards\":[\"eat\"]}";
        String list = "/api/lists/" + hers.post("/api/lists", made).json().get("id").asLong();
        JsonNode team = hers.get(list + "/sheets").json();
        assertThat(team.get("people").asInt()).isEqualTo(1);
        assertThat(team.get("page").toString()).contains(sister);
        JsonNode others = hers.get(list + "/sheets?printedFor=OTHERS_DRAWN").json();
        assertThat(others.get("page").toString()).doesNotContain(sister).contains("core/somebody");
        assertThat(others.get("notes").toString()).contains("stayed at the school");
        assertThat(hers.get(list + "/pages?printedFor=OTHERS_EMPTY").json().toString()).doesNotContain(sister).doesNotContain("core/somebody");
        String shesHere = java.util.Base64.getEncoder().encodeToString(bytes(sister));
        assertThat(new String(hers.get(list + "/board.obf").body(), StandardCharsets.UTF_8)).contains("Quillfeather").doesNotContain(shesHere);
        assertThat(new String(hers.get(list + "/board.obf?people=true").body(), StandardCharsets.UTF_8)).contains(shesHere);
        assertThat(new String(his.get(list + "/board.obf?people=true").body(), StandardCharsets.UTF_8)).as("who only looks").doesNotContain(shesHere);
    }

    @Test
    void aListThatGoesOnToAnotherStudentLeavesTheSisterBehindAndTheGateNot() {
        Student pim = TestServer.student("Pim", odile);
        String boards = "\"vocabulary\":" + vocabulary + ",\"boards\":[\"eat\"]}";
        assertThat(hers.post("/api/lists", "{\"student\":\"" + pim.id() + "\"," + boards).json().toString()).contains(gate).doesNotContain(sister);
        JsonNode list = hers.post("/api/lists", "{\"student\":\"" + ilse.id() + "\"," + boards).json();
        assertThat(list.toString()).contains(gate).contains(sister);
        String from = "\"from\":" + list.get("id").asLong() + "}";
        assertThat(hers.post("/api/lists", "{\"student\":\"" + pim.id() + "\"," + from).json().toString()).contains(gate).doesNotContain(sister);
        assertThat(hers.post("/api/lists", "{" + from).json().toString()).as("for herself").contains(sister);
        assertThat(his.post("/api/lists", "{" + from).json().toString()).as("for whom they were not taken in").doesNotContain(gate).doesNotContain(sister);
    }
}
