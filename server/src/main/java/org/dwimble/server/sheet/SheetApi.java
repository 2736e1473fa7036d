package org.dwimble.server.sheet;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.OnTheDay;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.dayword.DaySaid;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.dayword.DayWords;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Need;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.measure.Length;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.sheet.BoardBook;
import org.dwimble.core.sheet.BoardSheet;
import org.dwimble.core.sheet.Keyguard;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.School;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.job.JobApi;
import org.dwimble.server.job.Jobs;
import org.dwimble.server.leaving.Doors;
import org.dwimble.server.leaving.PrintedFor;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
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

/** A board on paper, or several as a book, or a keyguard for it: as pages to preview, and as PDF. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/boards/{board}")
class SheetApi {
    /** Which boards: the one, it and all it opens, or every one. */
    enum Reach {
        ONE, OPENED, ALL
    }

    /** What is printed of them. */
    enum What {
        BOARD, KEYGUARD
    }

    /**
     * How it is to be printed; what is not said is as usual.
     *
     * @param student whose screen and look are meant, as of a starter’s boards; those of the vocabulary's own student if not said
     * @param percent of true size, if it is scaled
     * @param tabs    with tabs to leaf by, if there are several boards
     * @param index   with an index of words at the end
     * @param printedFor the team, if not said
     */
    record Wish(@Nullable String student, @Nullable Paper paper, @Nullable Boolean lyingDown, BoardSheet.@Nullable Size size,
        @Nullable Integer percent, @Nullable Boolean cutLines,
        BoardSheet.@Nullable Ink ink, @Nullable Reach reach, @Nullable What what, @Nullable Boolean tabs, @Nullable Boolean index,
        @Nullable PrintedFor printedFor) {
        BoardSheet.Setup setup(Screen screen, Paper usual) {
            return new BoardSheet.Setup(or(paper, usual), or(lyingDown, true), or(size, BoardSheet.Size.SCREEN), or(percent, TRUE_SIZE), or(cutLines, false),
                or(ink, BoardSheet.Ink.FULL), screen);
        }

        private static <T> T or(@Nullable T said, T usual) {
            return said == null ? usual : said;
        }
    }

    private static final int TRUE_SIZE = 100;
    private static final int MOST_LEAFED = 8;
    private static final Duration LEAFED = Duration.ofMinutes(1);

    /** A page as it is sent. */
    record SheetView(int number, Length width, Length height, List<Mark> marks) {
    }

    /**
     * @param sheets how many there are
     * @param boards how many of the boards are on them
     * @param people how many photos on them may show somebody
     * @param notes  what a person should know about them
     */
    record PrintView(int sheets, int boards, int people, SheetView page, List<String> notes) {
    }

    /** Pages in the order in which they are printed; those of a book are laid as they are looked at. */
    private record Print(List<Page> pages, int boards, int people, int left) {
    }

    /** What is printed, as far as it may be on that paper. */
    private record Ready(VocabularyStore.Kept kept, Vocabulary vocabulary, Leaving leaving, Map<DayWord, DaySaid> said) {
    }

    private Ready ready(Account account, long vocabulary, Wish wish) {
        VocabularyStore.Kept kept = asked(account, vocabulary, wish);
        Leaving leaving = doors.paper(wish.printedFor, account, Thing.vocabulary(vocabulary));
        Map<DayWord, DaySaid> said = said(account, kept, wish.printedFor);
        Vocabulary ready = doors.ready(kept.vocabulary(), leaving).vocabulary();
        return new Ready(kept, ready.with(ready.boards().values().stream().map(b -> OnTheDay.shown(b, said)).toList()), leaving, said);
    }

    /** Day words as of the day of printing; what tells of the student is for who talks with the boards, and no paper knows the time of day. */
    private Map<DayWord, DaySaid> said(Account account, VocabularyStore.Kept kept, @Nullable PrintedFor printedFor) {
        DayWords words = days.words(kept.student(), kept.vocabulary().locale());
        boolean ofStudent = (printedFor == null || printedFor == PrintedFor.TEAM) && rights.may(account, Act.TALK, Thing.vocabulary(kept.id()));
        Map<DayWord, DaySaid> said = (ofStudent ? words : words.withoutStudent()).at(clock.instant());
        said.remove(DayWord.TIME);
        said.remove(DayWord.PART_OF_DAY);
        return said;
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final MediaStore media;
    private final Pictures pictures;
    private final Rights rights;
    private final Doors doors;
    private final BoardFont font;
    private final Wording wording;
    private final School school;
    private final Jobs jobs;
    private final Turns turns;
    private final OwnDays days;
    private final Clock clock;

    SheetApi(VocabularyStore store, StudentStore students, MediaStore media, Pictures pictures, Rights rights, BoardFont font, Wording wording,
        School school, Doors doors, Jobs jobs, Turns turns, OwnDays days, Clock clock) {
        this.days = days;
        this.clock = clock;
        this.school = school;
        this.turns = turns;
        this.store = store;
        this.students = students;
        this.media = media;
        this.pictures = pictures;
        this.rights = rights;
        this.doors = doors;
        this.font = font;
        this.wording = wording;
        this.jobs = jobs;
    }

    /** @param sheet which to see, from 1; the last if there are fewer */
    @For(Act.PRINT)
    @GetMapping("/sheet")
    @Bounded({"SHEETS_AT_ONCE", "LABELS_AT_ONCE", "LAYING_SECONDS"})
    PrintView sheet(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board, @ParameterObject Wish wish,
        @RequestParam(defaultValue = "1") int sheet) {
        Ready kept = ready(account, vocabulary, wish);
        return turns.lay(account.id(), () -> {
            Print print = lay(kept, board, wish, account);
            int number = Math.max(1, Math.min(sheet, print.pages.size()));
            Page page = font.shaped(print.pages.get(number - 1));
            // Of the first sheet and of this one: those between are laid when they are looked at.
            Stream<String> notes = Stream.concat(doors.told(print.left, kept.leaving).stream(),
                Stream.of(print.pages.get(0), page).flatMap(p -> p.notes().stream()).map(wording::of));
            return new PrintView(print.pages.size(), print.boards, print.people, new SheetView(number, page.width(), page.height(), page.marks()),
                notes.distinct().limit(MOST_NOTES).toList());
        });
    }

    private static final int MOST_NOTES = 6;

    @For(Act.PRINT)
    @GetMapping(value = "/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Bounded({"SHEETS_AT_ONCE", "LABELS_AT_ONCE", "LAYING_SECONDS"})
    ResponseEntity<byte[]> sheetPdf(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board,
        @ParameterObject Wish wish) throws IOException {
        Ready kept = ready(account, vocabulary, wish);
        String title = title(kept.vocabulary, board, wish);
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
            .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(title + ".pdf", StandardCharsets.UTF_8).build().toString())
            .body(turns.lay(account.id(), () -> {
                PdfPainter.Part part = part(kept, board, wish, account);
                Unacceptable.ifMore("paper-sheets", part.pages().size(), Limits.SHEETS_AT_ONCE);
                return PdfPainter.paint(List.of(part), title);
            }));
    }

    /** The same PDF as a piece of work, for books that take a while. */
    @For(Act.PRINT)
    @PostMapping("/print")
    @Bounded({"SHEETS", "LABELS", "WORKS_OF_ONE_PERSON"})
    JobApi.JobView print(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board, @RequestBody Wish wish) {
        Ready kept = ready(account, vocabulary, wish);
        String title = title(kept.vocabulary, board, wish);
        return JobApi.JobView
            .of(jobs.start(account.id(), List.of(new Need(Act.PRINT, Thing.vocabulary(vocabulary))), wording.of(Told.of("job-print", "name", title)),
                (out, progress) -> {
                    turns.layAsWork(progress::goOn, () -> {
                        PdfPainter.Part part = part(kept, board, wish, account);
                        Unacceptable.ifMore("paper-sheets", part.pages().size(), Limits.SHEETS);
                        PdfPainter.paint(List.of(part), title, out, progress);
                        return part;
                    });
                    return Jobs.Result.file(title + ".pdf", MediaType.APPLICATION_PDF_VALUE);
                }));
    }

    private PdfPainter.Part part(Ready kept, String board, Wish wish, Account account) {
        return new PdfPainter.Part(font.shaped(lay(kept, board, wish, account).pages),
            media.reading(student(kept.kept, wish).map(Student::appearance).orElse(Appearance.USUAL), kept.leaving));
    }

    private static String title(Vocabulary kept, String board, Wish wish) {
        return kept.name() + (wish.reach == Reach.ALL ? "" : ", " + board(kept, board).name());
    }

    /** Whose pages are leafed through: they are laid once and not for every page that is looked at. */
    private record Leafed(long vocabulary, int version, long account, String board, Wish wish, Screen screen, Paper usual) {
    }

    private final Cache<Leafed, Print> leafed = Caffeine.newBuilder().maximumSize(MOST_LEAFED).expireAfterWrite(LEAFED).build();

    private Print lay(Ready ready, String board, Wish wish, Account account) {
        VocabularyStore.Kept kept = ready.kept;
        Screen screen = student(kept, wish).map(Student::screen).orElse(UsualScreen.COMMON.screen());
        return leafed.get(new Leafed(kept.id(), kept.version(), account.id(), board, wish, screen, school.paper()), asked -> lay(ready, board, wish, screen));
    }

    private Print lay(Ready ready, String board, Wish wish, Screen screen) {
        Vocabulary vocabulary = ready.vocabulary;
        Board found = board(vocabulary, board);
        BoardSheet.Setup setup = wish.setup(screen, school.paper());
        Predicate<Button> shown = Revealed.of(vocabulary)::shows;
        Reach reach = wish.reach == null ? Reach.ONE : wish.reach;
        List<Board> boards = reach == Reach.ONE ? List.of(found)
            : BoardBook.inOrder(vocabulary, reach == Reach.ALL ? vocabulary.home() : found.id(), shown);
        Set<String> pictures = boards.stream().flatMap(b -> ready.kept.vocabulary().at(b.id()).media().stream()).collect(Collectors.toSet());
        int people = doors.people(pictures);
        int left = (int) pictures.stream().filter(ready.leaving::stays).count();
        if (wish.what == What.KEYGUARD) {
            return new Print(boards.stream().flatMap(b -> Keyguard.lay(b, vocabulary.whole(), shown, setup, "keyguard · " + b.name() + " · "
                + vocabulary.name(), font).stream()).toList(), boards.size(), 0, 0);
        }
        boolean index = Boolean.TRUE.equals(wish.index);
        if (boards.size() == 1 && !index) {
            return new Print(BoardSheet.lay(found, vocabulary.whole(), shown, setup, footer(ready, found), font), 1, people, left);
        }
        return new Print(BoardBook.lay(vocabulary, boards, shown, setup, new BoardBook.Binding(Boolean.TRUE.equals(wish.tabs) && boards.size() > 1, index),
            b -> footer(ready, b), font), boards.size(), people, left);
    }

    private String footer(Ready ready, Board board) {
        Vocabulary vocabulary = ready.vocabulary;
        boolean dated = ready.kept.vocabulary().board(board.id()).filter(OnTheDay::isOn).isPresent();
        String day = dated ? " · " + wording.of(Told.of("paper-as-on", "day", Objects.requireNonNull(ready.said.get(DayWord.DATE)).label())) : "";
        String credits = pictures.credits(List.of(board)).onPaper().map(wording::of).orElse("");
        return vocabulary.name() + " · " + board.name() + day + (credits.isEmpty() ? "" : " · " + credits);
    }

    private VocabularyStore.Kept asked(Account account, long vocabulary, Wish wish) {
        if (wish.student != null) {
            rights.must(account, Act.PRINT, Thing.student(wish.student));
        }
        return store.there(vocabulary);
    }

    private Optional<Student> student(VocabularyStore.Kept kept, Wish wish) {
        return Optional.ofNullable(wish.student == null ? kept.student() : wish.student).flatMap(students::find);
    }

    private static Board board(Vocabulary kept, String board) {
        return kept.board(board).orElseThrow(() -> Problem.notFound("board"));
    }
}
