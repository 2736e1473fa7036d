package org.dwimble.server.wordlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dwimble.core.board.Button;
import org.dwimble.core.grant.Role;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class ListApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final Http http = Http.as(odile);
    private final Http hers = Http.as(marit);

    private long begin(String more) {
        Http.Answer answer = http.post("/api/lists", "{" + more + "}");
        assertThat(answer.status()).as(new String(answer.body())).isEqualTo(200);
        return answer.json().get("id").asLong();
    }

    private static List<String> texts(JsonNode list) {
        return StreamSupport.stream(list.get("words").spliterator(), false).map(w -> w.get("text").asString()).toList();
    }

    private JsonNode list(long id) {
        return http.get("/api/lists/" + id).json();
    }

    /** How many lists of a name somebody sees. */
    private static long named(Http by, String name) {
        return StreamSupport.stream(by.get("/api/lists").json().spliterator(), false).filter(l -> l.get("name").asString().equals(name)).count();
    }

    private String word(long id, int at) {
        return list(id).get("words").get(at).get("id").asString();
    }

    private Http.Answer edit(Http by, long id, int base, String edit) {
        return by.post("/api/lists/" + id + "/edits", "{\"base\":%d,\"edit\":%s}".formatted(base, edit));
    }

    private String changed(long id, int at, String from, String to) {
        return "{\"type\":\"change-word\",\"word\":" + list(id).get("words").get(at).toString().replace(from, to) + "}";
    }

    @Test
    void wordsAreTypedOrPastedAndGetTheirPictures() {
        long id = begin("\"name\":\"Ferry trip\",\"text\":\"ferry, bag\\nseal\"");
        JsonNode list = http.post("/api/lists/" + id + "/words", "{\"base\":1,\"text\":\"crab=red crab; qqqq\",\"before\":\"" + word(id, 1) + "\"}").json();
        assertThat(texts(list)).containsExactly("ferry", "red crab", "qqqq", "bag", "seal");
        assertThat(list.get("words").get(0).get("pictures").get(0).asString()).contains("ferry");
        assertThat(list.get("words").get(1).get("pictures").get(0).asString()).contains("crab");
        assertThat(list.get("words").get(2).get("pictures").size()).as("the word alone").isZero();
        assertThat(http.post("/api/lists/" + id + "/words", "{\"base\":1,\"text\":\" , \"}").status()).isEqualTo(422);
        String many = IntStream.range(0, 3_000).mapToObj(i -> "w" + i).collect(Collectors.joining(","));
        Http.Answer refused = http.post("/api/lists/" + id + "/words", "{\"base\":1,\"text\":\"" + many + "\"}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(texts(list(id))).hasSize(5);
    }

    @Test
    void replacingAPictureKeepsTheText() {
        long id = begin("\"text\":\"bag\"");
        String was = list(id).get("words").get(0).get("pictures").get(0).asString();
        assertThat(edit(http, id, 1, changed(id, 0, was, "base/school-satchel")).json().get("words").get(0).get("text").asString()).isEqualTo("bag");
        assertThat(list(id).get("words").get(0).get("pictures").get(0).asString()).isEqualTo("base/school-satchel");
    }

    @Test
    void twoPeopleChangeOneListAndOnlyWhatBothChangedIsRefused() {
        TestServer.join(ilse, marit, Role.EDITOR);
        long id = begin("\"text\":\"ferry, bag\",\"student\":\"" + ilse.id() + "\"");
        String mine = changed(id, 0, "\"text\":\"ferry\"", "\"text\":\"the ferry\"");
        String other = changed(id, 1, "\"text\":\"bag\"", "\"text\":\"rucksack\"");
        assertThat(edit(http, id, 1, mine).status()).isEqualTo(200);
        assertThat(texts(edit(hers, id, 1, other).json())).containsExactly("the ferry", "rucksack");
        Http.Answer met = edit(hers, id, 1, mine.replace("the ferry", "our ferry"));
        assertThat(met.status()).isEqualTo(409);
        assertThat(met.sentence()).contains("Odile changed the same thing first", "“the ferry”");
        assertThat(texts(list(id))).containsExactly("the ferry", "rucksack");
    }

    /** As lists of before every version kept its pictures may. */
    @Test
    void aListThatNamesAPictureWhoseBytesAreGoneCanBeChangedAllTheSame() {
        String gone = "own/" + "ab".repeat(32);
        ListStore store = TestServer.bean(ListStore.class);
        WordList list = WordList.of("Trip", List.of(ListedWord.of("w1", "seal", gone, null)));
        long id = store.create(list, ilse.id(), odile.id(), Instant.now(), Told.of("list-begun"));
        assertThat(edit(http, id, 1, "{\"type\":\"name\",\"name\":\"Harbour\"}").status()).isEqualTo(200);
        assertThat(list(id).get("name").asString()).isEqualTo("Harbour");
    }

    @Test
    void undoIsMineAndCanBeMadeAgain() {
        TestServer.join(ilse, marit, Role.EDITOR);
        long id = begin("\"text\":\"ferry, bag, seal\",\"student\":\"" + ilse.id() + "\"");
        edit(http, id, 1, "{\"type\":\"take-out\",\"ids\":[\"" + word(id, 1) + "\"]}");
        edit(hers, id, 2, "{\"type\":\"name\",\"name\":\"Harbour\"}");
        assertThat(list(id).get("undo").asString()).isEqualTo("took out “bag”");
        JsonNode back = http.post("/api/lists/" + id + "/undo", "{}").json();
        assertThat(texts(back)).containsExactly("ferry", "bag", "seal");
        assertThat(back.get("name").asString()).as("hers stays").isEqualTo("Harbour");
        assertThat(texts(http.post("/api/lists/" + id + "/redo", "{}").json())).containsExactly("ferry", "seal");
        assertThat(hers.get("/api/lists/" + id + "/versions").json().size()).isEqualTo(5);
        assertThat(texts(http.post("/api/lists/" + id + "/versions/1/back", "{\"base\":5}").json())).containsExactly("ferry", "bag", "seal");
    }

    @Test
    void aListIsThereForItsTeamAndOnTheShelfForEverybodyWithoutPhotosOfOthers() throws IOException {
        JsonNode taken = http.upload("/api/own-pictures?words=Lot&audience=STUDENT&student=" + ilse.id(), "lot.jpg", Photos.jpeg(80, 60)).json();
        String photo = taken.get("picture").get("picture").asString();
        long id = begin("\"chosen\":[{\"word\":\"Lot\",\"picture\":\"" + photo + "\"}],\"student\":\"" + ilse.id() + "\",\"name\":\"People\"");
        assertThat(list(id).get("words").get(0).get("pictures").get(0).asString()).isEqualTo(photo);
        String image = "/api/lists/" + id + "/pictures/" + photo.substring("own/".length());
        assertThat(http.get(image).status()).isEqualTo(200);
        assertThat(hers.get("/api/lists/" + id).status()).isEqualTo(404);
        assertThat(hers.get(image).status()).isEqualTo(404);
        http.send("PUT", "/api/lists/" + id + "/shelf", "{}");
        JsonNode seen = hers.get("/api/lists/" + id).json();
        assertThat(texts(seen)).containsExactly("Lot");
        assertThat(seen.get("words").get(0).get("pictures").size()).isZero();
        assertThat(seen.has("student")).as("nor whose it is").isFalse();
        assertThat(hers.get(image).status()).isEqualTo(404);
        assertThat(edit(hers, id, 1, "{\"type\":\"name\",\"name\":\"Mine\"}").status()).isEqualTo(403);
        JsonNode copy = hers.post("/api/lists", "{\"from\":" + id + "}").json();
        assertThat(copy.get("from").asString()).isEqualTo("a copy of People");
        assertThat(named(hers, "People")).isEqualTo(2);
        http.send("DELETE", "/api/lists/" + id + "/shelf", "{}");
        assertThat(hers.get("/api/lists/" + id).status()).isEqualTo(404);
    }

    @Test
    void onTheShelfNobodySeesWhichStudentsAListIsPrintedForNorWhatDiffersForThem() {
        long id = begin("\"text\":\"swim, read\",\"student\":\"" + ilse.id() + "\",\"name\":\"Home\"");
        http.post("/api/lists/" + id + "/class", "{\"base\":1,\"table\":\"name\\tread\\nIlse\\tdance\"}");
        http.send("PUT", "/api/lists/" + id + "/shelf", "{}");
        JsonNode seen = hers.get("/api/lists/" + id).json();
        assertThat(seen.get("pupils").size()).isZero();
        assertThat(seen.get("classTable").asString()).isEmpty();
        assertThat(hers.get("/api/lists/" + id + "/sheets").json().toString()).doesNotContain("Ilse", "dance");
        assertThat(hers.post("/api/lists", "{\"from\":" + id + "}").json().get("pupils").size()).isZero();
        assertThat(list(id).get("pupils").size()).as("the team still does").isEqualTo(1);
    }

    private String photoOf(Student student) {
        return http.upload("/api/own-pictures?words=Photo&audience=STUDENT&student=" + student.id(), "p.jpg", Photos.jpeg(80, 60)).json().get("picture")
            .get("picture").asString();
    }

    private JsonNode line(Http by, long id) {
        return StreamSupport.stream(by.get("/api/lists").json().spliterator(), false).filter(l -> l.get("id").asLong() == id).findFirst().orElseThrow();
    }

    @Test
    void theShelfTellsAStrangerNeitherWhoseAListIsNorItsPhotosNorNames() {
        String photo = photoOf(ilse);
        long id = begin("\"chosen\":[{\"word\":\"Lot\",\"picture\":\"" + photo + "\"}],\"student\":\"" + ilse.id() + "\",\"name\":\"Faces\"");
        http.post("/api/lists/" + id + "/class", "{\"base\":1,\"table\":\"name\\nIlse\"}");
        edit(http, id, 2, "{\"type\":\"photo-of\",\"name\":\"Ilse\",\"photo\":\"" + photo + "\"}");
        http.send("PUT", "/api/lists/" + id + "/shelf", "{}");
        assertThat(line(http, id).toString()).contains("Ilse", photo);
        assertThat(line(hers, id).toString()).contains("Faces").doesNotContain("Ilse", ilse.id(), photo);
        assertThat(http.get("/api/lists/" + id + "/versions").json().toString()).contains("Ilse");
        assertThat(hers.get("/api/lists/" + id + "/versions").json().toString()).contains("changed the list").doesNotContain("Ilse");
    }

    @Test
    void nobodyIsToldTheNameOfAPrivateListThatACopyIsFrom() {
        TestServer.join(ilse, marit, Role.EDITOR);
        long secret = begin("\"text\":\"ferry\",\"name\":\"Worries about Tomasz\"");
        long copy = begin("\"from\":" + secret + ",\"name\":\"Trip\",\"student\":\"" + ilse.id() + "\"");
        assertThat(http.get("/api/lists/" + copy).json().get("from").asString()).isEqualTo("a copy of Worries about Tomasz");
        assertThat(hers.get("/api/lists/" + copy).json().toString()).contains("Trip").doesNotContain("Worries");
        assertThat(hers.get("/api/lists/" + copy + "/versions").json().toString()).contains("copied another list").doesNotContain("Worries");
    }

    @Test
    void aTeamSeesNoPhotoOfAnotherStudentInItsClass() {
        Student sefa = TestServer.student("Sefa", odile);
        TestServer.join(ilse, marit, Role.EDITOR);
        String photo = photoOf(sefa);
        long id = begin("\"text\":\"swim\",\"student\":\"" + ilse.id() + "\"");
        http.post("/api/lists/" + id + "/class", "{\"base\":1,\"table\":\"name\\nIlse\\nSefa\"}");
        edit(http, id, 2, "{\"type\":\"photo-of\",\"name\":\"Sefa\",\"photo\":\"" + photo + "\"}");
        String image = "/api/lists/" + id + "/pictures/" + photo.substring("own/".length());
        assertThat(http.get(image).status()).isEqualTo(200);
        assertThat(hers.get(image).status()).isEqualTo(404);
        assertThat(hers.get("/api/lists/" + id).json().toString()).contains("Sefa").doesNotContain(photo);
        assertThat(hers.get("/api/lists/" + id + "/pages").json().toString()).doesNotContain(photo);
        edit(hers, id, 3, "{\"type\":\"name\",\"name\":\"Pool\"}");
        assertThat(http.get("/api/lists/" + id).json().toString()).as("what she changes leaves it there").contains(photo);
        assertThat(hers.post("/api/lists/" + id + "/class", "{\"base\":4,\"table\":\"name\\tswim\\nIlse\\tdance\\nSefa\"}").status()).isEqualTo(200);
        assertThat(hers.get("/api/lists/" + id).json().toString()).as("nor by setting the class anew").contains("Sefa", "dance").doesNotContain(photo);
        assertThat(hers.get(image).status()).isEqualTo(404);
        assertThat(http.get("/api/lists/" + id).json().toString()).contains(photo);
    }

    @Test
    void namingAVocabularyBesideAListTakesNoPhotosAlong() {
        String photo = photoOf(ilse);
        long id = begin("\"chosen\":[{\"word\":\"Lot\",\"picture\":\"" + photo + "\"}],\"student\":\"" + ilse.id() + "\"");
        Student sefa = TestServer.student("Sefa", odile);
        long vocabulary = TestServer.copy("first-choices", sefa, odile);
        JsonNode copy = http.post("/api/lists", "{\"from\":" + id + ",\"student\":\"" + sefa.id() + "\",\"vocabulary\":" + vocabulary + "}").json();
        assertThat(copy.toString()).doesNotContain(photo);
    }

    @Test
    void aListOnTheShelfIsGoneWithItsStudent() {
        long id = begin("\"text\":\"ferry\",\"student\":\"" + ilse.id() + "\"");
        http.send("PUT", "/api/lists/" + id + "/shelf", "{}");
        assertThat(hers.get("/api/lists/" + id).status()).isEqualTo(200);
        http.send("DELETE", "/api/students/" + ilse.id(), null);
        assertThat(hers.get("/api/lists/" + id).status()).isEqualTo(404);
        assertThat(http.get("/api/lists/" + id).status()).isEqualTo(404);
    }

    @Test
    void aPictureAloneThatMayNotBeUsedIsCopiedAsAWordAndRefusesNothing() {
        JsonNode taken = http.upload("/api/own-pictures?words=Lot&audience=STUDENT&student=" + ilse.id(), "lot.jpg", Photos.jpeg(80, 60)).json();
        String photo = taken.get("picture").get("picture").asString();
        long id = begin("\"chosen\":[{\"word\":\"Lot\",\"picture\":\"" + photo + "\"}],\"student\":\"" + ilse.id() + "\"");
        edit(http, id, 1, changed(id, 0, "\"text\":\"Lot\"", "\"text\":\"\""));
        Student sefa = TestServer.student("Sefa", odile);
        JsonNode copy = http.post("/api/lists", "{\"from\":" + id + ",\"student\":\"" + sefa.id() + "\"}").json();
        assertThat(texts(copy)).containsExactly("?");
        assertThat(copy.get("words").get(0).get("pictures").size()).isZero();
    }

    @Test
    void aDeletedListIsHadBack() {
        long id = begin("\"text\":\"ferry\",\"name\":\"Trip\"");
        assertThat(hers.send("DELETE", "/api/lists/" + id, null).status()).isEqualTo(404);
        http.send("DELETE", "/api/lists/" + id, null);
        assertThat(http.get("/api/lists/" + id).status()).isEqualTo(404);
        assertThat(named(http, "Trip")).isZero();
        assertThat(hers.get("/api/deleted").json().size()).isZero();
        assertThat(http.get("/api/deleted").json().get(0).get("name").asString()).isEqualTo("Trip");
        http.post("/api/deleted/restored", "{\"what\":\"LIST\",\"id\":\"" + id + "\"}");
        assertThat(texts(list(id))).containsExactly("ferry");
    }

    @Test
    void aListBeginsWithBoardsAStepOrWhatIsNew() {
        long vocabulary = TestServer.copy("starter-40", ilse, odile);
        String whose = "\"student\":\"" + ilse.id() + "\",\"vocabulary\":" + vocabulary;
        List<String> animals = texts(list(begin(whose + ",\"boards\":[\"animals\"]")));
        assertThat(animals).startsWith("dog", "cat").doesNotContain("back", "home").doesNotHaveDuplicates();
        http.post("/api/vocabularies/" + vocabulary + "/edits", "{\"base\":1,\"edit\":{\"type\":\"add-step\",\"name\":\"First\",\"words\":"
            + "{\"andOpened\":false,\"allBut\":false,\"words\":[\"want\",\"dog\"]}}}");
        String step = http.get("/api/vocabularies/" + vocabulary).json().get("plan").get("steps").get(0).get("id").asString();
        assertThat(texts(list(begin(whose + ",\"step\":\"" + step + "\"")))).containsExactlyInAnyOrder("want", "dog");
        assertThat(texts(list(begin(whose + ",\"boards\":[\"animals\"]")))).as("what waits is not on paper").containsExactly("dog");
        assertThat(http.post("/api/lists", "{" + whose + ",\"step\":\"none\"}").status()).isEqualTo(422);
        assertThat(hers.post("/api/lists", "{\"vocabulary\":" + vocabulary + "}").status()).isEqualTo(404);
    }

    @Test
    void aSecondLanguageComesFromThePicturesNamesAndCanBePutRight() {
        long id = begin("\"text\":\"ferry, qqqq\"");
        JsonNode list = http.post("/api/lists/" + id + "/language", "{\"base\":1,\"second\":{\"language\":\"uk\",\"instead\":false}}").json();
        assertThat(list.get("words").get(0).get("second").asString()).isNotBlank();
        assertThat(list.get("words").get(1).has("second")).isFalse();
        edit(http, id, 2, "{\"type\":\"change-word\",\"word\":" + list.get("words").get(0).toString().replaceAll("\"second\":\"[^\"]*\"",
            "\"second\":\"pont\"") + "}");
        http.post("/api/lists/" + id + "/language", "{\"base\":3,\"second\":{\"language\":\"uk\",\"instead\":true}}");
        assertThat(http.get("/api/lists/" + id + "/sheets").json().get("page").get("marks").toString()).contains("\"pont\"").doesNotContain("\"ferry\"");
    }

    @Test
    void thePdfHasTheSheetsOfThePreviewAndItsTextReadsAsTyped() throws IOException {
        long id = begin("\"text\":\"fish, office, waffle, ferry\",\"name\":\"Fish\"");
        edit(http, id, 1, "{\"type\":\"set-up\",\"support\":{\"type\":\"cards\",\"width\":50000,\"height\":50000,\"onSheet\":0,\"gap\":4000,\"lines\":\"EDGE\","
            + "\"corner\":0,\"back\":\"SAME\",\"flip\":\"LONG\",\"hole\":false}}");
        JsonNode sheets = http.get("/api/lists/" + id + "/sheets?page=2").json();
        assertThat(sheets.get("sheets").asInt()).isEqualTo(1);
        assertThat(sheets.get("page").get("back").asBoolean()).isTrue();
        Http.Answer pdf = http.get("/api/lists/" + id + "/support.pdf");
        assertThat(pdf.header("content-disposition")).contains("Fish");
        try (PDDocument document = Loader.loadPDF(pdf.body())) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            assertThat(new PDFTextStripper().getText(document)).contains("fish", "office", "waffle", "ferry");
            assertThat(document.getPage(0).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(sheets.get("page").get("width").asLong() / 1000.0, within(0.01));
        }
        try (PDDocument one = Loader.loadPDF(http.get("/api/lists/" + id + "/support.pdf?from=2&to=2").body())) {
            assertThat(one.getNumberOfPages()).isEqualTo(1);
        }
    }

    @Test
    void everyOtherSupportIsOfferedWithItsFirstSheetOrTheReasonWhyNot() {
        long id = begin("\"text\":\"ferry, bag, seal\"");
        List<String> refused = new ArrayList<>();
        JsonNode offers = http.get("/api/lists/" + id + "/offers").json();
        offers.forEach(o -> {
            if (!o.has("page")) {
                refused.add(o.get("refused").asString());
            }
        });
        assertThat(offers.size()).isEqualTo(list(id).get("supports").size());
        assertThat(refused).isNotEmpty().allMatch(r -> r.contains("are needed"));
        Http.Answer large = edit(http, id, 1, "{\"type\":\"set-up\",\"support\":{\"type\":\"pairs\",\"side\":5,\"match\":\"SAME\"}}");
        assertThat(large.status()).isEqualTo(422);
        assertThat(large.sentence()).contains("10 to 600 mm");
    }

    @Test
    void thePdfIsTaggedInReadingOrderAndPicturesWithoutWordsHaveOtherText() throws IOException {
        long id = begin("\"text\":\"ferry, seal\",\"name\":\"Tags\"");
        edit(http, id, 1, "{\"type\":\"page\",\"page\":{\"paper\":\"A4\",\"turn\":\"UPRIGHT\",\"margin\":9000,\"labels\":\"NONE\",\"type\":\"EQUAL\"}}");
        try (PDDocument document = Loader.loadPDF(http.get("/api/lists/" + id + "/support.pdf").body())) {
            PDDocumentCatalog catalog = document.getDocumentCatalog();
            assertThat(catalog.getMarkInfo().isMarked()).isTrue();
            assertThat(catalog.getLanguage()).isEqualTo("en");
            assertThat(catalog.getOutputIntents()).hasSize(1);
            assertThat(new String(catalog.getMetadata().toByteArray(), StandardCharsets.UTF_8)).contains("<pdfuaid:part>1<", "<pdfaid:part>2<",
                "Tags, Cards to cut out");
            PDStructureElement all = (PDStructureElement) catalog.getStructureTreeRoot().getKids().get(0);
            List<String> read = all.getKids().stream().map(PDStructureElement.class::cast)
                .map(e -> e.getStructureType() + (e.getAlternateDescription() == null ? "" : " " + e.getAlternateDescription())).toList();
            assertThat(read).startsWith("Figure ferry", "Figure seal").contains("P");
            assertThat(catalog.getStructureTreeRoot().getParentTree().getValue(0)).isNotNull();
        }
    }

    @Test
    void aPhotoHasNoMorePixelsOnPaperThanAreSeen() throws IOException {
        JsonNode taken = http.upload("/api/own-pictures?words=Lot&audience=MINE", "lot.jpg", Photos.jpeg(1500, 1000)).json();
        String photo = taken.get("picture").get("picture").asString();
        long id = begin("\"chosen\":[{\"word\":\"Lot\",\"picture\":\"" + photo + "\"}],\"name\":\"People\"");
        try (PDDocument document = Loader.loadPDF(http.get("/api/lists/" + id + "/support.pdf").body())) {
            PDResources resources = document.getPage(0).getResources();
            List<PDImageXObject> images = new ArrayList<>();
            for (COSName name : resources.getXObjectNames()) {
                if (resources.getXObject(name) instanceof PDImageXObject image) {
                    images.add(image);
                }
            }
            assertThat(images).singleElement().satisfies(i -> assertThat(i.getWidth()).as("50 mm at 300 dpi").isLessThanOrEqualTo(591).isGreaterThan(400));
        }
    }

    @Test
    void aMonthPageKnowsTheHolidaysOfItsCountry() {
        long id = begin("\"text\":\"lighthouse\"");
        edit(http, id, 1,
            "{\"type\":\"set-up\",\"support\":{\"type\":\"calendar\",\"span\":\"MONTH\",\"day\":\"2026-12-01\",\"pages\":1,\"country\":\"nl\",\"region\":\"\","
                + "\"days\":\"4 December: lighthouse\"}}");
        JsonNode page = http.get("/api/lists/" + id + "/sheets").json().get("page");
        assertThat(page.get("marks").toString()).contains("December 2026", "Christmas", "lighthouse");
        assertThat(http.get("/api/holiday-countries").json().size()).isGreaterThan(50);
    }

    @Test
    void aSheetIsAPictureAndTheWordsATable() throws IOException {
        long id = begin("\"text\":\"ferry; =1+1; a \\\"red\\\" crab\",\"name\":\"Table\"");
        BufferedImage png = ImageIO.read(new ByteArrayInputStream(http.get("/api/lists/" + id + "/sheet.png?page=9").body()));
        assertThat(png.getWidth()).as("A4 at 150 dots an inch").isEqualTo(1240);
        String csv = new String(http.get("/api/lists/" + id + "/words.csv").body(), StandardCharsets.UTF_8);
        assertThat(csv.lines()).startsWith("word,second language,times,kind").anyMatch(l -> l.startsWith("ferry,,1,"))
            .anyMatch(l -> l.contains("\"a \"\"red\"\" crab\""));
        assertThat(csv).doesNotContain("\n=");
    }

    @Test
    void eachStudentOfAClassGetsASheetOfHisOwnAsHeSeesPictures() throws IOException {
        long id = begin("\"text\":\"swim, read, apple\",\"name\":\"Home\"");
        JsonNode list = http.post("/api/lists/" + id + "/class", "{\"base\":1,\"table\":\"name\\tread\\nIlse\\tdance\\nNobody\\tsing\"}").json();
        assertThat(list.get("pupils").size()).isEqualTo(2);
        assertThat(list.get("classTable").asString()).isEqualTo("name\tread\nIlse\tdance\nNobody\tsing");
        JsonNode sheets = http.get("/api/lists/" + id + "/sheets").json();
        assertThat(sheets.get("sheets").asInt()).isEqualTo(2);
        assertThat(sheets.get("notes").toString()).contains("Nobody is no student of your caseload").doesNotContain("Ilse");
        try (PDDocument document = Loader.loadPDF(http.get("/api/lists/" + id + "/support.pdf").body())) {
            PDFTextStripper page = new PDFTextStripper();
            page.setEndPage(1);
            assertThat(page.getText(document)).contains("dance", "Home · Ilse").doesNotContain("sing", "read");
            assertThat(new PDFTextStripper().getText(document)).contains("sing", "Home · Nobody");
        }
        try (PDDocument second = Loader.loadPDF(http.get("/api/lists/" + id + "/support.pdf?from=2&to=2").body())) {
            assertThat(new PDFTextStripper().getText(second)).contains("Nobody").doesNotContain("Ilse");
        }
        Http.Answer nameless = http.post("/api/lists/" + id + "/class", "{\"base\":2,\"table\":\"\\tdance\"}");
        assertThat(nameless.status()).isEqualTo(422);
        assertThat(nameless.sentence()).contains("Row 1");
        assertThat(http.post("/api/lists/" + id + "/class", "{\"base\":2,\"table\":\"\"}").json().get("pupils").size()).isZero();
    }

    @Test
    void aPhotoStandsBesideTheNameOnThatStudentsSheetsAloneAndIsNobodyElses() {
        String photo = http.upload("/api/own-pictures?words=Ilse&audience=STUDENT&student=" + ilse.id(), "i.jpg", Photos.jpeg(70, 70)).json()
            .get("picture").get("picture").asString();
        long id = begin("\"text\":\"swim, read\",\"name\":\"Home\"");
        http.post("/api/lists/" + id + "/class", "{\"base\":1,\"table\":\"Ilse\\nNobody\"}");
        String of = "{\"type\":\"photo-of\",\"name\":\"%s\",\"photo\":\"" + photo + "\"}";
        long others = hers.post("/api/lists", "{\"text\":\"swim\",\"name\":\"Mine\"}").json().get("id").asLong();
        hers.post("/api/lists/" + others + "/class", "{\"base\":1,\"table\":\"Ilse\"}");
        assertThat(edit(hers, others, 2, of.formatted("Ilse")).sentence()).as("who is not of the team has no photo of Ilse").contains("not yours to use");
        assertThat(edit(http, id, 2, of.formatted("Who")).sentence()).contains("no Who");
        JsonNode list = edit(http, id, 2, of.formatted("ilse")).json();
        assertThat(list.get("pupils").get(0).get("photo").asString()).isEqualTo(photo);
        assertThat(http.get("/api/lists/" + id + "/pictures/" + photo.substring("own/".length())).status()).isEqualTo(200);
        assertThat(http.get("/api/lists/" + id + "/sheets?page=1").json().get("page").get("marks").toString()).contains(photo);
        assertThat(http.get("/api/lists/" + id + "/sheets?page=2").json().get("page").get("marks").toString()).doesNotContain(photo);
        http.post("/api/lists/" + id + "/class", "{\"base\":3,\"table\":\"Wren\\nIlse\"}");
        assertThat(list(id).get("pupils").get(1).get("photo").asString()).as("the table changed, the photo stays").isEqualTo(photo);
        http.send("PUT", "/api/lists/" + id + "/shelf", "{}");
        assertThat(hers.get("/api/lists/" + id).json().get("pupils").size()).isZero();
    }

    @Test
    void aSheetIsSeenAsTheStudentItIsForSeesPictures() {
        http.changeStudent(ilse.id(), "{\"name\":\"Ilse\",\"className\":\"\",\"screen\":{\"width\":200000,\"height\":150000},"
            + "\"appearance\":{\"look\":\"COLOUR\",\"tone\":\"DARK\",\"hair\":\"RED\"}}");
        long id = begin("\"text\":\"swim\",\"name\":\"Home\"");
        http.post("/api/lists/" + id + "/class", "{\"base\":1,\"table\":\"Nobody\\n" + ilse.name() + "\"}");
        String first = http.get("/api/lists/" + id + "/sheets?page=1").json().get("page").get("art").asString();
        String second = http.get("/api/lists/" + id + "/sheets?page=2").json().get("page").get("art").asString();
        assertThat(first).isEqualTo(Appearance.USUAL.slug());
        assertThat(second).isEqualTo("colour.dark.red");
        assertThat(http.get("/api/lists/" + id + "/pages").json().get(1).get("art").asString()).isEqualTo(second);
    }

    @Test
    void aListBeginsWithWhatWasSaidInThatOrder() {
        long vocabulary = TestServer.copy("starter-40", ilse, odile);
        String whose = "\"student\":\"" + ilse.id() + "\",\"vocabulary\":" + vocabulary;
        List<String> said = TestServer.bean(VocabularyStore.class).there(vocabulary).vocabulary().boards().get("animals").buttons().stream()
            .filter(b -> !b.isWay()).map(Button::id).limit(2).toList();
        String buttons = ",\"buttons\":[\"" + said.get(1) + "\",\"gone\",\"" + said.get(0) + "\",\"" + said.get(1) + "\"]";
        assertThat(texts(list(begin(whose + buttons)))).containsExactly("cat", "dog");
        assertThat(http.post("/api/lists", "{" + whose + ",\"buttons\":[null]}").status()).isEqualTo(200);
        assertThat(hers.post("/api/lists", "{\"vocabulary\":" + vocabulary + ",\"buttons\":[\"dog\"]}").status()).isEqualTo(404);
    }

    @Test
    void aCardIsAsLargeOnPaperAsItIsSaidToBe() throws IOException {
        long id = begin("\"text\":\"ferry\",\"name\":\"Card\",\"support\":\"cards\"");
        http.post("/api/lists/" + id + "/edits",
            "{\"base\":1,\"edit\":{\"type\":\"set-up\",\"support\":{\"type\":\"cards\",\"width\":50000,\"height\":50000,\"onSheet\":0,"
                + "\"gap\":4000,\"lines\":\"EDGE\",\"corner\":0,\"back\":\"NONE\",\"flip\":\"LONG\",\"hole\":false}}}");
        try (PDDocument document = Loader.loadPDF(http.get("/api/lists/" + id + "/support.pdf").body())) {
            BufferedImage seen = new PDFRenderer(document).renderImageWithDPI(0, 600);
            int y = (int) (30 / 25.4 * 600);
            List<Integer> edges = IntStream.range(0, seen.getWidth()).filter(x -> dark(seen, x, y) && dark(seen, x, y + 40)).boxed().toList();
            double width = (edges.get(edges.size() - 1) - edges.get(0)) * 25.4 / 600;
            assertThat(width).as("between the outlines, which are a sixth of a millimetre").isCloseTo(50.0 + HAIRLINE, within(0.1));
        }
    }

    private static final double HAIRLINE = 0.18;

    private static boolean dark(BufferedImage seen, int x, int y) {
        return (seen.getRGB(x, y) & 0xff) < 0xe0;
    }

    @Test
    void whereWordsAreIsToldOfTheStudentsOwnBoards() {
        Student ilse = TestServer.student("Ilse", odile);
        TestServer.copy("starter-40", ilse, odile);
        long id = begin("\"text\":\"want, grandma, wheelbarrow\",\"name\":\"New\",\"support\":\"ways\",\"student\":\"" + ilse.id() + "\"");
        JsonNode sheets = http.get("/api/lists/" + id + "/sheets").json();
        assertThat(sheets.get("page").get("marks").toString()).contains("\"Home\"", "\"People\"", "not on the boards");
        assertThat(sheets.get("notes").toString()).contains("not on the student’s boards");
    }

    @Test
    void schoolHolidaysComeFromACalendarFileAndADamagedOneIsRefused() {
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20261101T080000Z\r\nSUMMARY:Winter holidays\r\n"
            + "DTSTART;VALUE=DATE:20261221\r\nDTEND;VALUE=DATE:20270104\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        JsonNode read = http.upload("/api/calendar-lines", "school.ics", file.getBytes(StandardCharsets.UTF_8)).json();
        assertThat(read.get("lines").toString()).isEqualTo("[\"2026-12-21 - 2027-01-03: Winter holidays\"]");
        Http.Answer damaged = http.upload("/api/calendar-lines", "school.ics", file.substring(0, 90).getBytes(StandardCharsets.UTF_8));
        assertThat(damaged.status()).isEqualTo(422);
        assertThat(damaged.sentence()).isEqualTo("This is no calendar file (.ics), or it is damaged. Nothing was changed; days can also be typed, one a line.");
    }

    @Test
    void aListIsABoardForAnyProgramAndComesBackAsOne() {
        Student ilse = TestServer.student("Ilse", odile);
        long id = begin("\"text\":\"ferry, seal, crab\",\"name\":\"Trip\"");
        byte[] obf = http.get("/api/lists/" + id + "/board.obf").body();
        JsonNode back = http.upload("/api/students/" + ilse.id() + "/packages", "trip.obf", obf).json();
        assertThat(back.get("name").asString()).isEqualTo("Trip");
        assertThat(back.get("buttons").asInt()).isEqualTo(3);
    }

    @Test
    void aVersionIsNamedAndThePicturesSayWhoseTheyAre() {
        long id = begin("\"text\":\"ferry, seal\",\"name\":\"Trip\"");
        http.post("/api/lists/" + id + "/words", "{\"base\":1,\"text\":\"crab\"}");
        assertThat(http.send("PUT", "/api/lists/" + id + "/versions/1/name", "{\"name\":\" before the crab \"}").status()).isEqualTo(200);
        JsonNode versions = http.get("/api/lists/" + id + "/versions").json();
        assertThat(versions.get(1).get("name").asString()).isEqualTo("before the crab");
        assertThat(versions.get(0).get("name")).isNull();
        http.send("PUT", "/api/lists/" + id + "/versions/1/name", "{\"name\":\"\"}");
        assertThat(http.get("/api/lists/" + id + "/versions").json().get(1).get("name")).isNull();
        assertThat(http.send("PUT", "/api/lists/" + id + "/versions/9/name", "{\"name\":\"x\"}").status()).isEqualTo(404);
        assertThat(http.get("/api/lists/" + id + "/credits").json().get(0).get("pictures").asInt()).isEqualTo(3);
    }
}
