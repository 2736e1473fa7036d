package org.dwimble.server.wordline;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.boards.CopyBoard;
import org.dwimble.core.edit.boards.FillBoards;
import org.dwimble.core.edit.boards.LayRows;
import org.dwimble.core.edit.boards.NewBoard;
import org.dwimble.core.edit.boards.PutWordsInNewRow;
import org.dwimble.core.edit.ways.OpenedFrom;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.grant.Act;
import org.dwimble.core.pattern.Pattern;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.search.Asked;
import org.dwimble.core.search.SpokenOf;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.Advice;
import org.dwimble.core.wordline.Choice;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.Overview;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.board.VocabularyView;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.edit.Learned;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.library.Library;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.picture.Finding;
import org.dwimble.server.picture.Finding.FoundPictures;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Words typed or chosen become buttons, on a board that is there or on a new one. Pictures are found before anything is locked. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class WordLineApi {
    /**
     * Words to put on a board, as typed or as chosen.
     *
     * @param from    the cell promised for the first word; none for the first empty one
     * @param picture chosen for the first typed word; none to take the best found
     * @param chosen  words with their pictures, instead of a text
     * @param fillOn  true to go on on new boards after it, or after the new one, if there are more words than cells
     * @param onNewBoard name of a new board for them, opened from the board named; none to put them on that board itself
     * @param newRow  true to put them into a new row below the others
     */
    record WordsRequest(int base, String board, @Nullable Cell from, @Nullable String text, @Nullable String picture, @Nullable List<ChosenWord> chosen,
        @Nullable String onNewBoard, @Nullable Boolean fillOn, @Nullable Boolean newRow) {
        List<WordLine.Entry> entries() {
            if (chosen != null) {
                Unacceptable.ifMissing(chosen);
                return entriesOf(chosen);
            }
            List<WordLine.Entry> typed = new ArrayList<>(WordLine.read(text == null ? "" : text));
            if (picture != null && !typed.isEmpty()) {
                typed.set(0, typed.get(0).withPicture(picture));
            }
            return typed;
        }
    }

    /** @param picture null to take the best found */
    record ChosenWord(String word, @Nullable String picture) {
        ChosenWord {
            Unacceptable.ifMissing(word);
        }
    }

    /**
     * @param at      the empty cell on {@code openedFrom} for a button that opens it, if no button is named
     * @param rows    of its grid, and its columns; whichever is none is that of its siblings
     * @param chosen  words the new board begins with
     * @param pattern name of a pattern to begin with
     * @param copyOf  a board of this vocabulary to be a copy of
     */
    record NewBoardRequest(int base, String name, @Nullable String openedFrom, @Nullable String openedBy, @Nullable Cell at, @Nullable Integer rows,
        @Nullable Integer columns, @Nullable List<ChosenWord> chosen, @Nullable String pattern, @Nullable String copyOf) {
    }

    /**
     * @param pattern by which it is chosen
     * @param about   what it is for, in a few words
     * @param words   how many
     */
    record PatternView(String pattern, String name, String about, int words) {
    }

    private final Editing editing;
    private final VocabularyStore store;
    private final Rights rights;
    private final Pictures pictures;
    private final Finding finding;
    private final Library library;
    private final Wording wording;

    WordLineApi(Editing editing, VocabularyStore store, Rights rights, Pictures pictures, Finding finding, Library library, Wording wording) {
        this.editing = editing;
        this.store = store;
        this.rights = rights;
        this.pictures = pictures;
        this.finding = finding;
        this.library = library;
        this.wording = wording;
    }

    /**
     * What is worth knowing before words are put on a board: where the first stands already, and where to go if there is no room.
     *
     * @param word   the first of them, as typed
     * @param count  how many there are
     * @param lately the board where words went just before that found no room here; none if none did
     */
    @For(Act.LOOK)
    @GetMapping("/advice")
    @Bounded("REQUEST_BYTES")
    Advice advice(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String board, @RequestParam String word,
        @RequestParam(defaultValue = "1") int count, @RequestParam(required = false) @Nullable String lately) {
        List<WordLine.Entry> entries = WordLine.read(word);
        if (entries.isEmpty()) {
            return new Advice(List.of(), List.of(), null, null, null);
        }
        VocabularyStore.Kept kept = store.there(vocabulary);
        Overview overview = kept.overview();
        Guesses guesses = pictures.guesses(account, kept.student());
        WordLine.Entry first = entries.get(0);
        return Advice.on(kept.vocabulary(), overview.routes(), overview.wayHome(), new Advice.Asked(board, first.label(), Math.max(1, count), lately),
            () -> guesses.picture(first.pictureWord()).map(Picture::categories).filter(c -> !c.isEmpty()).map(c -> List.of(Set.copyOf(c)))
                .orElseGet(() -> library.categories().topicsOf(first.pictureWord()).stream().map(Set::of).toList()),
            id -> guesses.byId(id).map(Picture::categories).orElse(List.of()), VocabularyView.screen(editing.student(vocabulary)));
    }

    /**
     * Pictures for the last word of a line that is being typed for a board: for its student, and with the meaning that the board speaks of.
     *
     * @param board    the words are for; none for one that is to be made
     * @param language preferred beside English, as a BCP 47 tag
     */
    @For(Act.LOOK)
    @GetMapping("/pictures")
    @Bounded("REQUEST_BYTES")
    FoundPictures pictures(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable String board,
        @RequestParam String query, @RequestParam(required = false) @Nullable String language, @RequestParam(defaultValue = "8") int most) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        Board on = board == null ? null : kept.vocabulary().board(board).orElse(null);
        SpokenOf spokenOf = WordLine.spokenOf(on, WordLine.read(query), pictures.guesses(account, kept.student()));
        return finding.typed(query, Asked.How.TYPED, null, language, most, spokenOf, account, kept.student());
    }

    private static List<WordLine.Entry> entriesOf(List<ChosenWord> chosen) {
        return chosen.stream().map(c -> new WordLine.Entry(c.word, c.word).withPicture(c.picture)).toList();
    }

    @For(Act.CHANGE)
    @PostMapping("/words")
    @Bounded("REQUEST_BYTES")
    Editing.Changed words(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody WordsRequest request,
        @RequestParam(required = false) @Nullable String step) {
        List<WordLine.Entry> entries = request.entries();
        if (Boolean.TRUE.equals(request.fillOn())) {
            return editing.edit(account, vocabulary, request.base(), new FillBoards(request.board(), request.from(),
                editing.ready(account, vocabulary, request.board(), entries, FillBoards.MOST), opener(account, vocabulary, request)), step);
        }
        String on = request.onNewBoard() == null ? request.board() : null;
        List<ReadyWord> ready = editing.ready(account, vocabulary, on, entries, PutWords.MOST);
        List<Choice> choices = request.picture() == null ? List.of() : List.of(Choice.ofPicture(entries.get(0).pictureWord(), request.picture()));
        if (Boolean.TRUE.equals(request.newRow())) {
            return editing.edit(account, vocabulary, request.base(), new PutWordsInNewRow(request.board(), ready), choices, step, Learned.Answer.NOT_ASKED);
        }
        ReadyWord opener = opener(account, vocabulary, request);
        List<ReadyWord> put = opener == null ? ready : List.of(opener.opening(ready));
        return editing.edit(account, vocabulary, request.base(), new PutWords(request.board(), request.from(), put), choices, step, Learned.Answer.NOT_ASKED);
    }

    private @Nullable ReadyWord opener(Account account, long vocabulary, WordsRequest request) {
        return request.onNewBoard() == null ? null : editing.ready(account, vocabulary, WordLine.opener(request.onNewBoard())).get(0);
    }

    @For(Act.LOOK)
    @GetMapping("/patterns")
    List<PatternView> patterns(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        return Pattern.all(store.there(vocabulary).vocabulary().locale()).stream()
            .map(p -> new PatternView(p.key(), wording.of(p.called()), wording.of(p.about()), p.words())).toList();
    }

    /** A new board with its way home and back where its siblings have them, opened by a button if one is named. */
    @For(Act.CHANGE)
    @PostMapping("/boards")
    @Bounded("REQUEST_BYTES")
    Editing.Changed addBoard(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody NewBoardRequest request,
        @RequestParam(required = false) @Nullable String step) {
        return editing.edit(account, vocabulary, request.base(), opened(account, vocabulary, newBoard(account, vocabulary, request), request), step);
    }

    /** With the button that opens it, which gets a picture as a typed word does. */
    private Intention opened(Account account, long vocabulary, Intention made, NewBoardRequest request) {
        if (request.openedFrom() == null || request.openedBy() != null || request.at() == null) {
            return made;
        }
        List<WordLine.Entry> name = WordLine.opener(request.name() == null ? "" : request.name());
        String picture = name.isEmpty() ? null : editing.ready(account, vocabulary, name).get(0).picture();
        return new OpenedFrom(made, request.openedFrom(), request.at(), request.name(), picture);
    }

    private Intention newBoard(Account account, long vocabulary, NewBoardRequest request) {
        if (request.copyOf() != null) {
            return new CopyBoard(request.copyOf(), request.name(), request.openedFrom(), request.openedBy());
        }
        Vocabulary now = store.there(vocabulary).vocabulary();
        Shape shape = Siblings.of(now, request.openedFrom()).shape(request.rows(), request.columns());
        if (request.pattern() != null) {
            Pattern pattern = Pattern.of(now.locale(), request.pattern());
            if (request.rows() == null && request.columns() == null) {
                shape = pattern.least(Siblings.of(now, request.openedFrom()).shape());
            }
            List<WordLine.Entry> sought = pattern.inOrder().stream().map(word -> new WordLine.Entry(word.search(), word.label())).toList();
            return new LayRows(request.name(), request.openedFrom(), request.openedBy(), shape, pattern, editing.ready(account, vocabulary, sought));
        }
        List<ReadyWord> ready = request.chosen() == null || request.chosen().isEmpty() ? List.of()
            : editing.ready(account, vocabulary, entriesOf(request.chosen()));
        return new NewBoard(request.name(), request.openedFrom(), request.openedBy(), shape, ready);
    }
}
