package org.dwimble.server.collection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class OwnPictureApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Http http = Http.as(odile);
    private final Http other = Http.as(marit);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long vocabulary = TestServer.copy("first-choices", ilse, odile);
    private final String board = http.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":1,\"name\":\"Harbour\"}").json().get("added")
        .get(0).asString();

    private JsonNode taken(String name, byte[] file, String facts) {
        Http.Answer answer = http.upload("/api/own-pictures?" + facts, name, file);
        assertThat(answer.status()).as(new String(answer.body(), StandardCharsets.UTF_8)).isEqualTo(200);
        return answer.json();
    }

    private static boolean finds(Http http, String word, String picture) {
        return http.get("/api/pictures?query=" + URLEncoder.encode(word, StandardCharsets.UTF_8)).json().get("pictures").valueStream()
            .anyMatch(p -> p.get("id").asString().equals(picture));
    }

    private static int image(Http http, String picture) {
        return http.get("/api/own-pictures/images/" + picture.substring(4)).status();
    }

    private String put(int base, String picture) {
        return "{\"base\":" + base + ",\"board\":\"" + board + "\",\"chosen\":[{\"word\":\"goats\",\"picture\":\"" + picture + "\"}]}";
    }

    @Test
    void theFileNameIsItsWordAndItIsFoundBeforeTheLibrary() {
        JsonNode goat = taken("goat.jpg", Photos.jpeg(60, 40), "shows=NOBODY");
        assertThat(goat.get("picture").get("about").get("words").get(0).asString()).isEqualTo("goat");
        JsonNode found = http.get("/api/pictures?query=goat").json().get("pictures");
        assertThat(found.get(0).get("id").asString()).isEqualTo(goat.get("picture").get("picture").asString());
        assertThat(found.get(1).get("id").asString()).isEqualTo("base/goat");
    }

    @Test
    void theSameFileTwiceIsOnePictureWithTheWordsOfBoth() {
        byte[] file = Photos.jpeg(60, 40);
        JsonNode first = taken("first.jpg", file, "words=Bramble&categories=goats");
        JsonNode second = taken("second.jpg", file, "words=Thistle&categories=farm");
        assertThat(first.get("before").asBoolean()).isFalse();
        assertThat(second.get("before").asBoolean()).isTrue();
        assertThat(second.get("picture").get("id")).isEqualTo(first.get("picture").get("id"));
        assertThat(second.get("picture").get("about").get("words").toString()).isEqualTo("[\"Bramble\",\"Thistle\"]");
        assertThat(second.get("picture").get("about").get("categories").toString()).isEqualTo("[\"goats\",\"farm\"]");
        assertThat(http.get("/api/pictures/categories").json().toString()).contains("\"name\":\"goats\"");
    }

    @Test
    void theSameFileSentSeveralTimesAtOnceIsOnePictureWithEveryWord() throws Exception {
        byte[] file = Photos.jpeg(400, 300);
        ExecutorService senders = Executors.newFixedThreadPool(6);
        try {
            List<Future<Http.Answer>> answers = senders.invokeAll(IntStream
                .range(0, 6).<Callable<Http.Answer>>mapToObj(i -> () -> Http.as(odile).upload("/api/own-pictures?words=limpet" + i, "a.jpg", file)).toList());
            int before = 0;
            for (Future<Http.Answer> answer : answers) {
                before += answer.get().json().get("before").asBoolean() ? 1 : 0;
            }
            assertThat(before).isEqualTo(5);
        } finally {
            senders.shutdown();
        }
        List<JsonNode> mine = http.get("/api/own-pictures").json().valueStream().filter(p -> p.get("mine").asBoolean()).toList();
        assertThat(mine).hasSize(1);
        assertThat(mine.get(0).get("about").get("words")).hasSize(6);
    }

    private static String made(String parts, String more) {
        return "{\"parts\":[" + parts + "],\"word\":\"plumber at school\"," + more + "}";
    }

    private static final String PLUMBER = "{\"picture\":\"core/sign-holding\",\"x\":0,\"y\":0,\"size\":1000},"
        + "{\"picture\":\"base/wrench\",\"x\":580,\"y\":220,\"size\":420}";

    @Test
    void whatIsPutTogetherOfTheLibraryIsOnePictureUnderItsWordThatFollowsTheLookOfEachStudent() {
        JsonNode plumber = http.post("/api/own-pictures/made", made(PLUMBER, "\"audience\":\"SCHOOL\"")).json();
        String picture = plumber.get("picture").asString();
        assertThat(finds(other, "plumber at school", picture)).isTrue();
        String colour = new String(http.get("/api/own-pictures/images/" + picture.substring(4)).body(), StandardCharsets.UTF_8);
        String dark = new String(http.get("/api/own-pictures/images/" + picture.substring(4) + "?look=colour.dark.usual").body(), StandardCharsets.UTF_8);
        String contrast = new String(http.get("/api/own-pictures/images/" + picture.substring(4) + "?look=contrast.dark.usual").body(), StandardCharsets.UTF_8);
        assertThat(colour).startsWith("<svg").contains("x=\"580\" y=\"220\"").doesNotContain("{skin}").isNotEqualTo(dark);
        assertThat(contrast).contains("#212121").doesNotContain("#00a6ed");
        assertThat(plumber.get("about").get("author").asString()).isEqualTo("Dwimble, Microsoft");
        assertThat(plumber.get("about").get("licence").asString()).isEqualTo("Apache-2.0, MIT");
        assertThat(plumber.get("about").get("shows").asString()).isEqualTo("NOBODY");
        assertThat(http.post("/api/own-pictures/made", made(PLUMBER, "\"audience\":\"SCHOOL\"")).json().get("picture").asString()).as("again")
            .isEqualTo(picture);
        JsonNode put = http.post("/api/vocabularies/" + vocabulary + "/words", put(2, picture)).json();
        assertThat(put.get("boards").findValuesAsString("picture")).contains(picture);
        byte[] onBoard = http.get("/api/vocabularies/" + vocabulary + "/pictures/" + picture.substring(4) + "?look=contrast.yellow.usual").body();
        assertThat(new String(onBoard, StandardCharsets.UTF_8)).doesNotContain("#00a6ed");
        assertThat(http.get("/api/vocabularies/" + vocabulary + "/boards/" + board + "/sheet.pdf").status()).as("it is on paper").isEqualTo(200);
        assertThat(
            http.post("/api/own-pictures/" + plumber.get("id").asLong() + "/retouch",
                "{\"quarters\":1,\"x\":0,\"y\":0,\"side\":1,\"brighten\":0,\"withoutGround\":false}").sentence())
            .contains("This is a drawing, not a photo");
    }

    @Test
    void whatIsPutTogetherForOneStudentIsForTheTeamAloneAndAPhotoIsNoPartOfIt() {
        String forIlse = made(PLUMBER, "\"audience\":\"STUDENT\",\"student\":\"" + ilse.id() + "\"");
        JsonNode plumber = http.post("/api/own-pictures/made", forIlse).json();
        assertThat(finds(http, "plumber at school", plumber.get("picture").asString())).isTrue();
        assertThat(finds(other, "plumber at school", plumber.get("picture").asString())).isFalse();
        assertThat(image(other, plumber.get("picture").asString())).isEqualTo(404);
        assertThat(other.post("/api/own-pictures/made", forIlse).status()).isEqualTo(422);
        JsonNode goat = taken("goat.jpg", Photos.jpeg(60, 40), "shows=NOBODY");
        String photo = "{\"picture\":\"" + goat.get("picture").get("picture").asString() + "\",\"x\":0,\"y\":0,\"size\":1000}";
        assertThat(http.post("/api/own-pictures/made", made(PLUMBER + "," + photo, "\"audience\":\"MINE\"")).sentence()).startsWith(
            "Only pictures of the library can be put together into one");
        assertThat(http.post("/api/own-pictures/made", made(photo, "\"audience\":\"MINE\"")).sentence())
            .startsWith("A picture is put together of 2 to 12 parts.");
        assertThat(http.post("/api/own-pictures/made", made(PLUMBER.replace("base/wrench", "base/no-such-thing"), "\"audience\":\"MINE\"")).status())
            .isEqualTo(404);
    }

    @Test
    void whoMayUseAPictureIsKept() {
        String mine = taken("a.jpg", Photos.jpeg(60, 40), "words=Quillfeather&audience=MINE").get("picture").get("picture").asString();
        String school = taken("b.jpg", Photos.jpeg(60, 40), "words=Quillfeather&audience=SCHOOL").get("picture").get("picture").asString();
        String ilses = taken("c.jpg", Photos.jpeg(60, 40), "words=Quillfeather&audience=STUDENT&student=" + ilse.id()).get("picture").get("picture").asString();
        assertThat(finds(http, "Quillfeather", mine)).isTrue();
        assertThat(finds(http, "Quillfeather", ilses)).isTrue();
        assertThat(finds(other, "Quillfeather", mine)).isFalse();
        assertThat(finds(other, "Quillfeather", ilses)).isFalse();
        assertThat(finds(other, "Quillfeather", school)).isTrue();
        assertThat(image(other, mine)).isEqualTo(404);
        assertThat(image(other, school)).isEqualTo(200);
        TestServer.join(ilse, marit, Role.EDITOR);
        assertThat(finds(other, "Quillfeather", ilses)).as("now on the team").isTrue();
        Student wren = TestServer.student("Wren", odile);
        assertThat(http.get("/api/pictures?query=Quillfeather&student=" + wren.id()).json().get("pictures").toString()).contains(mine).doesNotContain(ilses);
    }

    @Test
    void whatTwoColleaguesTookInIsOnePictureAndNeitherFindsItByTheOthersOwnWords() {
        byte[] file = Photos.jpeg(60, 40);
        String picture = taken("a.jpg", file, "words=Pebblebeach&audience=MINE&categories=outings").get("picture").get("picture").asString();
        assertThat(other.upload("/api/own-pictures?words=Shinglebank&audience=SCHOOL&categories=outings", "b.jpg", file).json().get("before")
            .asBoolean()).isFalse();
        assertThat(finds(other, "Shinglebank", picture)).isTrue();
        assertThat(finds(other, "Pebblebeach", picture)).isFalse();
        assertThat(other.get("/api/pictures/own/" + picture.substring(4)).json().toString()).contains("Shinglebank").doesNotContain("Pebblebeach");
        assertThat(finds(http, "Pebblebeach", picture)).isTrue();
        assertThat(http.get("/api/pictures?query=&category=outings").json().get("pictures")).hasSize(1);
        assertThat(http.get("/api/pictures/categories").json().toString()).contains("{\"name\":\"outings\",\"pictures\":1");
    }

    @Test
    void nobodyPutsAPictureOnABoardThatIsNotTheirsToUse() {
        String mine = taken("a.jpg", Photos.jpeg(60, 40), "words=Bramble").get("picture").get("picture").asString();
        TestServer.join(ilse, marit, Role.EDITOR);
        Http.Answer refused = other.post("/api/vocabularies/" + vocabulary + "/words", put(2, mine));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentence())
            .isEqualTo("One of these pictures or sounds is not there any more, or is not yours to use for this student. Nothing was changed; choose another.");
        assertThat(http.post("/api/vocabularies/" + vocabulary + "/words", put(2, mine)).status()).isEqualTo(200);
        assertThat(other.get("/api/vocabularies/" + vocabulary + "/pictures/" + mine.substring(4)).status()).as("the team sees what is on the board")
            .isEqualTo(200);
        assertThat(http.post("/api/vocabularies/" + vocabulary + "/words", put(3, "own/" + "0".repeat(64))).status()).as("one that is nowhere").isEqualTo(422);
    }

    @Test
    void anotherStudentsPhotoIsNotTakenByAnyWayABoardCanReferToIt() {
        String mine = taken("a.jpg", Photos.jpeg(60, 40), "words=Bramble").get("picture").get("picture").asString();
        TestServer.join(ilse, marit, Role.EDITOR);
        String button = other.get("/api/vocabularies/" + vocabulary + "/boards/home").json().get("buttons").get(0).get("id").asString();
        String layer = "{\"picture\":\"" + mine + "\",\"x\":0,\"y\":0,\"size\":1000}";
        for (String layers : new String[] {"[" + layer + "]", "[{\"picture\":\"base/kite\",\"x\":0,\"y\":0,\"size\":1000}," + layer + "]"}) {
            Http.Answer refused = other.post("/api/vocabularies/" + vocabulary + "/edits",
                "{\"base\":2,\"edit\":{\"type\":\"give-picture\",\"board\":\"home\",\"button\":\"" + button + "\",\"layers\":" + layers + "}}");
            assertThat(refused.sentence()).contains("not yours to use");
        }
        assertThat(other.post("/api/vocabularies/" + vocabulary + "/boards", "{\"base\":2,\"name\":\"x\",\"chosen\":[{\"word\":\"x\",\"picture\":\""
            + mine + "\"}]}").status()).isEqualTo(422);
        VocabularyStore store = TestServer.bean(VocabularyStore.class);
        Board home = store.find(vocabulary).orElseThrow().vocabulary().homeBoard();
        Button first = home.buttons().get(0);
        Vocabulary before = store.find(vocabulary).orElseThrow().vocabulary();
        for (Board with : List.of(home.with(first.withActs(first.acts().withSound(mine))),
            home.withFacts(new Board.Facts(Map.of(mine, tools.jackson.databind.node.StringNode.valueOf("x")), Map.of())),
            home.withFacts(new Board.Facts(Map.of(), Map.of(mine, tools.jackson.databind.node.StringNode.valueOf("x")))))) {
            Change change = Change.of(before, before.with(with), Needs.NOTHING, Told.of("changed-whole"));
            assertThatThrownBy(() -> change.mayUse(id -> false)).hasMessage("not-yours-to-use");
        }
        assertThat(other.get("/api/vocabularies/" + vocabulary + "/pictures/" + mine.substring(4)).status()).isEqualTo(404);
    }

    @Test
    void aDeletedPictureStaysOnTheBoardsThatHaveItAndIsOfferedNoMore() {
        JsonNode goat = taken("a.jpg", Photos.jpeg(60, 40), "words=Bramblegoat").get("picture");
        String picture = goat.get("picture").asString();
        http.post("/api/vocabularies/" + vocabulary + "/words", put(2, picture));
        assertThat(http.get("/api/own-pictures").json().get(0).get("boards").asInt()).isEqualTo(1);
        assertThat(http.send("DELETE", "/api/own-pictures/" + goat.get("id").asLong(), null).status()).isEqualTo(200);
        assertThat(finds(http, "Bramblegoat", picture)).isFalse();
        assertThat(http.get("/api/vocabularies/" + vocabulary + "/pictures/" + picture.substring(4)).status()).isEqualTo(200);
        JsonNode unused = taken("b.jpg", Photos.jpeg(60, 40), "words=Unused").get("picture");
        http.send("DELETE", "/api/own-pictures/" + unused.get("id").asLong(), null);
        assertThat(TestServer.bean(MediaStore.class).any(unused.get("picture").asString().substring(4))).as("bytes nobody has any more").isEmpty();
    }

    @Test
    void retouchingShowsAnotherPictureAndBoardsKeepTheOldOne() {
        JsonNode goat = taken("a.jpg", Photos.jpeg(60, 40), "words=Bramble").get("picture");
        http.post("/api/vocabularies/" + vocabulary + "/words", put(2, goat.get("picture").asString()));
        JsonNode turned = http.post("/api/own-pictures/" + goat.get("id").asLong() + "/retouch",
            "{\"quarters\":1,\"x\":0,\"y\":0,\"side\":0,\"brighten\":0,\"withoutGround\":false}").json();
        assertThat(turned.get("picture")).isNotEqualTo(goat.get("picture"));
        assertThat(Photos.decoded(http.get("/api/own-pictures/images/" + turned.get("picture").asString().substring(4)).body()).getHeight()).isEqualTo(60);
        assertThat(http.get("/api/vocabularies/" + vocabulary + "/pictures/" + goat.get("picture").asString().substring(4)).status()).isEqualTo(200);
    }

    /** Puts a photo that is kept for Ilse on her board, does something to it in the collection, and copies her boards for Wren. */
    private String copiedForAnother(java.util.function.Consumer<JsonNode> done) {
        JsonNode photo = taken("a.jpg", Photos.jpeg(60, 40), "words=Bramble&audience=STUDENT&student=" + ilse.id()).get("picture");
        http.post("/api/vocabularies/" + vocabulary + "/words", put(2, photo.get("picture").asString()));
        done.accept(photo);
        Student wren = TestServer.student("Wren", odile);
        JsonNode copy = http.post("/api/students/" + wren.id() + "/vocabularies", "{\"vocabulary\":" + vocabulary + "}").json();
        assertThat(http.get("/api/vocabularies/" + vocabulary + "/pictures/" + photo.get("picture").asString().substring(4)).status()).as("Ilse keeps it")
            .isEqualTo(200);
        return copy.get("left").asInt() + " left, "
            + http.get("/api/vocabularies/" + copy.get("vocabulary").asLong() + "/pictures/" + photo.get("picture").asString().substring(4)).status();
    }

    @Test
    void aPictureKeptForOneStudentStaysSoAfterItIsRetouched() {
        assertThat(copiedForAnother(photo -> http.post("/api/own-pictures/" + photo.get("id").asLong() + "/retouch",
            "{\"quarters\":1,\"x\":0,\"y\":0,\"side\":0,\"brighten\":0,\"withoutGround\":false}"))).isEqualTo("1 left, 404");
    }

    @Test
    void aPictureKeptForOneStudentStaysSoAfterItIsDeleted() {
        assertThat(copiedForAnother(photo -> http.send("DELETE", "/api/own-pictures/" + photo.get("id").asLong(), null))).isEqualTo("1 left, 404");
    }

    @Test
    void aDeletedPictureStaysOnWordListsInWhateverVersionShowsIt() {
        JsonNode photo = taken("a.jpg", Photos.jpeg(60, 40), "words=Bramble").get("picture");
        String id = photo.get("picture").asString();
        String list = "/api/lists/" + http.post("/api/lists", "{\"chosen\":[{\"word\":\"goat\",\"picture\":\"" + id + "\"}]}").json().get("id").asLong();
        byte[] before = http.get(list + "/support.pdf").body();
        String word = http.get(list).json().get("words").get(0).get("id").asString();
        http.send("DELETE", "/api/own-pictures/" + photo.get("id").asLong(), null);
        assertThat(http.get(list + "/pictures/" + id.substring(4)).status()).isEqualTo(200);
        assertThat(http.get(list + "/support.pdf").body()).hasSize(before.length);
        http.post(list + "/edits", "{\"base\":1,\"edit\":{\"type\":\"take-out\",\"ids\":[\"" + word + "\"]}}");
        JsonNode again = taken("b.jpg", Photos.jpeg(60, 40), "words=Bramble").get("picture");
        http.send("DELETE", "/api/own-pictures/" + again.get("id").asLong(), null);
        assertThat(TestServer.bean(MediaStore.class).any(id.substring(4))).as("version 1 still shows it").isPresent();
        http.post(list + "/undo", "{}");
        assertThat(http.get(list + "/pictures/" + id.substring(4)).status()).isEqualTo(200);
    }

    @Test
    void onlyWhoTookItInChangesIt() {
        JsonNode school = taken("b.jpg", Photos.jpeg(60, 40), "words=Bramble&audience=SCHOOL").get("picture");
        String path = "/api/own-pictures/" + school.get("id").asLong();
        Http.Answer refused = other.send("PUT", path, school.get("about").toString().replace("Bramble", "Mine"));
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.sentence()).isEqualTo("Only Odile, who took this picture in, can change it. Nothing was changed.");
        assertThat(other.send("DELETE", path, null).status()).isEqualTo(403);
        assertThat(http.send("PUT", path, school.get("about").toString().replace("Bramble", "Mine")).json().get("about").get("words").get(0)
            .asString()).isEqualTo("Mine");
    }

    @Test
    void whatCannotBeTakenInLeavesNothingBehind() {
        int before = http.get("/api/own-pictures").json().size();
        Http.Answer pdf = http.upload("/api/own-pictures", "goat.png", "%PDF-1.7".getBytes(StandardCharsets.UTF_8));
        assertThat(pdf.status()).isEqualTo(422);
        assertThat(pdf.sentence()).startsWith("“goat.png” is a PDF");
        assertThat(http.upload("/api/own-pictures?audience=STUDENT", "goat.jpg", Photos.jpeg(9, 9)).sentence())
            .isEqualTo("Choose the student this picture is for.");
        Student foreign = TestServer.student("Foreign", marit);
        assertThat(http.upload("/api/own-pictures?audience=STUDENT&student=" + foreign.id(), "goat.jpg", Photos.jpeg(9, 9)).status()).isEqualTo(422);
        assertThat(http.get("/api/own-pictures").json()).hasSize(before);
    }

    @Test
    void aPictureWithMoreWordsThanItCanHaveIsRefusedForThat() {
        String words = "words=w" + IntStream.range(0, 120).mapToObj(Integer::toString).collect(Collectors.joining("&words=w"));
        Http.Answer refused = http.upload("/api/own-pictures?" + words, "a.jpg", Photos.jpeg(60, 40));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentence()).isEqualTo("A picture can have up to 20 words and 20 categories. Take some away.");
        assertThat(http.get("/api/own-pictures").json().valueStream()).noneMatch(p -> p.get("mine").asBoolean());
    }

    @Test
    void creditsNameWhatALicenceAsksToBeNamedAndTheSheetSaysThem() {
        String licensed = taken("a.jpg", Photos.jpeg(60, 40),
            "words=Bramble&origin=LICENCE&licence=CC+BY+4.0&author=R.+Tern&source=Goats+of+the+dunes").get("picture").get("picture").asString();
        http.post("/api/vocabularies/" + vocabulary + "/words", put(2, licensed));
        JsonNode credits = http.get("/api/vocabularies/" + vocabulary + "/credits?board=" + board).json();
        assertThat(credits.toString()).contains("\"source\":\"Goats of the dunes\"", "\"author\":\"R. Tern\"", "\"licence\":\"CC BY 4.0\"");
        String sheet = http.get("/api/vocabularies/" + vocabulary + "/boards/" + board + "/sheet").json().get("page").get("marks").toString();
        assertThat(sheet).contains("Pictures: ").contains("Goats of the dunes, R. Tern, CC BY 4.0");
        assertThat(http.get("/api/vocabularies/" + vocabulary + "/credits").json().valueStream().map(u -> u.get("source").asString()))
            .contains("Dwimble’s own symbols", "Fluent Emoji");
    }
}
