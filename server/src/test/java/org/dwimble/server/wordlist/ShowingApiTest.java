package org.dwimble.server.wordlist;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Days, walks and books over HTTP: who may see one, how a day goes on, and what stands on a student's row. */
@ExtendWith(TestServer.class)
class ShowingApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Account tablet = TestServer.account("Ilse’s tablet");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final Http http = Http.as(odile);
    private final Http talks = Http.as(tablet);

    private long begin(String as, String text) {
        String shown = as == null ? "" : ",\"as\":\"" + as + "\"";
        return http.post("/api/lists", "{\"student\":\"" + ilse.id() + "\",\"name\":\"The day\",\"text\":\"" + text + "\"" + shown + "}").json().get("id")
            .asLong();
    }

    private static List<String> states(JsonNode day) {
        return StreamSupport.stream(day.get("run").get("events").spliterator(), false).map(e -> e.get("state").asString()).toList();
    }

    private String word(long list, int at) {
        return http.get("/api/lists/" + list).json().get("words").get(at).get("id").asString();
    }

    private static Http.Answer mark(Http by, long list, String word, String mark) {
        return by.send("PUT", "/api/lists/" + list + "/day", "{\"word\":\"" + word + "\"" + (mark == null ? "" : ",\"mark\":\"" + mark + "\"") + "}");
    }

    private static Http.Answer markOn(Http by, long list, String word, String mark, String day) {
        return by.send("PUT", "/api/lists/" + list + "/day", "{\"word\":\"" + word + "\",\"mark\":\"" + mark + "\",\"day\":\"" + day + "\"}");
    }

    @Test
    void whatIsOverIsMarkedByWhoTalksAndSeenByAllWhoSeeTheDay() {
        TestServer.join(ilse, tablet, Role.TALKER);
        long day = begin("DAY", "bus, swim, lunch");
        assertThat(states(http.get("/api/lists/" + day + "/day").json())).containsExactly("NOW", "COMES", "COMES");
        assertThat(states(mark(talks, day, word(day, 0), "OVER").json())).containsExactly("OVER", "NOW", "COMES");
        assertThat(states(mark(http, day, word(day, 1), "NOT_TODAY").json())).containsExactly("OVER", "NOT_TODAY", "NOW");
        assertThat(states(talks.get("/api/lists/" + day + "/day").json())).containsExactly("OVER", "NOT_TODAY", "NOW");
        assertThat(states(mark(talks, day, word(day, 0), null).json())).containsExactly("NOW", "NOT_TODAY", "COMES");
        assertThat(mark(talks, day, "no such word", "OVER").status()).isEqualTo(422);
        String now = http.get("/api/lists/" + day + "/day").json().get("day").asString();
        assertThat(states(markOn(talks, day, word(day, 0), "OVER", LocalDate.parse(now).minusDays(1).toString()).json())).as("said of yesterday, sent today")
            .containsExactly("NOW", "NOT_TODAY", "COMES");
        JsonNode marked = markOn(talks, day, word(day, 0), "OVER", now).json();
        assertThat(states(marked)).containsExactly("OVER", "NOT_TODAY", "NOW");
        assertThat(marked.get("marks").get(word(day, 0)).asString()).isEqualTo("OVER");
        assertThat(marked.get("zone").asString()).isNotEmpty();
        Account pim = TestServer.account("Pim");
        TestServer.join(ilse, pim, Role.PRINTER);
        assertThat(mark(Http.as(pim), day, word(day, 0), "OVER").status()).isEqualTo(403);
    }

    @Test
    void whoOnlyTalksSeesWhatStandsOnTheRowAndNothingElse() {
        long row = begin("BOOK", "seal");
        long other = begin(null, "secret");
        assertThat(talks.get("/api/lists/" + row + "/showing").status()).isEqualTo(404);
        assertThat(talks.get("/api/students/" + ilse.id() + "/row").status()).isEqualTo(404);
        TestServer.join(ilse, tablet, Role.TALKER);
        assertThat(talks.get("/api/lists/" + row + "/showing").json().get("whose").asString()).isEqualTo("Ilse");
        assertThat(talks.get("/api/students/" + ilse.id() + "/row").json()).hasSize(1);
        for (String door : List.of("/showing", "/day", "/pictures/00", "")) {
            assertThat(talks.get("/api/lists/" + other + door).status()).as(door).isNotEqualTo(200);
        }
        assertThat(mark(talks, other, word(other, 0), "OVER").status()).isEqualTo(404);
        http.post("/api/lists/" + row + "/edits", "{\"base\":1,\"edit\":{\"type\":\"show\",\"showing\":%s}}".formatted(
            http.get("/api/lists/" + row).json().get("showing").toString().replace("\"as\":\"BOOK\",", "")));
        assertThat(talks.get("/api/lists/" + row + "/showing").status()).as("taken from the row").isEqualTo(404);
        assertThat(http.get("/api/lists/" + row + "/showing").status()).isEqualTo(200);
    }

    @Test
    void onTheShelfThereIsAnExampleAndNobodysDay() {
        long day = begin("DAY", "bus, swim");
        mark(http, day, word(day, 0), "OVER");
        http.send("PUT", "/api/lists/" + day + "/shelf", null);
        Http stranger = Http.as(TestServer.account("Marit"));
        JsonNode seen = stranger.get("/api/lists/" + day + "/showing").json();
        assertThat(seen.get("whose")).isNull();
        assertThat(states(stranger.get("/api/lists/" + day + "/day").json())).containsExactly("NOW", "COMES");
        assertThat(mark(stranger, day, word(day, 0), "OVER").status()).isEqualTo(403);
        assertThat(stranger.get("/api/students/" + ilse.id() + "/row").status()).isEqualTo(404);
    }

    @Test
    void aPhotoInABookIsSeenByWhoeverSeesTheBookAndPagesNeedNoText() {
        TestServer.join(ilse, tablet, Role.TALKER);
        long book = begin("BOOK", "");
        String photo = http.upload("/api/own-pictures?audience=STUDENT&student=" + ilse.id()
            + "&shows=OTHERS&origin=OWN_PHOTO&author=&licence=&source=", "IMG_1.jpg", Photos.jpeg(40, 30)).json().get("picture").get("picture").asString();
        String path = "/api/lists/" + book;
        assertThat(http.post(path + "/words", "{\"base\":1,\"chosen\":[{\"word\":\"\",\"picture\":\"" + photo + "\"},{\"word\":\"Look, a seal.\"}]}").status())
            .isEqualTo(200);
        assertThat(StreamSupport.stream(http.get(path).json().get("words").spliterator(), false).map(w -> w.get("text").asString()))
            .containsExactly("", "Look, a seal.");
        assertThat(talks.get(path + "/pictures/" + photo.substring("own/".length())).status()).isEqualTo(200);
        assertThat(talks.get(path + "/pictures/" + "ab".repeat(32)).status()).isEqualTo(404);
        assertThat(http.post(path + "/words", "{\"base\":2,\"chosen\":[{\"word\":\" \"}]}").status()).isEqualTo(422);
        assertThat(http.post(path + "/words", "{\"base\":2,\"chosen\":[{\"word\":\"x\",\"picture\":\"own/" + "ab".repeat(32) + "\"}]}").status())
            .isEqualTo(422);
    }

    @Test
    void aRemarkGetsThePictureOfItsWordAndTwoWhoChangeABookBothCount() {
        long book = begin("BOOK", "seal, ferry");
        Account marit = TestServer.account("Marit");
        TestServer.join(ilse, marit, Role.EDITOR);
        String showing = http.get("/api/lists/" + book).json().get("showing").toString();
        String remarks = showing.replaceFirst("\"remarks\":\\[.*?\\]", "\"remarks\":[{\"text\":\"again\"},{\"text\":\"zzyx\"}]");
        assertThat(http.post("/api/lists/" + book + "/edits", "{\"base\":1,\"edit\":{\"type\":\"show\",\"showing\":" + remarks + "}}").status()).isEqualTo(200);
        String words = http.get("/api/lists/" + book).json().get("words").get(0).toString().replace("\"text\":\"seal\"", "\"text\":\"A seal.\"");
        assertThat(Http.as(marit).post("/api/lists/" + book + "/edits", "{\"base\":1,\"edit\":{\"type\":\"change-word\",\"word\":" + words + "}}").status())
            .isEqualTo(200);
        JsonNode now = http.get("/api/lists/" + book).json();
        assertThat(now.get("words").get(0).get("text").asString()).isEqualTo("A seal.");
        assertThat(now.get("showing").get("book").get("remarks").get(0).get("picture").asString()).isNotEmpty();
        assertThat(now.get("showing").get("book").get("remarks").get(1).get("picture")).isNull();
    }

    @Test
    void aButtonShowsListsOfItsOwnStudentAlone() {
        long book = begin("BOOK", "seal");
        Student wren = TestServer.student("Wren", odile);
        for (Student whose : List.of(ilse, wren)) {
            long boards = http.post("/api/students/" + whose.id() + "/first-boards", "{\"cells\":4,\"text\":\"more\"}").json().get("vocabulary").asLong();
            assertThat(http.get("/api/lists/" + book + "/showing?vocabulary=" + boards).status()).as(whose.name()).isEqualTo(whose == ilse ? 200 : 404);
        }
    }

    private byte[] file(Http by, long list, String as, boolean people) {
        JsonNode done = by.done(by.post("/api/lists/" + list + "/" + as, "{\"people\":" + people + "}").json());
        assertThat(done.get("state").asString()).isEqualTo("DONE");
        return by.get("/api/jobs/" + done.get("id").asLong() + "/result").body();
    }

    /** A page of words, and one with a photo of somebody. */
    private long bookWithPhoto() {
        long book = begin("BOOK", "seal");
        String photo = http.upload("/api/own-pictures?words=Lot&audience=STUDENT&student=" + ilse.id()
            + "&shows=OTHERS&origin=OWN_PHOTO&author=&licence=&source=", "lot.jpg", Photos.jpeg(41, 30)).json().get("picture").get("picture").asString();
        http.post("/api/lists/" + book + "/words", "{\"base\":1,\"chosen\":[{\"word\":\"Lot came, too.\",\"picture\":\"" + photo + "\"}]}");
        return book;
    }

    @ParameterizedTest
    @CsvSource({"epub, book/page-2.xhtml", "package, boards/page-2.obf"})
    void aBookLeavesByTheRuleOfAllThatLeaves(String as, String page) throws IOException {
        long book = bookWithPhoto();
        assertThat(names(file(http, book, as, true))).contains(page).anyMatch(n -> n.matches(".*[.]jpe?g"));
        assertThat(names(file(http, book, as, false))).contains(page).noneMatch(n -> n.matches(".*[.]jpe?g"));
        TestServer.join(ilse, tablet, Role.TALKER);
        assertThat(talks.post("/api/lists/" + book + "/" + as, "{}").status()).isEqualTo(403);
        assertThat(Http.as(TestServer.account("Marit")).post("/api/lists/" + book + "/" + as, "{}").status()).isEqualTo(404);
        assertThat(http.post("/api/lists/" + begin("BOOK", "") + "/" + as, "{}").sentence()).contains("There is no page in it yet");
    }

    @Test
    void anEpubHasItsPicturesAndSaysWhoseTheyAre() throws IOException {
        assertThat(names(file(http, bookWithPhoto(), "epub", true))).contains("book/picture-1.svg", "book/whose.xhtml");
    }

    @Test
    void aPackageOfABookComesInAsABookForAnotherStudent() {
        byte[] packed = file(http, bookWithPhoto(), "package", true);
        Student wren = TestServer.student("Wren", odile);
        int boards = http.get("/api/students/" + wren.id() + "/vocabularies").json().size();
        JsonNode came = http.upload("/api/students/" + wren.id() + "/packages", "seal.obz", packed).json();
        assertThat(came.has("vocabulary")).isFalse();
        assertThat(came.get("findings").toString()).isEqualTo("[]");
        JsonNode hers = http.get("/api/lists/" + came.get("book").asLong()).json();
        assertThat(hers.get("words").get(1).get("text").asString()).isEqualTo("Lot came, too.");
        assertThat(hers.get("words").get(1).get("pictures").get(0).asString()).startsWith("own/");
        assertThat(hers.get("showing").get("as").asString()).isEqualTo("BOOK");
        assertThat(http.get("/api/students/" + wren.id() + "/vocabularies").json().size()).as("no boards came of it").isEqualTo(boards);
        assertThat(http.get("/api/lists/" + came.get("book").asLong() + "/showing").json().get("whose").asString()).isEqualTo("Wren");
        assertThat(Http.as(TestServer.account("Ragna")).upload("/api/students/" + wren.id() + "/packages", "seal.obz", packed).status())
            .as("for nobody who may not change hers").isEqualTo(404);
    }

    private static List<String> names(byte[] zip) throws IOException {
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        return names;
    }
}
