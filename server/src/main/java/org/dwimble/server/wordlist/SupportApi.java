package org.dwimble.server.wordlist;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.daily.CalendarFile;
import org.dwimble.core.daily.PublicHolidays;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.sheet.Foot;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.student.Student;
import org.dwimble.core.support.Laid;
import org.dwimble.core.support.Material;
import org.dwimble.core.support.Offered;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.support.Support;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.ListBoard;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.job.JobApi;
import org.dwimble.server.job.Jobs;
import org.dwimble.server.job.Progress;
import org.dwimble.server.leaving.Doors;
import org.dwimble.server.leaving.PrintedFor;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.sheet.BoardFont;
import org.dwimble.server.sheet.PdfPainter;
import org.dwimble.server.told.Wording;
import org.dwimble.server.wordlist.ListPaper.Printed;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** What is made of a list: its sheets to look at, what else it could be, and the PDF. */
@RestController
@RequestMapping("/api")
class SupportApi {
    private static final int MARKS_SHOWN = 400;
    private static final int DPI = 150;
    /** Of an inch. */
    private static final double POINTS = 72;
    /** First sheets show no more words than this, however many are printed. */
    private static final int WORDS_OFFERED = 400;

    /**
     * One side of a sheet.
     * @param number of the page, from 1
     * @param back true if it is printed behind the page before
     * @param art how library pictures look to whom it is printed for
     */
    record PageView(int number, Length width, Length height, boolean back, String art, List<Mark> marks) {
    }

    /**
     * @param pages how many sides
     * @param why the paper lies so; null if it needs no reason
     * @param people how many photos of it may show somebody
     * @param page the one asked for
     * @param cells of a grid of one's own, between which words can be dragged; none of others
     */
    record SheetsView(int sheets, int pages, boolean lyingDown, @Nullable String why, List<String> notes, int people, PageView page, List<Rect> cells) {
    }

    /** What a list could be: its first sheet. @param support set up as it was last, or as usual @param refused why it cannot be; null if it can */
    record OfferView(Support support, @Nullable PageView page, @Nullable String refused) {
    }

    private final ListAccess may;
    private final Doors doors;
    private final ListPaper paper;
    private final MediaStore media;
    private final BoardFont font;
    private final Wording wording;
    private final Jobs jobs;
    private final Turns turns;

    SupportApi(ListAccess may, Doors doors, ListPaper paper, MediaStore media, BoardFont font, Wording wording, Jobs jobs, Turns turns) {
        this.may = may;
        this.doors = doors;
        this.paper = paper;
        this.media = media;
        this.font = font;
        this.wording = wording;
        this.jobs = jobs;
        this.turns = turns;
    }

    /** Countries whose public holidays are known, and their regions. */
    @ForSignedIn("the same for all schools")
    @GetMapping("/holiday-countries")
    List<PublicHolidays.Country> countries() {
        return PublicHolidays.countries(wording.spoken());
    }

    /** What of a calendar file can be typed into days. @param left events that cannot */
    record CalendarLinesView(List<String> lines, int left) {
    }

    @ForSignedIn("a text this person gave")
    @PostMapping(value = "/calendar-lines", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Bounded("OTHER_FILE_BYTES")
    CalendarLinesView calendarLines(@RequestParam MultipartFile file) throws IOException {
        if (file.getSize() > Limits.OTHER_FILE_BYTES) {
            throw new Unacceptable("calendar-file-damaged");
        }
        CalendarFile read = CalendarFile.read(new StringReader(new String(file.getBytes(), StandardCharsets.UTF_8)));
        return new CalendarLinesView(read.lines(), read.left());
    }

    /** @param page from 1; the last one if there are fewer */
    @For(Act.PRINT)
    @GetMapping("/lists/{list}/sheets")
    @Bounded({"WORDS_AT_ONCE", "SHEETS_AT_ONCE", "LABELS_AT_ONCE"})
    SheetsView sheets(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestParam(defaultValue = "1") int page,
        @RequestParam(required = false) @Nullable PrintedFor printedFor) {
        ListStore.Kept whole = may.toList(list, account).kept();
        Leaving leaving = doors.paper(printedFor, account, Thing.list(list));
        Doors.ReadyList ready = doors.ready(whole.list(), leaving);
        ListStore.Kept kept = whole.with(ready.list());
        List<Printed> printed = paper.printed(kept, account);
        Laid laid = Laid.together(printed.stream().map(Printed::laid).toList());
        int number = Math.max(1, Math.min(page, laid.pages().size()));
        List<String> strangers = kept.list().strangers();
        Stream<Told> unknown = strangers.isEmpty() ? Stream.of() : Stream.of(Told.of("class-strangers", "names", strangers, "count", strangers.size()));
        return new SheetsView(laid.sheets(), laid.pages().size(), laid.lyingDown(), laid.why() == null ? null : wording.of(laid.why()),
            Stream.concat(doors.told(ready.left(), leaving).stream(), Stream.concat(kept.mended().stream(), Stream.concat(laid.notes().stream(), unknown))
                .map(wording::of)).toList(),
            doors.people(whole.list().pictures()), page(printed, number),
            laid.pages().size() == 1 ? cells(kept.list(), laid.lyingDown()) : List.of());
    }

    private ListStore.Kept ready(ListStore.Kept kept, Leaving leaving) {
        return kept.with(doors.ready(kept.list(), leaving).list());
    }

    private static List<Rect> cells(WordList list, boolean lyingDown) {
        return list.support() instanceof OwnGrid grid ? grid.cells(Frame.of(list.page(), lyingDown, Foot.room(photo(list)))) : List.of();
    }

    /** Every side, to be printed by the browser. */
    @For(Act.PRINT)
    @GetMapping("/lists/{list}/pages")
    @Bounded({"WORDS_AT_ONCE", "SHEETS_AT_ONCE", "LABELS_AT_ONCE"})
    List<PageView> pages(@AuthenticationPrincipal Account account, @PathVariable long list,
        @RequestParam(required = false) @Nullable PrintedFor printedFor) {
        ListStore.Kept kept = ready(may.toList(list, account).kept(), doors.paper(printedFor, account, Thing.list(list)));
        return pages(paper.printed(kept, account));
    }

    /** Every side, with pictures as whom it is printed for sees them. */
    private List<PageView> pages(List<Printed> printed) {
        List<PageView> pages = new ArrayList<>();
        for (Printed of : printed) {
            of.laid().pages().forEach(page -> pages.add(view(page, pages.size() + 1, of.appearance().slug(), Integer.MAX_VALUE)));
        }
        return pages;
    }

    /** One of them. @param number from 1, of a page there is */
    private PageView page(List<Printed> printed, int number) {
        int before = 0;
        for (Printed of : printed) {
            int at = number - 1 - before;
            if (at < of.laid().pages().size()) {
                return view(of.laid().pages().get(at), number, of.appearance().slug(), Integer.MAX_VALUE);
            }
            before += of.laid().pages().size();
        }
        throw new IllegalArgumentException("no page " + number);
    }

    private static @Nullable String photo(WordList list) {
        return list.rows().isEmpty() ? null : list.rows().get(0).photo();
    }

    /** The first sheet of everything this list could be. */
    @For(Act.LOOK)
    @GetMapping("/lists/{list}/offers")
    @Bounded({"SHEETS_AT_ONCE", "LABELS_AT_ONCE", "LAYING_SECONDS"})
    List<OfferView> offers(@AuthenticationPrincipal Account account, @PathVariable long list) {
        ListStore.Kept kept = may.toList(list, account).kept();
        Material material = paper.beginning(kept, account, WORDS_OFFERED);
        String art = appearance(kept).slug();
        return turns.lay(account.id(), () -> Offered.ALL.stream().map(s -> offer(kept.list().support(s.name()), material, art)).toList());
    }

    private OfferView offer(Support support, Material material, String art) {
        try {
            return new OfferView(support, view(support.lay(material).pages().get(0), 1, art, MARKS_SHOWN), null);
        } catch (Unacceptable refused) {
            return new OfferView(support, null, wording.of(refused.told()));
        }
    }

    private PageView view(Page page, int number, String art, int marks) {
        return new PageView(number, page.width(), page.height(), page.back(), art, font.shaped(page).marks().stream().limit(marks).toList());
    }

    /** @param from first page, from 1; @param to last page */
    @For(Act.PRINT)
    @GetMapping(value = "/lists/{list}/support.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Bounded({"WORDS_AT_ONCE", "SHEETS_AT_ONCE", "LABELS_AT_ONCE"})
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestParam(defaultValue = "1") int from,
        @RequestParam(defaultValue = "1000000") int to, @RequestParam(required = false) @Nullable PrintedFor printedFor) throws IOException {
        Leaving leaving = doors.paper(printedFor, account, Thing.list(list));
        ListStore.Kept kept = ready(may.toList(list, account).kept(), leaving);
        String title = kept.list().name() + ", " + wording.of(kept.list().support().named());
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
            .header(HttpHeaders.CONTENT_DISPOSITION, named(title + ".pdf", true))
            .body(paper.pdf(paper.printed(kept, account), leaving, account, from, to, title));
    }

    /** @param each one PDF for each student, in a zip, instead of one for all */
    record PrintRequest(@Nullable Boolean each, @Nullable PrintedFor printedFor) {
    }

    /** Everything printed for a class as a piece of work. */
    @For(Act.PRINT)
    @PostMapping("/lists/{list}/print")
    @Bounded({"WORDS", "SHEETS", "LABELS"})
    JobApi.JobView print(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody PrintRequest request) {
        Leaving leaving = doors.paper(request.printedFor(), account, Thing.list(list));
        ListStore.Kept kept = ready(may.toList(list, account).kept(), leaving);
        String name = kept.list().name();
        ListPaper.bounded(kept.list(), Limits.WORDS, true);
        return JobApi.JobView.of(jobs.start(account.id(), paper.needs(kept, account), wording.of(Told.of("job-print", "name", name)), (out, progress) -> {
            List<Printed> printed = paper.printed(kept, account, progress::goOn);
            if (Boolean.TRUE.equals(request.each())) {
                each(kept.list(), printed, leaving, out, progress);
                return Jobs.Result.file(name + ".zip", "application/zip");
            }
            PdfPainter.paint(paper.parts(printed, leaving), name + ", " + wording.of(kept.list().support().named()), out, progress);
            return Jobs.Result.file(name + ".pdf", MediaType.APPLICATION_PDF_VALUE);
        }));
    }

    /** One PDF for each student of the class, in class order. */
    private void each(WordList list, List<Printed> printed, Leaving leaving, OutputStream out, Progress progress) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        for (int i = 0; i < printed.size(); i++) {
            String name = list.rows().isEmpty() ? list.name() : list.rows().get(i).name();
            zip.putNextEntry(new ZipEntry("%02d %s.pdf".formatted(i + 1, name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "-"))));
            zip.write(PdfPainter.paint(paper.parts(List.of(printed.get(i)), leaving), list.name() + ", " + name));
            zip.closeEntry();
            progress.told(i + 1, printed.size());
        }
        zip.finish();
    }

    /** A page as a picture, at 150 dots an inch or as many as it may have. @param page from 1; the last one if there are fewer */
    @For(Act.PRINT)
    @GetMapping(value = "/lists/{list}/sheet.png", produces = MediaType.IMAGE_PNG_VALUE)
    @Bounded({"PAGE_PIXELS", "WORDS_AT_ONCE"})
    ResponseEntity<byte[]> png(@AuthenticationPrincipal Account account, @PathVariable long list,
        @RequestParam(defaultValue = "1") int page, @RequestParam(required = false) @Nullable PrintedFor printedFor) throws IOException {
        Leaving leaving = doors.paper(printedFor, account, Thing.list(list));
        ListStore.Kept kept = ready(may.toList(list, account).kept(), leaving);
        String name = kept.list().name();
        byte[] pdf = paper.pdf(paper.printed(kept, account), leaving, account, page, page, name);
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).header(HttpHeaders.CONTENT_DISPOSITION, named(name + ".png", true))
            .body(turns.take(account.id(), () -> drawn(pdf)));
    }

    /** Of a page too large for that, with fewer dots: no picture of a page has more than {@link Limits#PAGE_PIXELS}. */
    private static byte[] drawn(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDRectangle page = document.getPage(0).getMediaBox();
            double squareInches = (double) page.getWidth() * page.getHeight() / (POINTS * POINTS);
            float dpi = (float) Math.min(DPI, Math.sqrt(Limits.PAGE_PIXELS / squareInches));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(new PDFRenderer(document).renderImageWithDPI(0, dpi), "png", out);
            return out.toByteArray();
        }
    }

    /** The words as a table (RFC 4180), for a spreadsheet: text, second language, times, kind. */
    @For(Act.TAKE)
    @GetMapping(value = "/lists/{list}/words.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<byte[]> csv(@AuthenticationPrincipal Account account, @PathVariable long list) {
        WordList words = may.toList(list, account).kept().list();
        StringBuilder table = new StringBuilder("word,second language,times,kind\r\n");
        for (ListedWord word : words.words()) {
            String second = word.second() == null ? "" : word.second();
            String kind = word.kind() == null ? "" : word.kind().word();
            table.append(Stream.of(word.text(), second, String.valueOf(word.times()), kind).map(SupportApi::cell).collect(Collectors.joining(",")));
            table.append("\r\n");
        }
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
            .header(HttpHeaders.CONTENT_DISPOSITION, named(words.name() + ".csv", false)).body(table.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** The words as a board in the Open Board Format. @param people true to take along photos that may show somebody */
    @For(Act.TAKE)
    @GetMapping(value = "/lists/{list}/board.obf", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Bounded({"BOARD_FILE_BYTES", "WORKS_AT_ONCE"})
    ResponseEntity<byte[]> obf(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestParam(defaultValue = "false") boolean people) {
        Leaving leaving = doors.out(Leaving.Whither.PACKAGE, new Leaving.Answer(people, people, true, false, Leaving.Instead.DRAWN), account, Thing.list(list));
        ListStore.Kept kept = ready(may.toList(list, account).kept(), leaving);
        Unacceptable.ifMore("board-as-package", media.bytesOf(kept.list().pictures()) >> 20, Limits.BOARD_FILE_BYTES >> 20);
        Vocabulary board = ListBoard.of(kept.list(),
            Optional.ofNullable(kept.student()).flatMap(paper::boardsOf).map(v -> v.vocabulary().locale()).orElse("en"));
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header(HttpHeaders.CONTENT_DISPOSITION, named(kept.list().name() + ".obf", false))
            .body(turns.take(account.id(), () -> new ObfWriter(media.reading(appearance(kept), leaving)).obf(board.homeBoard(), board)));
    }

    /** Quoted where it must be; what a spreadsheet would take for a formula begins with an apostrophe. */
    private static String cell(String text) {
        String plain = text.matches("[=+@-].*") ? "'" + text : text;
        return plain.matches("(?s).*[\",\\r\\n].*") ? "\"" + plain.replace("\"", "\"\"") + "\"" : plain;
    }

    private static String named(String file, boolean inline) {
        return (inline ? ContentDisposition.inline() : ContentDisposition.attachment()).filename(file, StandardCharsets.UTF_8).build().toString();
    }

    private Appearance appearance(ListStore.Kept kept) {
        Student student = paper.student(kept);
        return student == null ? Appearance.USUAL : student.appearance();
    }
}
