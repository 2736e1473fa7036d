package org.dwimble.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class SheetApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final Http http = Http.as(odile);
    private final long id = TestServer.copy("starter-40", ilse, odile);

    private byte[] pdf(String board, String query) {
        Http.Answer answer = http.get("/api/vocabularies/" + id + "/boards/" + board + "/sheet.pdf?" + query);
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    @ParameterizedTest
    @CsvSource({"A4,false,210,297", "A4,true,297,210", "LETTER,false,215.9,279.4", "LETTER,true,279.4,215.9"})
    void thePageIsThePaper(String paper, boolean lying, double width, double height) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf("home", "paper=" + paper + "&lyingDown=" + lying + "&size=PAGE&cutLines=true"))) {
            PDPage page = document.getPage(0);
            assertThat(page.getMediaBox().getWidth() / 72 * 25.4).isCloseTo(width, within(0.01));
            assertThat(page.getMediaBox().getHeight() / 72 * 25.4).isCloseTo(height, within(0.01));
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
    }

    @Test
    void labelsAreTextAndPicturesAreVectorsKeptOnceEach() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf("home", "size=SCREEN"))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("want", "more topics", "Ilse’s words", "50 mm on paper");
            List<Object> drawings = new ArrayList<>();
            for (COSName name : document.getPage(0).getResources().getXObjectNames()) {
                drawings.add(document.getPage(0).getResources().getXObject(name));
            }
            assertThat(drawings).hasSize(32).allMatch(PDFormXObject.class::isInstance).noneMatch(PDImageXObject.class::isInstance);
            assertThat(document.getPage(0).getResources().getFontNames()).hasSize(1);
        }
    }

    @Test
    void labelsOfEveryScriptArePrintedAndWhatNoTypefaceHasIsSaid() {
        http.post("/api/vocabularies/" + id + "/boards", "{\"base\":1,\"name\":\"Harbour\"}");
        String harbour = "";
        for (var board : http.get("/api/vocabularies/" + id).json().get("boards")) {
            harbour = board.get("name").asString().equals("Harbour") ? board.get("id").asString() : harbour;
        }
        http.post("/api/vocabularies/" + id + "/words", "{\"base\":2,\"board\":\"" + harbour
            + "\",\"from\":{\"row\":0,\"column\":0},\"text\":\"crab 🦀, مرحبا, שלום, 你好, łódź, Привіт, thuyền\"}");
        var page = http.get("/api/vocabularies/" + id + "/boards/" + harbour + "/sheet").json();
        assertThat(page.get("notes").toString()).contains("crab 🦀").doesNotContain("مرحبا", "שלום", "你好", "łódź", "Привіт", "thuyền");
        assertThat(page.get("page").get("marks").toString()).contains("outlined", "مرحبا");
        assertThat(pdf(harbour, "size=PAGE")).startsWith("%PDF".getBytes());
    }

    @Test
    void aWholeVocabularyIsABookWithTabsPageNumbersAndAnIndex() throws IOException {
        JsonNode book = http.get("/api/vocabularies/" + id + "/boards/home/sheet?reach=ALL&size=PAGE&tabs=true&index=true&sheet=99").json();
        int boards = book.get("boards").asInt();
        assertThat(boards).isGreaterThan(4);
        assertThat(book.get("page").get("number").asInt()).as("there are not as many").isEqualTo(book.get("sheets").asInt());
        try (PDDocument document = Loader.loadPDF(pdf("home", "reach=ALL&size=PAGE&tabs=true&index=true"))) {
            assertThat(document.getNumberOfPages()).isEqualTo(book.get("sheets").asInt()).isGreaterThan(boards);
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Where the words are", "p. 2", "page " + boards);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Ilse’s words");
        }
    }

    @Test
    void whatIsLargerThanTheSheetIsCutOffAtItsEdgeAndGoesOnOnTheNext() throws IOException {
        JsonNode print = http.get("/api/vocabularies/" + id + "/boards/home/sheet?size=SCALED&percent=200&paper=A5").json();
        assertThat(print.get("sheets").asInt()).isGreaterThan(3);
        assertThat(print.get("notes").toString()).contains("sheets to glue together");
        assertThat(print.get("page").get("marks").get(0).get("type").asString()).isEqualTo("within");
        try (PDDocument document = Loader.loadPDF(pdf("home", "size=SCALED&percent=200&paper=A5"))) {
            BufferedImage seen = new PDFRenderer(document).renderImageWithDPI(0, 50);
            for (int y = 0; y < seen.getHeight() - 20; y++) {
                assertThat(seen.getRGB(seen.getWidth() - 5, y)).as("nothing in the margin, at " + y).isEqualTo(0xffffffff);
            }
        }
        assertThat(http.get("/api/vocabularies/" + id + "/boards/home/sheet?size=SCALED&percent=2000").sentence())
            .isEqualTo("Choose a size from 20 to 400 percent of true size.");
    }

    @Test
    void aKeyguardHasAnOpeningForEveryButton() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf("home", "what=KEYGUARD&ink=SAVING"))) {
            assertThat(new PDFTextStripper().getText(document)).contains("message", "want", "keyguard · Home");
            assertThat(document.getPage(0).getResources().getXObjectNames()).as("no pictures").isEmpty();
        }
    }

    @Test
    void aStartersHomeBoardIsPrintedAsLargeAsOnAStudentsScreenForThoseWhoSeeTheStudent() {
        JsonNode starter = http.get("/api/students/" + ilse.id() + "/starters").json().get(0);
        String sheet = "/api/vocabularies/" + starter.get("id").asLong() + "/boards/" + starter.get("home").get("id").asString() + "/sheet.pdf?student="
            + ilse.id();
        assertThat(http.get(sheet).body()).startsWith("%PDF".getBytes());
        String cells = "cells %.0f x %.0f mm".formatted(starter.get("cellWidthMm").asDouble(), starter.get("cellHeightMm").asDouble());
        assertThat(http.get(sheet.replace(".pdf", "")).json().get("page").get("marks").toString()).contains(cells);
        assertThat(Http.as(TestServer.account("Piet")).get(sheet).status()).as("not a student of theirs").isEqualTo(404);
    }

    @Test
    void aPaperThatIsNoneIsAnsweredInASentence() {
        Http.Answer answer = http.get("/api/vocabularies/" + id + "/boards/home/sheet?paper=PAPYRUS");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.sentence()).isEqualTo("That request does not make sense here. Nothing was changed.");
    }
}
