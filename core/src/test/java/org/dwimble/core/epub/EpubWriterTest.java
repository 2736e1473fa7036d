package org.dwimble.core.epub;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.adobe.epubcheck.api.EpubCheck;
import com.adobe.epubcheck.util.DefaultReportImpl;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is written is a valid EPUB 3, as EPUBCheck of the W3C says. */
class EpubWriterTest {
    private static final EpubWriter.Picture SEAL = new EpubWriter.Picture(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 2 2\"><circle cx=\"1\" cy=\"1\" r=\"1\"/></svg>".getBytes(StandardCharsets.UTF_8),
        "image/svg+xml");
    private static final Function<String, Optional<EpubWriter.Picture>> PICTURES = id -> switch (id) {
        case "seal" -> Optional.of(SEAL);
        case "photo" -> Optional.of(new EpubWriter.Picture(png(), "image/png"));
        case "odd" -> Optional.of(new EpubWriter.Picture(new byte[] {1}, "image/x-odd"));
        default -> Optional.empty();
    };

    @TempDir
    Path folder;

    private static byte[] png() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(4, 3, BufferedImage.TYPE_INT_RGB), "png", out);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return out.toByteArray();
    }

    private static EpubWriter.Book book(List<EpubWriter.Page> pages, List<String> whose) {
        return new EpubWriter.Book("urn:uuid:7b1f1c1e-0000-4000-8000-000000000001", "The seal & the <slipway>", "en", Instant.parse("2026-12-01T08:00:00.5Z"),
            "#c6def9", pages, whose);
    }

    private Path written(EpubWriter.Book book) throws IOException {
        Path file = folder.resolve("book.epub");
        try (OutputStream out = Files.newOutputStream(file)) {
            EpubWriter.write(book, PICTURES, out);
        }
        return file;
    }

    private static void valid(Path file) {
        StringWriter said = new StringWriter();
        DefaultReportImpl report = new DefaultReportImpl(file.getFileName().toString()) {
            @Override
            public void message(com.adobe.epubcheck.messages.Message message, com.adobe.epubcheck.api.EPUBLocation at, Object... args) {
                super.message(message, at, args);
                said.append(message.getSeverity() + " " + message.getMessage(args) + " " + at.getPath() + "\n");
            }
        };
        new EpubCheck(file.toFile(), report).doValidate();
        assertThat(report.getErrorCount() + report.getFatalErrorCount() + report.getWarningCount()).as(said.toString()).isZero();
    }

    @Test
    void aBookIsValidWithAnySignsInItsText() throws IOException {
        List<EpubWriter.Page> pages = List.of(new EpubWriter.Page("A seal & <two> gulls “said” 🦭", List.of("seal")),
            new EpubWriter.Page("", List.of("photo", "seal", "odd", "gone")), new EpubWriter.Page("Only words.", List.of()));
        Path file = written(book(pages, List.of("Seal: CC0", "Photo: our school")));
        valid(file);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertThat(zip.stream().map(ZipEntry::getName)).startsWith("mimetype").contains("book/picture-1.svg", "book/picture-2.png", "book/whose.xhtml")
                .doesNotContain("book/picture-3.svg");
            assertThat(zip.entries().nextElement().getMethod()).isEqualTo(ZipEntry.STORED);
            String second = new String(zip.getInputStream(zip.getEntry("book/page-2.xhtml")).readAllBytes(), StandardCharsets.UTF_8);
            assertThat(second).contains("picture-2.png", "picture-1.svg", "several").doesNotContain("<p>");
        }
    }

    @Test
    void threeHundredPagesAreValidAndOnePictureIsInItOnce() throws IOException {
        List<EpubWriter.Page> pages = IntStream.rangeClosed(1, 300).mapToObj(i -> new EpubWriter.Page("Page " + i, List.of("seal"))).toList();
        Path file = written(book(pages, List.of()));
        valid(file);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertThat(zip.stream().filter(e -> e.getName().contains("/picture-"))).hasSize(1);
            assertThat(zip.stream().filter(e -> e.getName().contains("/page-"))).hasSize(300);
        }
    }

    @Test
    void aBookWithoutAPageIsNone() {
        assertThatThrownBy(() -> written(book(List.of(), List.of()))).isInstanceOf(Unacceptable.class).extracting("told.key").isEqualTo("epub-empty");
    }
}
