package org.dwimble.server.bringin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Boards brought in over HTTP: from where one may, what is told before, and what comes. */
@ExtendWith(TestServer.class)
class BringInApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student ilse;
    private Student sefa;
    private long there;
    private String here;

    @BeforeEach
    void copies() {
        ilse = TestServer.student("Ilse", odile);
        sefa = TestServer.student("Sefa", odile);
        here = "/api/vocabularies/" + TestServer.copy("first-choices", ilse, odile);
        there = TestServer.copy("starter-40", sefa, odile);
    }

    private String bringing(long from, boolean withAll, List<String> boards, String more) {
        int seen = TestServer.bean(VocabularyStore.class).there(from).version();
        return "{\"base\":1,\"seen\":%d,\"from\":%d,\"withAll\":%b,\"boards\":[\"%s\"],\"where\":%s%s}".formatted(seen, from, withAll, String
            .join("\",\"", boards), "{\"board\":\"home\",\"at\":{\"row\":1,\"column\":1},\"name\":\"sea\"}", more);
    }

    private static List<VocabularyStore.Bundled> bundles(Account of) {
        return TestServer.bean(VocabularyStore.class).bundles(of.id());
    }

    private JsonNode look(String wanted) {
        return http.post(here + "/arrivals/look", wanted).json();
    }

    @Test
    void theSourcesAreTheVocabulariesOneMayTakeFromAndTheStarters() {
        Account marit = TestServer.account("Marit");
        long hers = TestServer.copy("starter-40", TestServer.student("Bo", marit), marit);
        Student talked = TestServer.student("Lot", marit);
        long onlyTalked = TestServer.copy("starter-40", talked, marit);
        TestServer.join(talked, odile, Role.TALKER);
        List<Long> sources = http.get(here + "/arrivals/sources").json().valueStream().map(s -> s.get("vocabulary").asLong()).toList();
        assertThat(sources).contains(there).doesNotContain(hers, onlyTalked, Long.valueOf(here.substring(here.lastIndexOf('/') + 1)));
        JsonNode starters = http.get(here + "/arrivals/sources").json();
        assertThat(starters.valueStream().filter(s -> !s.has("whose")).map(s -> s.get("name").asString())).contains("Starter 40", "First choices");
        long starter = starters.valueStream().filter(s -> s.get("name").asString().equals("Starter 40")).findFirst().orElseThrow().get("vocabulary").asLong();
        for (long from : new long[] {there, starter}) {
            assertThat(http.get(here + "/arrivals/sources/" + from).json().get("boards").get(1).get("depth").asInt()).isEqualTo(1);
        }
        for (long from : new long[] {hers, onlyTalked}) {
            assertThat(http.get(here + "/arrivals/sources/" + from).status()).isBetween(403, 404);
            assertThat(http.get(here + "/arrivals/sources/" + from + "/alike?there=home&here=home").status()).isBetween(403, 404);
            assertThat(http.post(here + "/arrivals/look", bringing(from, false, List.of("play"), "")).status()).isBetween(403, 404);
            assertThat(http.post(here + "/arrivals", bringing(from, false, List.of("play"), "")).status()).isBetween(403, 404);
        }
    }

    @Test
    void whatWouldComeIsToldAndNothingIsKeptUntilItIsBrought() {
        JsonNode would = look(bringing(there, true, List.of("places"), ""));
        assertThat(would.get("boards").valueStream().filter(b -> b.get("comes").asBoolean()).map(b -> b.get("name").asString())).contains(
            "Places and getting there",
            "More places");
        assertThat(would.get("loose").size()).isZero();
        assertThat(would.get("does").get("moved").asInt()).isZero();
        assertThat(would.get("does").get("kept").asInt()).isGreaterThan(20);
        assertThat(would.get("otherGrids").get(0).toString()).contains("\"rows\":5", "\"columns\":8");
        assertThat(http.get(here).json().get("version").asInt()).isEqualTo(1);

        JsonNode changed = http.post(here + "/arrivals", bringing(there, true, List.of("places"), "")).json();
        assertThat(changed.get("boards").valueStream().map(b -> b.get("name").asString())).contains("Places and getting there", "More places");
        assertThat(http.get(here + "/versions").json().toString()).contains("brought " + (changed.get("boards").size() - 1) + " boards in from");
        assertThat(look(bringing(there, true, List.of("places"), "")).get("refusal").asString()).contains("has them already");
        http.post(here + "/undo", "{}");
        assertThat(http.get(here + "/boards/places").status()).as("all goes in one").isEqualTo(404);
    }

    @Test
    void whatWouldLeadNowhereIsToldWithItsWaysOut() {
        JsonNode loose = look(bringing(there, false, List.of("places"), "")).get("loose").get(0);
        assertThat(loose.get("missingName").asString()).isEqualTo("More places");
        assertThat(loose.get("way").get("type").asString()).isEqualTo("speaks-only");
        String ways = ",\"ways\":{\"%s\":{\"type\":\"points-to\",\"board\":\"home\"}}".formatted(loose.get("missing").asString());
        assertThat(http.post(here + "/arrivals", bringing(there, false, List.of("places"), ways)).status()).isEqualTo(200);
        assertThat(http.get(here + "/boards/places").json().toString()).contains("\"board\":\"home\"");
        assertThat(http.post(here + "/arrivals/look", bringing(there, false, List.of("places"), ways.replace("home", "gone"))).sentence())
            .contains("no longer here");
    }

    @Test
    void singleButtonsComeWithWhatTheyOpenOrSayThatItWouldLeadNowhere() {
        String opener = http.get("/api/vocabularies/" + there + "/boards/home").json().get("buttons").valueStream()
            .filter(b -> b.get("leads").path("board").asString("").equals("places")).findFirst().orElseThrow().get("id").asString();
        String carried = ",\"carried\":{\"board\":\"home\",\"buttons\":[\"" + opener + "\"]}";
        String alone = bringing(there, false, List.of(), carried).replace("[\"\"]", "[]");
        assertThat(look(alone).get("loose").get(0).get("missing").asString()).isEqualTo("places");
        String withAll = alone.replace("\"withAll\":false", "\"withAll\":true");
        assertThat(look(withAll).get("boards").valueStream().map(b -> b.get("name").asString())).containsExactly("Places and getting there", "More places");
        JsonNode changed = http.post(here + "/arrivals", withAll).json();
        assertThat(changed.get("boards").valueStream().map(b -> b.get("id").asString())).contains("home", "places");
        assertThat(look(alone.replace("\"home\",\"buttons\"", "\"gone\",\"buttons\"")).get("detail").asString()).contains("no longer in this vocabulary");
        assertThat(http.post(here + "/arrivals/look", bringing(there, true, List.of(), "").replace("[\"\"]", "[]")).sentence()).contains(
            "Choose at least one board");
    }

    @Test
    void twoBoardsOfOneNameStandSideBySideWithoutWhatMayNotCome() {
        String hers = photo("lane", "STUDENT");
        give("play", 0, hers);
        JsonNode alike = http.get(here + "/arrivals/sources/" + there + "/alike?there=play&here=play").json();
        assertThat(alike.get("there").get("id").asString() + alike.get("here").get("id").asString()).isEqualTo("playplay");
        assertThat(alike.toString()).doesNotContain(hers);
        assertThat(alike.get("onlyThere").size()).isPositive();
        assertThat(http.get(here + "/arrivals/sources/" + there + "/alike?there=gone&here=play").sentence()).contains("no longer in this vocabulary");
    }

    @Test
    void whatHasChangedSinceItWasSeenIsNotBroughtUnseen() {
        String seen = bringing(there, true, List.of("places"), "");
        give("places", 0, "core/kite");
        assertThat(http.post(here + "/arrivals", seen).sentence()).contains("has changed since you looked");
        assertThat(http.get(here).json().get("version").asInt()).isEqualTo(1);
    }

    @Test
    void twoWhoBringInAtOnceBothDoUnlessTheyMeantOneCell() {
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        TestServer.join(sefa, marit, Role.EDITOR);
        String hers = bringing(there, true, List.of("places"), "");
        String his = bringing(there, true, List.of("animals"), "");
        assertThat(Http.as(marit).post(here + "/arrivals", hers).status()).isEqualTo(200);
        assertThat(http.post(here + "/arrivals", his).status()).isEqualTo(409);
        assertThat(http.get(here + "/boards/animals").status()).as("nothing half-done").isEqualTo(404);
        String elsewhere = his.replace("\"board\":\"home\",\"at\":{\"row\":1,\"column\":1}", "\"board\":\"eat\"");
        assertThat(http.post(here + "/arrivals", elsewhere).status()).isEqualTo(200);
        assertThat(http.get(here + "/boards/places").status()).isEqualTo(200);
    }

    @Test
    void photosOfPeopleStayUnlessItIsSaidThatTheyComeAndWhatIsAnotherStudentsAloneStays() {
        String shared = photo("pier", "SCHOOL");
        String hers = photo("lane", "STUDENT");
        give("places", 0, shared);
        give("places", 1, hers);
        JsonNode stays = look(bringing(there, false, List.of("places"), "")).get("stays");
        assertThat(stays.valueStream().map(s -> s.get("why").asString())).containsExactlyInAnyOrder("NOT_WANTED", "NOT_TO_USE");
        String with = bringing(there, false, List.of("places"), ",\"people\":true");
        assertThat(look(with).get("stays").valueStream().map(s -> s.get("why").asString())).containsExactly("NOT_TO_USE");
        assertThat(http.post(here + "/arrivals", with).status()).isEqualTo(200);
        assertThat(http.get(here + "/boards/places").json().toString()).contains(shared).doesNotContain(hers);
    }

    @Test
    void whatIsNewerWhereWordsCameFromIsToldToWhoMayTakeFromThereAndTakenOverWordByWord() {
        assertThat(http.post(here + "/arrivals", bringing(there, false, List.of("places"), "")).status()).isEqualTo(200);
        assertThat(http.get(here + "/newer").json().size()).isZero();
        give("places", 2, "core/kite");
        give("places", 3, photo("lane", "STUDENT"));
        give("animals", 0, "core/kite");
        assertThat(http.get(here + "/newer").json().toString()).contains("\"changed\":1,\"added\":0", "\"vocabulary\":" + there);
        JsonNode newer = http.get(here + "/newer/" + there).json();
        assertThat(newer.get("changed").get(0).get("facets").toString()).isEqualTo("[\"picture\"]");
        String word = newer.get("changed").get(0).get("here").get("id").asString();
        String taking = "{\"base\":2,\"seen\":%d,\"words\":[\"%s\"],\"added\":[],\"settled\":false}".formatted(newer.get("version").asInt(), word);
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        assertThat(Http.as(marit).get(here + "/newer").json().size()).as("she may not take from there").isZero();
        assertThat(Http.as(marit).get(here + "/newer/" + there).status()).isEqualTo(404);
        assertThat(Http.as(marit).post(here + "/newer/" + there, taking).status()).isEqualTo(404);
        assertThat(http.post(here + "/newer/" + there, taking.replace("\"seen\":", "\"seen\":9")).sentence()).contains("has changed since you looked");
        assertThat(http.post(here + "/newer/" + there, taking.replace(word, "gone")).sentence()).contains("not newer in");
        assertThat(http.post(here + "/newer/" + there, taking).json().get("boards").toString()).contains("core/kite");
        assertThat(http.get(here + "/newer").json().size()).isZero();
        assertThat(http.get(here + "/versions").json().toString()).contains("a word as it is there now");
    }

    @Test
    void boardsAreKeptAsABundleWithoutWhatIsAStudentsAndBroughtInFromThere() {
        give("places", 2, photo("lane", "STUDENT"));
        JsonNode look = http.get("/api/vocabularies/" + there + "/bundles/look?boards=places").json();
        assertThat(look.get("boards").asInt()).isEqualTo(2);
        assertThat(look.get("stays").asInt()).isEqualTo(1);
        assertThat(http.get("/api/vocabularies/" + there + "/bundles/look").json().get("boards").asInt()).as("none are all").isEqualTo(25);
        String bundling = "{\"boards\":[\"places\"],\"withAll\":true,\"name\":\"Where we go\"}";
        long bundle = http.post("/api/vocabularies/" + there + "/bundles", bundling).json().get("vocabulary").asLong();
        assertThat(bundles(odile)).extracting(VocabularyStore.Bundled::name).containsExactly("Where we go");
        JsonNode source = http.get(here + "/arrivals/sources").json().valueStream().filter(s -> s.get("vocabulary").asLong() == bundle).findFirst()
            .orElseThrow();
        assertThat(source.get("keptAt").asString()).isNotEmpty();
        assertThat(look(bringing(bundle, true, List.of("places"), "")).get("boards").size()).isEqualTo(2);
        assertThat(http.post(here + "/arrivals", bringing(bundle, true, List.of("places"), "")).status()).isEqualTo(200);
        assertThat(http.get("/api/vocabularies/" + bundle + "/boards/places").json().toString()).doesNotContain("own/");
        assertThat(http.post("/api/vocabularies/" + there + "/bundles", bundling.replace("Where we go", " ")).status()).isEqualTo(422);

        Account marit = TestServer.account("Marit");
        Http another = Http.as(marit);
        long hers = TestServer.copy("first-choices", TestServer.student("Bo", marit), marit);
        assertThat(another.get("/api/vocabularies/" + hers + "/arrivals/sources").json().toString()).doesNotContain("Where we go");
        assertThat(bundles(marit)).isEmpty();
        assertThat(another.get("/api/vocabularies/" + bundle).status()).isEqualTo(404);
        assertThat(another.post("/api/vocabularies/" + there + "/bundles", bundling).status()).isEqualTo(404);
        assertThat(another.get("/api/vocabularies/" + there + "/bundles/look?boards=places").status()).isEqualTo(404);

        assertThat(http.send("DELETE", "/api/vocabularies/" + bundle, null).status()).isEqualTo(200);
        assertThat(bundles(odile)).isEmpty();
        assertThat(http.get("/api/deleted").json().toString()).contains("Where we go");
    }

    @Test
    void aPackageBecomesABundleOfOnesOwn() {
        byte[] obz = http.get("/api/vocabularies/" + there + "/package.obz").body();
        JsonNode job = http.done(http.upload("/api/bundles/bringing-in", "far.obz", obz).json());
        long bundle = Long.parseLong(job.get("told").asString().replaceAll(".*\"vocabulary\":(\\d+).*", "$1"));
        assertThat(bundles(odile)).extracting(VocabularyStore.Bundled::id).containsExactly(bundle);
        assertThat(look(bringing(bundle, true, List.of(http.get("/api/vocabularies/" + bundle).json().get("home").asString()), "")).get("words").asInt())
            .isGreaterThan(300);
        assertThat(http.done(http.upload("/api/bundles/bringing-in", "no.obz", new byte[] {1, 2}).json()).get("state").asString()).isEqualTo("FAILED");
    }

    @Test
    void manyBoardsComeAsAPieceOfWork() {
        String wanted = bringing(there, true, List.of("home"), "");
        JsonNode job = http.done(http.post(here + "/arrivals/work", wanted).json());
        assertThat(job.get("state").asString()).isEqualTo("DONE");
        assertThat(http.get(here + "/boards/places").status()).isEqualTo(200);
        JsonNode again = http.done(http.post(here + "/arrivals/work", wanted.replace("\"base\":1", "\"base\":2")).json());
        assertThat(again.get("told").asString()).as("its cell is taken").contains("leads somewhere already");
    }

    @Test
    void workThatIsEndedWhileTheBoardsAreWorkedOutLeavesNothing() {
        long id = Long.parseLong(here.substring(here.lastIndexOf('/') + 1));
        Vocabulary from = TestServer.bean(VocabularyStore.class).there(there).vocabulary();
        BringIn bring = new BringIn(from, Wanted.all(List.of("places")), new BringIn.Where("eat", null, "", null, false), false);
        InParts ended = new InParts(bring, () -> {
            throw new CancellationException();
        });
        assertThatThrownBy(() -> TestServer.bean(Editing.class).edit(odile, id, 1, ended, null)).isInstanceOf(CancellationException.class);
        assertThat(http.get(here).json().get("version").asInt()).isEqualTo(1);
        assertThat(http.post(here + "/arrivals", bringing(there, true, List.of("places"), "")).status()).as("and stands in nobody's way").isEqualTo(200);
    }

    @Test
    void whoMayNotChangeThisVocabularyBringsNothing() {
        Account viewer = TestServer.account("Viewer");
        TestServer.join(ilse, viewer, Role.VIEWER);
        TestServer.join(sefa, viewer, Role.EDITOR);
        Http by = Http.as(viewer);
        assertThat(by.get(here + "/arrivals/sources").status()).isEqualTo(403);
        assertThat(by.get(here + "/arrivals/sources/" + there).status()).isEqualTo(403);
        assertThat(by.post(here + "/arrivals/look", bringing(there, false, List.of("places"), "")).status()).isEqualTo(403);
        assertThat(by.post(here + "/arrivals", bringing(there, false, List.of("places"), "")).status()).isEqualTo(403);
        assertThat(Http.as(TestServer.account("Stranger")).post(here + "/arrivals", bringing(there, false, List.of("places"), "")).status()).isEqualTo(404);
    }

    private String photo(String word, String audience) {
        return http.upload("/api/own-pictures?words=" + word + "&audience=" + audience + (audience.equals("STUDENT") ? "&student=" + sefa.id() : "")
            + "&shows=OTHERS&origin=OWN_PHOTO&author=&licence=&source=", word + ".jpg", Photos.jpeg(40, 30 + word.charAt(0) % 9)).json().get("picture")
            .get("picture").asString();
    }

    private void give(String board, int at, String picture) {
        JsonNode view = http.get("/api/vocabularies/" + there).json();
        String button = http.get("/api/vocabularies/" + there + "/boards/" + board).json().get("buttons").get(at).get("id").asString();
        assertThat(http.post("/api/vocabularies/" + there + "/edits",
            ("{\"base\":%d,\"edit\":{\"type\":\"give-picture\",\"board\":\"%s\",\"button\":\"%s\","
                + "\"layers\":[{\"picture\":\"%s\",\"x\":0,\"y\":0,\"size\":1000}]}}")
                .formatted(view.get("version").asInt(), board, button, picture))
            .status()).isEqualTo(200);
    }
}
