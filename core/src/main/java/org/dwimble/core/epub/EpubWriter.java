package org.dwimble.core.epub;

import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Writes a book as EPUB 3 (<a href="https://www.w3.org/TR/epub-33/">EPUB 3.3</a>): a page of the book is a file of its own, its pictures above its text, and
 * a last page says whose the pictures are. Each picture is in it once. One page after the other is written, so that a long book needs no more memory than
 * a short one.
 */
public final class EpubWriter {
    private static final String XHTML = "http://www.w3.org/1999/xhtml";
    private static final String EPUB = "http://www.idpf.org/2007/ops";
    private static final String OPF = "http://www.idpf.org/2007/opf";
    private static final String DC = "http://purl.org/dc/elements/1.1/";
    private static final Map<String, String> ENDINGS = Map.of("image/svg+xml", "svg", "image/png", "png", "image/jpeg", "jpg", "image/gif", "gif",
        "image/webp", "webp");
    private static final String STYLE = """
        body { margin: 0; padding: 1em; text-align: center; }
        .pictures { height: 60vh; }
        .pictures img { max-width: 100%; max-height: 100%; }
        .several img { max-width: 48%; max-height: 48%; }
        p { font-size: 1.6em; line-height: 1.4; }
        .whose { text-align: left; }
        .whose p { font-size: 1em; }
        """;

    /** @param pictures by what {@code found} knows them; what it does not know is left out */
    public record Page(String text, List<String> pictures) {
        public Page {
            pictures = List.copyOf(pictures);
        }
    }

    /** @param type as in HTTP; only those that EPUB has are written: SVG, PNG, JPEG, GIF and WebP */
    public record Picture(byte[] bytes, String type) {
    }

    /**
     * @param id       the same for each version of the same book, a URI
     * @param language BCP 47 tag
     * @param paper    behind its pages, such as {@code #c6def9}; null for none
     * @param whose    paragraphs of the last page; none for no such page
     */
    public record Book(String id, String title, String language, Instant changed, @Nullable String paper, List<Page> pages, List<String> whose) {
        public Book {
            pages = List.copyOf(pages);
            whose = List.copyOf(whose);
        }
    }

    private interface Writing {
        void on(XMLStreamWriter xml) throws XMLStreamException;
    }

    private final ZipOutputStream zip;
    private final Function<String, Optional<Picture>> found;
    /** The file of each picture that was written, and its type. */
    private final Map<String, String[]> written = new LinkedHashMap<>();

    private EpubWriter(ZipOutputStream zip, Function<String, Optional<Picture>> found) {
        this.zip = zip;
        this.found = found;
    }

    /**
     * @param out is not closed
     * @throws Unacceptable if the book has no page: there is no such EPUB
     */
    public static void write(Book book, Function<String, Optional<Picture>> found, OutputStream out) throws IOException {
        if (book.pages.isEmpty()) {
            throw new Unacceptable("epub-empty");
        }
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        new EpubWriter(zip, found).all(book);
        zip.finish();
    }

    private void all(Book book) throws IOException {
        // First, and as it is: that is how a program knows what it has before it.
        byte[] type = "application/epub+zip".getBytes(StandardCharsets.US_ASCII);
        ZipEntry first = new ZipEntry("mimetype");
        first.setMethod(ZipEntry.STORED);
        first.setSize(type.length);
        CRC32 sum = new CRC32();
        sum.update(type);
        first.setCrc(sum.getValue());
        zip.putNextEntry(first);
        zip.write(type);
        zip.closeEntry();
        file("META-INF/container.xml", xml(x -> {
            x.writeStartElement("container");
            x.writeDefaultNamespace("urn:oasis:names:tc:opendocument:xmlns:container");
            x.writeAttribute("version", "1.0");
            x.writeStartElement("rootfiles");
            x.writeEmptyElement("rootfile");
            x.writeAttribute("full-path", "book/package.opf");
            x.writeAttribute("media-type", "application/oebps-package+xml");
            x.writeEndElement();
            x.writeEndElement();
        }));
        file("book/style.css", STYLE + (book.paper == null ? "" : "body { background: " + book.paper + "; }\n"));
        for (int i = 0; i < book.pages.size(); i++) {
            Page page = book.pages.get(i);
            List<String> files = pictures(page.pictures);
            int number = i + 1;
            file(page(number), page(book, String.valueOf(number), x -> {
                if (!files.isEmpty()) {
                    x.writeStartElement("div");
                    x.writeAttribute("class", files.size() > 1 ? "pictures several" : "pictures");
                    for (String picture : files) {
                        x.writeEmptyElement("img");
                        x.writeAttribute("src", picture);
                        x.writeAttribute("alt", "");
                    }
                    x.writeEndElement();
                }
                paragraph(x, page.text);
            }));
        }
        if (!book.whose.isEmpty()) {
            file("book/whose.xhtml", page(book, "Pictures", x -> {
                x.writeStartElement("div");
                x.writeAttribute("class", "whose");
                for (String line : book.whose) {
                    paragraph(x, line);
                }
                x.writeEndElement();
            }));
        }
        file("book/contents.xhtml", contents(book));
        file("book/package.opf", packaged(book));
    }

    private static void paragraph(XMLStreamWriter x, String text) throws XMLStreamException {
        if (!text.isEmpty()) {
            x.writeStartElement("p");
            x.writeCharacters(text);
            x.writeEndElement();
        }
    }

    private static String page(int number) {
        return "book/page-" + number + ".xhtml";
    }

    /** The files of some pictures, which are written if they were not before. */
    private List<String> pictures(List<String> ids) {
        return ids.stream().filter(this::isWritten).map(id -> Objects.requireNonNull(written.get(id))[0]).toList();
    }

    private boolean isWritten(String id) {
        if (!written.containsKey(id)) {
            Picture picture = found.apply(id).filter(p -> ENDINGS.containsKey(p.type)).orElse(null);
            if (picture == null) {
                return false;
            }
            String name = "picture-" + (written.size() + 1) + "." + ENDINGS.get(picture.type);
            try {
                zip.putNextEntry(new ZipEntry("book/" + name));
                zip.write(picture.bytes);
                zip.closeEntry();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            written.put(id, new String[] {name, picture.type});
        }
        return true;
    }

    private String page(Book book, String title, Writing body) {
        return xml(x -> {
            x.writeStartElement("html");
            x.writeDefaultNamespace(XHTML);
            x.writeNamespace("epub", EPUB);
            x.writeAttribute("lang", book.language);
            x.writeAttribute("xml:lang", book.language);
            x.writeStartElement("head");
            x.writeStartElement("title");
            x.writeCharacters(title);
            x.writeEndElement();
            x.writeEmptyElement("link");
            x.writeAttribute("rel", "stylesheet");
            x.writeAttribute("type", "text/css");
            x.writeAttribute("href", "style.css");
            x.writeEndElement();
            x.writeStartElement("body");
            body.on(x);
            x.writeEndElement();
            x.writeEndElement();
        });
    }

    private String contents(Book book) {
        return page(book, book.title, x -> {
            x.writeStartElement("nav");
            x.writeAttribute("epub:type", "toc");
            x.writeAttribute("id", "toc");
            x.writeStartElement("h1");
            x.writeCharacters(book.title);
            x.writeEndElement();
            x.writeStartElement("ol");
            for (int i = 0; i < book.pages.size(); i++) {
                String text = book.pages.get(i).text;
                entry(x, "page-" + (i + 1) + ".xhtml", text.isEmpty() ? String.valueOf(i + 1) : text);
            }
            if (!book.whose.isEmpty()) {
                entry(x, "whose.xhtml", "Pictures");
            }
            x.writeEndElement();
            x.writeEndElement();
        });
    }

    private static void entry(XMLStreamWriter x, String file, String text) throws XMLStreamException {
        x.writeStartElement("li");
        x.writeStartElement("a");
        x.writeAttribute("href", file);
        x.writeCharacters(text);
        x.writeEndElement();
        x.writeEndElement();
    }

    private String packaged(Book book) {
        return xml(x -> {
            x.writeStartElement("package");
            x.writeDefaultNamespace(OPF);
            x.writeNamespace("dc", DC);
            x.writeAttribute("version", "3.0");
            x.writeAttribute("unique-identifier", "id");
            x.writeStartElement("metadata");
            element(x, "dc:identifier", book.id, "id", "id");
            element(x, "dc:title", book.title);
            element(x, "dc:language", book.language);
            element(x, "meta", book.changed.truncatedTo(ChronoUnit.SECONDS).toString(), "property", "dcterms:modified");
            element(x, "meta", "visual", "property", "schema:accessMode");
            element(x, "meta", "textual", "property", "schema:accessMode");
            element(x, "meta", "none", "property", "schema:accessibilityHazard");
            x.writeEndElement();
            x.writeStartElement("manifest");
            item(x, "contents", "contents.xhtml", "application/xhtml+xml", "nav");
            item(x, "style", "style.css", "text/css", null);
            for (int i = 1; i <= book.pages.size(); i++) {
                item(x, "page-" + i, "page-" + i + ".xhtml", "application/xhtml+xml", null);
            }
            if (!book.whose.isEmpty()) {
                item(x, "whose", "whose.xhtml", "application/xhtml+xml", null);
            }
            for (String[] picture : written.values()) {
                item(x, picture[0].replace('.', '-'), picture[0], picture[1], null);
            }
            x.writeEndElement();
            x.writeStartElement("spine");
            for (int i = 1; i <= book.pages.size(); i++) {
                itemref(x, "page-" + i);
            }
            if (!book.whose.isEmpty()) {
                itemref(x, "whose");
            }
            x.writeEndElement();
            x.writeEndElement();
        });
    }

    private static void element(XMLStreamWriter x, String name, String text, String... attribute) throws XMLStreamException {
        x.writeStartElement(name);
        if (attribute.length > 0) {
            x.writeAttribute(attribute[0], attribute[1]);
        }
        x.writeCharacters(text);
        x.writeEndElement();
    }

    private static void item(XMLStreamWriter x, String id, String file, String type, @Nullable String properties) throws XMLStreamException {
        x.writeEmptyElement("item");
        x.writeAttribute("id", id);
        x.writeAttribute("href", file);
        x.writeAttribute("media-type", type);
        if (properties != null) {
            x.writeAttribute("properties", properties);
        }
    }

    private static void itemref(XMLStreamWriter x, String id) throws XMLStreamException {
        x.writeEmptyElement("itemref");
        x.writeAttribute("idref", id);
    }

    private static String xml(Writing writing) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            writing.on(xml);
            xml.writeEndDocument();
            xml.flush();
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
        return text.toString();
    }

    private void file(String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }
}
