package org.dwimble.server.first;

import java.time.Clock;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.edit.boards.BeginSentence;
import org.dwimble.core.edit.words.PutFarApart;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.grant.Act;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.student.Student;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.edit.Learned;
import org.dwimble.server.grant.For;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A first board for a student: how large its cells can be, the board itself, and the words on it. */
@RestController
class FirstBoardApi {
    private static final String WANTS = "wants";

    /**
     * @param hand         what the student's needs, or the usual
     * @param known        false if it is the usual, as nothing was found right yet
     * @param withSentence the same with a row that says who wants
     */
    record FirstBoards(Hand hand, boolean known, List<FirstRoom> rooms, List<FirstRoom> withSentence) {
    }

    /**
     * One of the sizes there are.
     *
     * @param gapMm       narrower than the hand needs if the cells would be too small else
     * @param largeEnough false if the cells are too small for the hand even without a gap
     */
    record FirstRoom(int cells, int rows, int columns, double gapMm, double cellWidthMm, double cellHeightMm, boolean largeEnough) {
        static FirstRoom of(FirstBoard board) {
            return new FirstRoom(board.cells(), board.shape().rows(), board.shape().columns(), board.gapLength().mm(), board.cellWidth().mm(),
                board.cellHeight().mm(), board.largeEnough());
        }
    }

    /**
     * @param cells    how many it is to hold; more if more is brought
     * @param name     none to call it after the student
     * @param sentence true for a row that says who wants
     * @param text     words it begins with, as typed
     * @param chosen   words with their pictures, instead of a text
     */
    record NewFirstBoard(int cells, @Nullable String name, @Nullable Boolean sentence, @Nullable String text, @Nullable List<FirstWord> chosen) {
    }

    /** @param added the buttons of the words it begins with */
    record FirstBoardMade(long vocabulary, String board, String name, List<String> added) {
    }

    /** @param text as typed @param chosen words with their pictures, instead of a text */
    record FirstWords(int base, String board, @Nullable String text, @Nullable List<FirstWord> chosen) {
    }

    record FirstSentence(int base, String board) {
    }

    private static List<WordLine.Entry> entries(@Nullable String text, @Nullable List<FirstWord> chosen) {
        if (chosen == null) {
            return WordLine.read(text == null ? "" : text);
        }
        Unacceptable.ifMissing(chosen);
        return chosen.stream().map(c -> new WordLine.Entry(c.word, c.word).withPicture(c.picture)).toList();
    }

    /** @param picture null to take the best found */
    record FirstWord(String word, @Nullable String picture) {
        FirstWord {
            Unacceptable.ifMissing(word);
        }
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Editing editing;
    private final Pictures pictures;
    private final Supplier<String> ids;
    private final Clock clock;

    FirstBoardApi(VocabularyStore store, StudentStore students, Editing editing, Pictures pictures, Supplier<String> ids, Clock clock) {
        this.store = store;
        this.students = students;
        this.editing = editing;
        this.pictures = pictures;
        this.ids = ids;
        this.clock = clock;
    }

    /** A word of the sentence, with the picture the student's boards would get for it: of the student, his or her own photo if there is one. */
    private ReadyWord word(Account account, Student student, String word, Kind kind) {
        ReadyWord ready = WordLine.ready(WordLine.opener(word), 1, pictures.guesses(account, student.id()), null).get(0);
        return new ReadyWord(word, ready.picture(), kind);
    }

    private Button button(ReadyWord word) {
        return word.in(Standing.at(new Cell(0, 0)), ids.get());
    }

    private Student student(String id) {
        return students.find(id).orElseThrow(() -> Problem.notFound("student"));
    }

    /** How large the cells of one can be on the student's screen, for each number of them. */
    @For(Act.LOOK)
    @GetMapping("/api/students/{student}/first-boards")
    FirstBoards firstBoards(@AuthenticationPrincipal Account account, @PathVariable String student) {
        Student who = student(student);
        return new FirstBoards(who.handOrUsual(), who.hand() != null, rooms(who, false), rooms(who, true));
    }

    private static List<FirstRoom> rooms(Student who, boolean sentence) {
        return FirstBoard.all(sentence, who.screen(), who.handOrUsual()).stream().map(FirstRoom::of).toList();
    }

    /** A vocabulary of one board, with the words it begins with: with all of them, or nothing is made. */
    @For(Act.CHANGE)
    @PostMapping("/api/students/{student}/first-boards")
    @Bounded("REQUEST_BYTES")
    FirstBoardMade firstBoard(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody NewFirstBoard wanted) {
        Student who = student(student);
        String typed = Text.tidy(wanted.name());
        String name = typed.isEmpty() ? Text.cut(who.name() + "’s first board", Whole.LONGEST_NAME) : typed;
        List<WordLine.Entry> entries = entries(wanted.text(), wanted.chosen());
        FirstBoard first = FirstBoard.holding(wanted.cells(), entries.size(), Boolean.TRUE.equals(wanted.sentence()), who.screen(), who.handOrUsual());
        List<ReadyWord> words = entries.isEmpty() ? List.of() : WordLine.ready(entries, PutWords.MOST, pictures.guesses(account, who.id()), null);
        if (words.stream().map(ReadyWord::picture).anyMatch(p -> p != null && MediaId.isOwn(p) && !pictures.usable(account, who.id()).test(p))) {
            throw new Unacceptable("not-yours-to-use");
        }
        Board board = first.board(ids.get(), Text.cut(name, Board.LONGEST_NAME), button(word(account, who, who.name(), Kind.WHO)),
            button(word(account, who, WANTS, Kind.DO)));
        long made = store.create(Vocabulary.of(name, board.id(), "en", List.of(board)), student, account.id(), clock.instant(), Told.of("first-board-begun"));
        List<String> added = words.isEmpty() ? List.of() : editing.edit(account, made, 1, new PutFarApart(board.id(), words), null).added();
        return new FirstBoardMade(made, board.id(), name, added);
    }

    /** Puts words on it, each as far from the others as there is room. */
    @For(Act.CHANGE)
    @PostMapping("/api/vocabularies/{vocabulary}/first-words")
    @Bounded("REQUEST_BYTES")
    Editing.Changed firstWords(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody FirstWords request) {
        return editing.edit(account, vocabulary, request.base(),
            new PutFarApart(request.board(), editing.ready(account, vocabulary, request.board(), entries(request.text(), request.chosen()), PutWords.MOST)),
            null);
    }

    /** Gives a board that is there a row that says who wants; its words go down by a row, which is asked about if they were learned. */
    @For(Act.CHANGE)
    @PostMapping("/api/vocabularies/{vocabulary}/first-sentence")
    @Bounded("REQUEST_BYTES")
    Editing.Changed firstSentence(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody FirstSentence request,
        @RequestParam(required = false) @Nullable Boolean sure, @RequestParam(required = false) @Nullable String reason) {
        Student who = editing.student(vocabulary);
        if (who == null) {
            throw Problem.notFound("student");
        }
        BeginSentence begin = new BeginSentence(request.board(), word(account, who, who.name(), Kind.WHO), word(account, who, WANTS, Kind.DO));
        return editing.edit(account, vocabulary, request.base(), begin, List.of(), null, Learned.Answer.of(sure, reason));
    }
}
