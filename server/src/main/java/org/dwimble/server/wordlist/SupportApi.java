package org.dwimble.server.wordlist;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Objects;
import java.util.Set;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.daily.CalendarFile;
import org.dwimble.core.daily.PublicHolidays;
import org.dwimble.core.measure.Length;
import org.dwimble.core.obf.Media;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.core.measure.Rect;
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
import org.dwimble.core.wordlist.OnBoards;
import org.dwimble.core.wordlist.ClassRow;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.job.JobApi;
import org.dwimble.server.job.Jobs;
import org.dwimble.server.job.Progress;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.sheet.BoardFont;
import org.dwimble.server.sheet.PdfPainter;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
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
    /** Marks of sheets that are leafed through. */
    private static final int MOST_LEAFED = 600_000;
    private static final Duration LEAFED = Duration.ofMinutes(1);

    /** One side of a sheet. @param number of the page, from 1 @param back true if it is printed behind the page before @param art how library pictures look to whom it is printed for */
    record PageView(int number, Length width, Length height, boolean back, String art, List<Mark> marks) {
    }

    /** @param pages how many sides @param why the paper lies so; null if it needs no reason @param page the one asked for @param cells of a grid of one's own, between which words can be dragged; none of others */
    record SheetsView(int sheets, int pages, boolean lyingDown, @Nullable String why, List<String> notes, PageView page, List<Rect> cells) {
    }

    /** What a list could be: its first sheet. @param support set up as it was last, or as usual @param refused why it cannot be; null if it can */
    record OfferView(Support support, @Nullable PageView page, @Nullable String refused) {
    }

    private final ListAccess may;
    private final StudentStore students;
    private final VocabularyStore store;
    private final MediaStore media;
    private final Pictures pictures;
    private final BoardFont font;
    private final Wording wording;
    private final Jobs jobs;
    private final Turns turns;

    SupportApi(ListAccess may, StudentStore students, VocabularyStore store, MediaStore media, Pictures pictures, BoardFont font, Wording wording,
        Jobs jobs, Turns turns) {
        this.turns = turns;
        this.may = may;
        this.students = students;
        this.store = store;
        this.media = media;
        this.pictures = pictures;
        this.font = font;
        this.wording = wording;
        this.jobs = jobs;
    }

    /** Countries whose public holidays are known, and their regions. */
    @GetMapping("/holiday-countries")
    List<PublicHolidays.Country> countries() {
        return PublicHolidays.countries();
    }

    /** What of a calendar file can be typed into days. @param left events that cannot */
    record CalendarLinesView(List<String> lines, int left) {
    }

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
    @GetMapping("/lists/{list}/sheets")
    @Bounded({"WORDS_AT_ONCE", "SHEETS_AT_ONCE", "LABELS_AT_ONCE"})
    SheetsView sheets(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestParam(defaultValue = "1") int page) {
        ListStore.Kept kept = may.toList(list, account).kept();
        List<Printed> printed = printed(kept, account);
        Laid laid = all(printed);
        int number = Math.max(1, Math.min(page, laid.pages().size()));
        List<String> strangers = kept.list().strangers();
        Stream<Told> unknown = strangers.isEmpty() ? Stream.of() : Stream.of(Told.of("class-strangers", "names", strangers, "count", strangers.size()));
        return new SheetsView(laid.sheets(), laid.pages().size(), laid.lyingDown(), laid.why() == null ? null : wording.of(laid.why()),
            Stream.concat(kept.mended().stream(), Stream.concat(laid.notes().stream(), unknown)).map(wording::of).toList(), page(printed, number),
            laid.pages().size() == 1 ? cells(kept.list(), laid.lyingDown()) : List.of());
    }

    private static List<Rect> cells(WordList list, boolean lyingDown) {
        return list.support() instanceof OwnGrid grid ? grid.cells(Frame.of(list.page(), lyingDown, Foot.room(photo(list)))) : List.of();
    }

    /** Every side, to be printed by the browser. */
    @GetMapping("/lists/{list}/pages")
    @Bounded({"WORDS_AT_ONCE", "SHEETS_AT_ONCE", "LABELS_AT_ONCE"})
    List<PageView> pages(@AuthenticationPrincipal Account account, @PathVariable long list) {
        ListStore.Kept kept = may.toList(list, account).kept();
        return pages(printed(kept, account));
    }

    /** Every side, with pictures as whom it is printed for sees them. */
    private List<PageView> pages(List<Printed> printed) {
        List<PageView> pages = new ArrayList<>();
        for (Printed of : printed) {
            of.laid.pages().forEach(page -> pages.add(view(page, pages.size() + 1, of.appearance().slug(), Integer.MAX_VALUE)));
        }
        return pages;
    }

    /** One of them. @param number from 1, of a page there is */
    private PageView page(List<Printed> printed, int number) {
        int before = 0;
        for (Printed of : printed) {
            int at = number - 1 - before;
            if (at < of.laid.pages().size()) {
                return view(of.laid.pages().get(at), number, of.appearance().slug(), Integer.MAX_VALUE);
            }
            before += of.laid.pages().size();
        }
        throw new IllegalArgumentException("no page " + number);
    }

    private static @Nullable String photo(WordList list) {
        return list.rows().isEmpty() ? null : list.rows().get(0).photo();
    }

    /** The first sheet of everything this list could be. */
    @GetMapping("/lists/{list}/offers")
    @Bounded({"SHEETS_AT_ONCE", "LABELS_AT_ONCE", "LAYING_SECONDS"})
    List<OfferView> offers(@AuthenticationPrincipal Account account, @PathVariable long list) {
        ListStore.Kept kept = may.toList(list, account).kept();
        Material material = new Whom(kept, account).material().beginning(WORDS_OFFERED);
        String art = appearance(student(kept)).slug();
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
    @GetMapping(value = "/lists/{list}/support.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Bounded({"WORDS_AT_ONCE", "SHEETS_AT_ONCE", "LABELS_AT_ONCE"})
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestParam(defaultValue = "1") int from,
        @RequestParam(defaultValue = "1000000") int to) throws IOException {
        ListStore.Kept kept = may.toList(list, account).kept();
        String title = kept.list().name() + ", " + wording.of(kept.list().support().named());
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
            .header(HttpHeaders.CONTENT_DISPOSITION, named(title + ".pdf", true))
            .body(pdfOf(kept, account, from, to, title));
    }

    private byte[] pdfOf(ListStore.Kept kept, Account account, int from, int to, String title) throws IOException {
        List<PdfPainter.Part> parts = parts(printed(kept, account));
        int pages = parts.stream().mapToInt(p -> p.pages().size()).sum();
        int first = Math.max(1, Math.min(from, pages));
        int last = Math.max(first, Math.min(to, pages));
        return turns.take(account.id(), () -> PdfPainter.paint(within(parts, first, last), title));
    }

    /** @param each one PDF for each student, in a zip, instead of one for all */
    record PrintRequest(@Nullable Boolean each) {
    }

    /** Everything printed for a class as a piece of work. */
    @PostMapping("/lists/{list}/print")
    @Bounded({"WORDS", "SHEETS", "LABELS"})
    JobApi.JobView print(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody PrintRequest request) {
        ListStore.Kept kept = may.toList(list, account).kept();
        String name = kept.list().name();
        bounded(kept.list(), Limits.WORDS, true);
        return JobApi.JobView.of(jobs.start(account.id(), needs(kept, account), wording.of(Told.of("job-print", "name", name)), (out, progress) -> {
            List<Printed> printed = turns.layAsWork(() -> lay(kept, new Whom(kept, account)));
            if (Boolean.TRUE.equals(request.each())) {
                each(kept.list(), printed, out, progress);
                return Jobs.Result.file(name + ".zip", "application/zip");
            }
            PdfPainter.paint(parts(printed), name + ", " + wording.of(kept.list().support().named()), out, progress);
            return Jobs.Result.file(name + ".pdf", MediaType.APPLICATION_PDF_VALUE);
        }));
    }

    /** The list, and those students of the class whose photos and pictures this person sees. */
    private List<String> needs(ListStore.Kept kept, Account account) {
        Stream<String> pupils = kept.list().rows().stream().map(ClassRow::student).filter(student -> student != null && students.role(student, account.id()).isPresent());
        return Stream.concat(Stream.of("list:" + kept.id()), pupils.distinct().map(student -> "student:" + student)).toList();
    }

    /** One PDF for each student of the class, in class order. */
    private void each(WordList list, List<Printed> printed, OutputStream out, Progress progress) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        for (int i = 0; i < printed.size(); i++) {
            String name = list.rows().isEmpty() ? list.name() : list.rows().get(i).name();
            zip.putNextEntry(new ZipEntry("%02d %s.pdf".formatted(i + 1, name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "-"))));
            zip.write(PdfPainter.paint(parts(List.of(printed.get(i))), list.name() + ", " + name));
            zip.closeEntry();
            progress.told(i + 1, printed.size());
        }
        zip.finish();
    }

    /** A page as a picture, at 150 dots an inch or as many as it may have. @param page from 1; the last one if there are fewer */
    @GetMapping(value = "/lists/{list}/sheet.png", produces = MediaType.IMAGE_PNG_VALUE)
    @Bounded({"PAGE_PIXELS", "WORDS_AT_ONCE"})
    ResponseEntity<byte[]> png(@AuthenticationPrincipal Account account, @PathVariable long list,
        @RequestParam(defaultValue = "1") int page) throws IOException {
        ListStore.Kept kept = may.toList(list, account).kept();
        String name = kept.list().name();
        byte[] pdf = pdfOf(kept, account, page, page, name);
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

    /** The words as a board in the Open Board Format. */
    @GetMapping(value = "/lists/{list}/board.obf", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Bounded({"BOARD_FILE_BYTES", "WORKS_AT_ONCE"})
    ResponseEntity<byte[]> obf(@AuthenticationPrincipal Account account, @PathVariable long list) {
        ListStore.Kept kept = may.toList(list, account).kept();
        Unacceptable.ifMore("board-as-package", media.bytesOf(kept.list().pictures()) >> 20, Limits.BOARD_FILE_BYTES >> 20);
        Vocabulary board = ListBoard.of(kept.list(), Optional.ofNullable(kept.student()).flatMap(this::boardsOf).map(v -> v.vocabulary().locale()).orElse("en"));
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header(HttpHeaders.CONTENT_DISPOSITION, named(kept.list().name() + ".obf", false))
            .body(turns.take(account.id(), () -> new ObfWriter(media.reading(appearance(student(kept)))).obf(board.homeBoard(), board)));
    }

    /** Quoted where it must be; what a spreadsheet would take for a formula begins with an apostrophe. */
    private static String cell(String text) {
        String plain = text.matches("[=+@-].*") ? "'" + text : text;
        return plain.matches("(?s).*[\",\\r\\n].*") ? "\"" + plain.replace("\"", "\"\"") + "\"" : plain;
    }

    private static String named(String file, boolean inline) {
        return (inline ? ContentDisposition.inline() : ContentDisposition.attachment()).filename(file, StandardCharsets.UTF_8).build().toString();
    }

    /** What is printed for one student, or for all. @param student null if it is nobody of the school */
    private record Printed(Laid laid, @Nullable Student student) {
        Appearance appearance() {
            return SupportApi.appearance(student);
        }
    }

    private static Appearance appearance(@Nullable Student student) {
        return student == null ? Appearance.USUAL : student.appearance();
    }

    /**
     * What a list that is leafed through depends on: it is laid once, and not for each sheet that is looked at.
     *
     * @param boards of the students it is printed for, with the version of each
     */
    private record Leafed(long list, int version, long account, WordList seen, List<Student> students, Map<String, Integer> boards) {
    }

    private final Cache<Leafed, List<Printed>> leafed = Caffeine.newBuilder().maximumWeight(MOST_LEAFED)
        .weigher((Leafed key, List<Printed> printed) -> printed.stream().flatMap(p -> p.laid.pages().stream()).mapToInt(p -> 1 + p.marks().size()).sum())
        .expireAfterWrite(LEAFED).build();

    /** For each student of the class in class order, or once for all; within a request, and so in a turn and bounded. */
    private List<Printed> printed(ListStore.Kept kept, Account account) {
        bounded(kept.list(), Limits.WORDS_AT_ONCE, false);
        Whom whom = new Whom(kept, account);
        Leafed key = new Leafed(kept.id(), kept.version(), account.id(), kept.list(), List.copyOf(whom.known.values()), whom.versions());
        List<Printed> known = leafed.getIfPresent(key);
        if (known != null) {
            return known;
        }
        List<Printed> laid = turns.lay(account.id(), () -> lay(kept, whom));
        leafed.put(key, laid);
        return laid;
    }

    /** Told before anything is laid. */
    private static void bounded(WordList list, int most, boolean work) {
        long words = list.words().stream().mapToLong(ListedWord::times).sum() * Math.max(1, list.rows().size());
        if (words > most) {
            throw new Unacceptable("paper-words", "most", most, "has", words, "work", String.valueOf(work));
        }
    }

    private List<Printed> lay(ListStore.Kept kept, Whom whom) {
        WordList list = kept.list();
        if (list.rows().isEmpty()) {
            return List.of(new Printed(list.support().lay(whom.material()), student(kept)));
        }
        return list.rows().stream().map(row -> new Printed(list.support().lay(whom.material(row)), whom.known.get(row.student()))).toList();
    }

    /** Whom a list is printed for, and what is known of each: looked up once, however often a student stands in the class. */
    private final class Whom {
        private final ListStore.Kept kept;
        private final Account account;
        private final Map<String, Student> known = new LinkedHashMap<>();
        private final Map<String, Optional<VocabularyStore.Kept>> boards = new LinkedHashMap<>();
        private final Map<String, Guesses> guesses = new HashMap<>();
        private final Map<Set<String>, String> credits = new HashMap<>();

        Whom(ListStore.Kept kept, Account account) {
            this.kept = kept;
            this.account = account;
            Stream.concat(Stream.ofNullable(kept.student()), kept.list().rows().stream().map(ClassRow::student).filter(Objects::nonNull)).distinct()
                .forEach(id -> students.find(id).ifPresent(student -> {
                    known.put(id, student);
                    boards.put(id, boardsOf(id));
                }));
        }

        Map<String, Integer> versions() {
            Map<String, Integer> versions = new LinkedHashMap<>();
            boards.forEach((id, of) -> versions.put(id, of.map(VocabularyStore.Kept::version).orElse(0)));
            return versions;
        }

        Material material() {
            Student student = known.get(kept.student());
            return material(kept.list(), kept.student(), student == null ? null : student.name());
        }

        Material material(ClassRow row) {
            return material(kept.list().forRow(row), row.student(), row.name()).withPhoto(row.photo());
        }

        /** @param name at the foot; null for none */
        private Material material(WordList list, @Nullable String student, @Nullable String name) {
            String credit = credits.computeIfAbsent(list.pictures(), pictured -> pictures.creditsOf(pictured).onPaper());
            Guesses guess = guesses.computeIfAbsent(String.valueOf(student), id -> pictures.guesses(account, student));
            Optional<Vocabulary> seen = student == null ? Optional.empty() : boards.getOrDefault(student, Optional.empty()).map(VocabularyStore.Kept::vocabulary);
            return seen.map(list::as).orElse(list).material(font, list.name() + (name == null ? "" : " · " + name) + (credit.isEmpty() ? "" : " · " + credit),
                guess::overWord, seen.<Material.Ways>map(OnBoards::new).orElse(Material.Ways.NONE));
        }
    }

    private static Laid all(List<Printed> printed) {
        return Laid.together(printed.stream().map(Printed::laid).toList());
    }

    /** In one document; who sees pictures alike has the very same ones, which are drawn once. */
    private List<PdfPainter.Part> parts(List<Printed> printed) {
        Map<Appearance, Media> seen = new HashMap<>();
        return printed.stream().map(p -> new PdfPainter.Part(p.laid.pages().stream().map(font::shaped).toList(),
            seen.computeIfAbsent(p.appearance(), media::reading))).toList();
    }

    /** The pages from one to another, both included, in their parts. */
    private static List<PdfPainter.Part> within(List<PdfPainter.Part> parts, int first, int last) {
        List<PdfPainter.Part> some = new ArrayList<>();
        int before = 0;
        for (PdfPainter.Part part : parts) {
            int size = part.pages().size();
            int from = Math.max(0, first - 1 - before);
            int to = Math.min(size, last - before);
            if (from < to) {
                some.add(new PdfPainter.Part(part.pages().subList(from, to), part.media()));
            }
            before += size;
        }
        return some;
    }

    private @Nullable Student student(ListStore.Kept kept) {
        return kept.student() == null ? null : students.find(kept.student()).orElse(null);
    }

    /** The boards a student works with: those that changed last. */
    private Optional<VocabularyStore.Kept> boardsOf(String student) {
        return store.ofStudent(student).stream().findFirst().flatMap(v -> store.find(v.id()));
    }
}
