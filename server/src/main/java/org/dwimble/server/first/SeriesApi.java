package org.dwimble.server.first;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.series.FirstSeries;
import org.dwimble.core.series.FirstTable;
import org.dwimble.core.student.Student;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** First boards for several students, or several for one, from one table; and the first page that opens each of them. */
@RestController
@RequestMapping("/api/first-series")
class SeriesApi {
    private static final String MADE_FOR = "each board is for a student it asks about by itself";

    /**
     * @param table   as typed or pasted
     * @param student the one all lines are for; null for several
     * @param meant   whom somebody has said is meant, by who stands in a line
     * @param files   names of the photos that came with it
     */
    record Table(String table, @Nullable String student, @Nullable Map<String, String> meant, @Nullable List<String> files) {
        Table {
            Unacceptable.ifMissing(table);
        }
    }

    /** @param file the photo that is called like it; null for none @param picture what it gets without one; null if nothing is found */
    record TableWord(String word, @Nullable String picture, @Nullable Integer file) {
    }

    /**
     * @param said    who stands in the line
     * @param student whom that is; null if nobody is called so, or several are
     * @param board   what it is called; null if it does not say
     * @param wrong   why no board can be made of it; null if one can
     */
    record TableLine(String said, @Nullable String student, @Nullable String board, List<TableWord> words, @Nullable String wrong) {
    }

    /** @param art how pictures look to this student @param photo the file that shows him or her; null for none */
    record TableStudent(String id, String name, String art, @Nullable Integer photo) {
    }

    /** @param students those who can be meant @param left of each file that is not used why */
    record TableRead(List<TableLine> lines, List<TableStudent> students, List<String> left) {
    }

    record SeriesWord(String word, @Nullable String picture) {
        SeriesWord {
            Unacceptable.ifMissing(word);
        }
    }

    record SeriesLine(String student, @Nullable String board, List<SeriesWord> words) {
        SeriesLine {
            Unacceptable.ifMissing(student, words);
            Unacceptable.ifMissing(words);
        }
    }

    /** @param name none to name it after its students */
    record NewSeries(@Nullable String name, List<SeriesLine> lines) {
        NewSeries {
            Unacceptable.ifMissing(lines);
        }
    }

    /** @param photo of the student's own, if this person may see one @param talks true if this person may talk with it */
    record SeriesBoard(long vocabulary, String name, String student, String studentName, String art, @Nullable String photo, boolean talks) {
    }

    /** @param mine true of whoever made it, who can take the page away */
    record SeriesView(long id, String name, boolean mine, List<SeriesBoard> boards) {
    }

    private final FirstSeriesStore store;
    private final StudentStore students;
    private final Pictures pictures;
    private final Rights rights;
    private final Wording wording;
    private final Supplier<String> ids;
    private final Clock clock;

    SeriesApi(FirstSeriesStore store, StudentStore students, Pictures pictures, Rights rights, Wording wording, Supplier<String> ids, Clock clock) {
        this.store = store;
        this.students = students;
        this.pictures = pictures;
        this.rights = rights;
        this.wording = wording;
        this.ids = ids;
        this.clock = clock;
    }

    private List<Student> changeable(Account account) {
        return students.caseload(account.id()).stream().filter(row -> row.role().may(Act.CHANGE)).map(StudentStore.CaseloadRow::student).toList();
    }

    /** What a table says: for whom, which words with which pictures, and what is wrong with a line. Nothing is kept. */
    @ForSignedIn("the students this person may change, and nobody else is known in it")
    @PostMapping("/reading")
    @Bounded("REQUEST_BYTES")
    TableRead reading(@AuthenticationPrincipal Account account, @RequestBody Table table) {
        List<Student> mine = changeable(account);
        List<FirstTable.Known> known = mine.stream().map(s -> new FirstTable.Known(s.id(), s.name())).toList();
        FirstTable.Known only = table.student == null ? null : known.stream().filter(k -> k.id().equals(table.student)).findFirst()
            .orElseThrow(() -> Problem.notFound("student"));
        List<String> files = table.files == null ? List.of() : table.files;
        Unacceptable.ifMissing(files);
        FirstTable.Reading read = FirstTable.read(table.table, known, table.meant == null ? Map.of() : table.meant, only, files);
        List<TableLine> lines = read.lines().stream().map(line -> line(account, line, mine,
            read.lines().stream().filter(other -> other != line && Objects.equals(other.student(), line.student())).count())).toList();
        Stream<String> left = Stream.concat(read.twice().stream().map(f -> Told.of("first-file-twice", "file", files.get(f))),
            read.nobodys().stream().map(f -> Told.of("first-file-nobodys", "file", files.get(f)))).map(wording::of);
        return new TableRead(lines, mine.stream().map(s -> new TableStudent(s.id(), s.name(), s.appearance().slug(), read.photos().get(s.id()))).toList(),
            left.toList());
    }

    private TableLine line(Account account, FirstTable.Line line, List<Student> mine, long others) {
        Optional<Student> whose = mine.stream().filter(s -> s.id().equals(line.student())).findFirst();
        Guesses guesses = pictures.guesses(account, line.student());
        List<TableWord> words = new ArrayList<>();
        for (int i = 0; i < Math.min(line.words().size(), FirstBoard.MOST + 1); i++) {
            WordLine.Entry entry = line.words().get(i);
            words.add(new TableWord(entry.label(), guesses.picture(entry.pictureWord()).map(Picture::id).orElse(null), line.files().get(i)));
        }
        return new TableLine(line.said(), line.student(), line.board(), words, wrong(line, whose, others).map(wording::of).orElse(null));
    }

    /** @param others how many other boards are for the same student: then each has its way home */
    private static Optional<Told> wrong(FirstTable.Line line, Optional<Student> whose, long others) {
        if (whose.isEmpty()) {
            return Optional.of(Told.of(line.several() ? "first-line-several" : "first-line-nobody", "name", line.said()));
        }
        if (line.words().isEmpty()) {
            return Optional.of(Told.of("first-line-empty", "name", whose.get().name()));
        }
        try {
            FirstBoard.holding(FirstBoard.LEAST, line.words().size(), others == 0 ? 0 : 1, false, whose.get().screen(), whose.get().handOrUsual());
            return Optional.empty();
        } catch (Unacceptable refused) {
            return Optional.of(refused.told());
        }
    }

    /** Makes all of them, or none. Lines of the same student become boards of one vocabulary. */
    @ForSignedIn(MADE_FOR)
    @PostMapping
    @Bounded("REQUEST_BYTES")
    SeriesView make(@AuthenticationPrincipal Account account, @RequestBody NewSeries wanted) {
        if (wanted.lines.isEmpty()) {
            throw new Unacceptable("first-series-empty");
        }
        if (wanted.lines.size() > FirstTable.MOST_LINES) {
            throw new Unacceptable("first-table-long", "most", FirstTable.MOST_LINES, "has", wanted.lines.size());
        }
        Map<String, List<SeriesLine>> byStudent = new LinkedHashMap<>();
        wanted.lines.forEach(line -> byStudent.computeIfAbsent(line.student, s -> new ArrayList<>()).add(line));
        // Before a picture is looked for: no first board holds more.
        wanted.lines.stream().filter(line -> line.words.size() > FirstBoard.MOST).findFirst().ifPresent(line -> {
            throw new Unacceptable("first-board-holds", "words", line.words.size(), "cells", FirstBoard.MOST);
        });
        byStudent.keySet().forEach(s -> rights.must(account, Act.CHANGE, Thing.student(s)));
        List<Student> whose = byStudent.keySet().stream().map(s -> students.find(s).orElseThrow(() -> Problem.notFound("student"))).toList();
        String typed = Text.tidy(wanted.name);
        String name = Text.cut(typed.isEmpty() ? named(whose) : typed, Whole.LONGEST_NAME);
        List<FirstSeriesStore.Made> made = whose.stream().map(s -> made(account, s, Objects.requireNonNull(byStudent.get(s.id())))).toList();
        return view(account, store.make(name, made, account.id(), clock.instant()));
    }

    private static String named(List<Student> students) {
        List<String> classes = students.stream().map(Student::className).distinct().toList();
        return students.size() == 1 ? students.get(0).name() + "’s first boards" : classes.size() == 1 && !classes.get(0).isEmpty()
            ? classes.get(0) + ", first boards" : "First boards";
    }

    private FirstSeriesStore.Made made(Account account, Student student, List<SeriesLine> lines) {
        Guesses guesses = pictures.guesses(account, student.id());
        Predicate<String> usable = pictures.usable(account, student.id());
        List<FirstSeries.Wanted> boards = lines.stream().map(line -> {
            List<WordLine.Entry> entries = line.words.stream().map(w -> new WordLine.Entry(w.word, w.word).withPicture(w.picture)).toList();
            List<ReadyWord> ready = entries.isEmpty() ? List.<ReadyWord>of() : WordLine.ready(entries, PutWords.MOST, guesses, null);
            if (ready.stream().map(ReadyWord::picture).anyMatch(p -> p != null && MediaId.isOwn(p) && !usable.test(p))) {
                throw new Unacceptable("not-yours-to-use");
            }
            String called = Text.tidy(line.board);
            return new FirstSeries.Wanted(called.isEmpty() ? null : called, ready);
        }).toList();
        String name = Text.cut(student.name() + (lines.size() > 1 ? "’s first boards" : "’s first board"), Whole.LONGEST_NAME);
        Vocabulary vocabulary = FirstSeries.of(name, boards, FirstBoard.usualCells(student.screen(), student.handOrUsual()), student.screen(),
            student.handOrUsual(), ids);
        return new FirstSeriesStore.Made(student.id(), vocabulary);
    }

    /** Those with a board this person may see, the newest first. */
    @ForSignedIn("of each only the boards of students this person may talk with or look at")
    @GetMapping
    List<SeriesView> series(@AuthenticationPrincipal Account account) {
        List<String> seen = students.caseload(account.id()).stream().map(row -> row.student().id()).toList();
        return store.of(seen).stream().map(s -> seen(account, s))
            .filter(s -> !s.boards().isEmpty()).toList();
    }

    @ForSignedIn("only the boards of students this person may talk with or look at; without any it is not there")
    @GetMapping("/{series}")
    SeriesView view(@AuthenticationPrincipal Account account, @PathVariable long series) {
        SeriesView view = store.find(series).map(s -> seen(account, s)).orElseThrow(() -> Problem.notFound("page"));
        if (view.boards().isEmpty()) {
            throw Problem.notFound("page");
        }
        return view;
    }

    /** Takes the first page away; the boards stay. */
    @ForSignedIn("only who made it")
    @DeleteMapping("/{series}")
    void forget(@AuthenticationPrincipal Account account, @PathVariable long series) {
        store.find(series).filter(s -> s.madeBy() == account.id()).orElseThrow(() -> Problem.notFound("page"));
        store.forget(series);
    }

    private SeriesView seen(Account account, FirstSeriesStore.Series series) {
        List<SeriesBoard> boards = series.boards().stream().filter(b -> rights.may(account, Act.SEE, Thing.vocabulary(b.vocabulary())))
            .flatMap(b -> students.find(b.student()).map(s -> board(account, b, s)).stream()).toList();
        return new SeriesView(series.id(), series.name(), series.madeBy() == account.id(), boards);
    }

    private SeriesBoard board(Account account, FirstSeriesStore.Member member, Student student) {
        String photo = pictures.guesses(account, student.id()).picture(student.name()).filter(Picture::own).map(Picture::id).orElse(null);
        return new SeriesBoard(member.vocabulary(), member.name(), student.id(), student.name(), student.appearance().slug(), photo,
            rights.may(account, Act.TALK, Thing.vocabulary(member.vocabulary())));
    }
}
