package org.dwimble.server.wordlist;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.showing.Book;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.student.Student;
import org.dwimble.core.support.Examples;
import org.dwimble.core.support.Offered;
import org.dwimble.core.support.Support;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.core.wordlist.ClassRow;
import org.dwimble.core.wordlist.ClassTable;
import org.dwimble.core.wordlist.Differing;
import org.dwimble.core.wordlist.Gathered;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.core.wordlist.kept.ListDocument;
import org.dwimble.core.wordlist.kept.Lists;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.School;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaAnswer;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.CreditView;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.dwimble.server.version.Conflict;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Word lists: gathered, changed, copied, put on the shelf. */
@RestController
@RequestMapping("/api/lists")
class ListApi {
    private static final int VERSIONS_LISTED = 200;

    /**
     * @param name       null for one that says where the words come from
     * @param student    whom it is for; null for nobody in particular
     * @param text       words as typed
     * @param chosen     words with their pictures
     * @param from       a list to begin with
     * @param vocabulary to gather words from: what is shown of some boards, the words of a step, what is new to see since a day, or some buttons
     * @param since      as ISO 8601
     * @param buttons    of the vocabulary, in an order of their own, such as what was said today
     * @param support    what it is set to
     * @param as         as what it stands on the student's row; null if it does not
     */
    record NewList(@Nullable String name, @Nullable String student, @Nullable String text, @Nullable List<ListedPicture> chosen, @Nullable Long from,
        @Nullable Long vocabulary, @Nullable List<String> boards, @Nullable String step, @Nullable LocalDate since, @Nullable List<String> buttons,
        @Nullable String support, Showing.@Nullable As as) {
    }

    record ListedPicture(String word, @Nullable String picture) {
    }

    record ListEditRequest(int base, ListEdit edit) {
    }

    /**
     * @param text    null where words are chosen
     * @param before  the id of the word they come before; null for the end
     * @param picture chosen for the first; null for the best found
     * @param chosen  words with their pictures, in place of a text; a word may be empty
     */
    record ListWordsRequest(int base, @Nullable String text, @Nullable String before, @Nullable String picture, @Nullable List<ListedPicture> chosen) {
    }

    /** @param second null for one language */
    record LanguageRequest(int base, @Nullable Second second) {
    }

    /** @param name null if nobody gave it one */
    record ListVersionView(int number, String madeAt, String by, String what, @Nullable String name) {
    }

    private final ListStore lists;
    private final ListAccess may;
    private final Rights rights;
    private final StudentStore students;
    private final VocabularyStore store;
    private final Pictures pictures;
    private final MediaStore media;
    private final School school;
    private final Wording wording;
    private final Supplier<String> ids;
    private final Clock clock;
    private final Turns turns;

    ListApi(ListStore lists, ListAccess may, Rights rights, StudentStore students, VocabularyStore store, Pictures pictures, MediaStore media,
        School school, Wording wording, Supplier<String> ids, Clock clock, Turns turns) {
        this.turns = turns;
        this.school = school;
        this.lists = lists;
        this.may = may;
        this.rights = rights;
        this.students = students;
        this.store = store;
        this.pictures = pictures;
        this.media = media;
        this.wording = wording;
        this.ids = ids;
        this.clock = clock;
    }

    /** @param student of this one alone; none for all one may see */
    @ForSignedIn("those this person may look at")
    @GetMapping
    List<ListStore.ListLine> lists(@AuthenticationPrincipal Account account, @RequestParam(required = false) @Nullable String student) {
        if (student != null) {
            rights.must(account, Act.LOOK, Thing.student(student));
        }
        Predicate<String> usable = pictures.usable(account, null);
        return lists.lines(account.id(), student, p -> !MediaId.isOwn(p) || usable.test(p));
    }

    /** Filled-in lists to begin with. @param called the support, as people say it */
    record ExampleView(String support, String called, String name, String words) {
    }

    /** Support by support, in the order in which they are offered. */
    @ForSignedIn("the same for all schools")
    @GetMapping("/examples")
    List<ExampleView> examples() {
        List<Examples.Example> all = Examples.all();
        return Offered.ALL.stream().flatMap(s -> all.stream().filter(e -> e.support().equals(s.name()))
            .map(e -> new ExampleView(e.support(), wording.of(s.named()), e.name(), e.words()))).toList();
    }

    @ForSignedIn("a new one; for a student, whom this person may change")
    @PostMapping
    @Bounded("REQUEST_BYTES")
    ListView create(@AuthenticationPrincipal Account account, @RequestBody NewList wanted) {
        if (wanted.student() != null) {
            rights.must(account, Act.CHANGE, Thing.student(wanted.student()));
        }
        if (wanted.from() != null) {
            rights.must(account, Act.TAKE, Thing.list(wanted.from()));
        }
        ListStore.Kept from = wanted.from() == null ? null : may.toList(wanted.from(), account).kept();
        String name = wanted.name() == null || wanted.name().isBlank() ? from == null ? "Words" : from.list().name() : wanted.name();
        WordList list = from == null ? onSchoolPaper(WordList.of(name, words(account, wanted))) : from.list().withName(name);
        boolean theirs = from == null && wanted.vocabulary() != null && wanted.student() != null
            && wanted.student().equals(store.there(wanted.vocabulary()).student());
        boolean same = from != null && from.student() != null && from.student().equals(wanted.student());
        if (!theirs && !same) {
            boolean goesOn = from != null || wanted.vocabulary() != null;
            list = goesOn ? may.goingTo(wanted.student(), list, account) : may.usable(list, account, wanted.student());
        }
        if (wanted.support() != null) {
            list = list.withSupport(list.support(wanted.support()));
        }
        if (wanted.as() != null) {
            list = list.withShowing(list.showing().withAs(wanted.as()));
        }
        long id = lists.create(list, wanted.student(), from, account.id(), clock.instant(),
            from == null ? Told.of("list-begun") : Told.of("list-copied", "name", from.list().name()));
        return view(may.toList(id, account), account);
    }

    private WordList onSchoolPaper(WordList list) {
        return list.withPage(list.page().withPaper(school.paper()));
    }

    private List<ListedWord> words(Account account, NewList wanted) {
        if (wanted.vocabulary() != null) {
            return gathered(account, wanted.vocabulary(), wanted);
        }
        List<WordLine.Entry> typed = wanted.chosen() == null ? WordLine.read(wanted.text() == null ? "" : wanted.text())
            : wanted.chosen().stream().map(c -> new WordLine.Entry(c.word(), c.word()).withPicture(c.picture())).toList();
        return typed.isEmpty() ? List.of() : ready(account, wanted.student(), typed);
    }

    private List<ListedWord> gathered(Account account, long vocabulary, NewList wanted) {
        rights.must(account, Act.TAKE, Thing.vocabulary(vocabulary));
        Vocabulary now = store.there(vocabulary).vocabulary();
        if (wanted.step() != null) {
            return Gathered.ofStep(now, wanted.step(), ids);
        }
        if (wanted.buttons() != null) {
            return Gathered.ofButtons(now, wanted.buttons(), ids);
        }
        if (wanted.since() != null) {
            return store.lastBefore(vocabulary, wanted.since().atStartOfDay(clock.getZone()).toInstant()).flatMap(n -> store.version(vocabulary, n))
                .map(then -> Gathered.since(then, now, ids)).orElseGet(() -> Gathered.ofBoards(now, List.copyOf(now.boards().keySet()), ids));
        }
        return Gathered.ofBoards(now, wanted.boards() == null ? List.of(now.home()) : wanted.boards(), ids);
    }

    private List<ListedWord> ready(Account account, @Nullable String student, List<WordLine.Entry> typed) {
        List<ReadyWord> ready = WordLine.ready(typed, WordList.MOST, pictures.guesses(account, student));
        return ready.stream().map(w -> ListedWord.of(ids.get(), w.label(), w.picture(), w.kind())).toList();
    }

    @For(Act.LOOK)
    @GetMapping("/{list}")
    ListView list(@AuthenticationPrincipal Account account, @PathVariable long list) {
        return view(may.toList(list, account), account);
    }

    private ListView view(ListAccess.May seen, Account account) {
        ListStore.Kept kept = seen.kept();
        Student student = kept.student() == null ? null : students.find(kept.student()).orElse(null);
        String from = kept.from() == null ? null : may.find(kept.from(), account).map(f -> wording.of(Told.of("list-from", "name", f.kept().list().name())))
            .orElse(null);
        return ListView.of(seen, student, kept.owner() == account.id(), from, Offered.ALL.stream().map(this::named).toList(),
            lists.steps(kept.id(), account.id()), wording);
    }

    private ListView.SupportName named(Support support) {
        return new ListView.SupportName(support.name(), wording.of(support.named()));
    }

    @For(Act.CHANGE)
    @PostMapping("/{list}/edits")
    ListView edit(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody ListEditRequest request) {
        ListStore.Kept kept = may.toChange(list, account);
        if (request.edit() == null) {
            throw new Unacceptable("nothing-to-change");
        }
        if (request.edit() instanceof ListEdit.ChangeWord change) {
            mayUse(change.word().pictures(), kept.list().word(change.word().id()).map(ListedWord::pictures).orElse(List.of()), kept.student(), account);
        }
        if (request.edit() instanceof ListEdit.PhotoOf of && of.photo() != null) {
            mayUse(List.of(of.photo()), List.of(), kept.list().row(of.name()).map(ClassRow::student).orElse(kept.student()), account);
        }
        return changed(account, list, () -> lists.edit(list, request.base(), drawn(request.edit()), account.id(), clock.instant()));
    }

    private void mayUse(List<String> wanted, List<String> had, @Nullable String student, Account account) {
        if (wanted.stream().anyMatch(p -> MediaId.isOwn(p) && !had.contains(p) && !pictures.mayUse(p, account, student))) {
            throw new Unacceptable("not-yours-to-use");
        }
    }

    /** Words as typed or pasted, each with the picture it gets. */
    @For(Act.CHANGE)
    @PostMapping("/{list}/words")
    @Bounded("REQUEST_BYTES")
    ListView words(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody ListWordsRequest request) {
        ListStore.Kept kept = may.toChange(list, account);
        if (request.chosen() != null) {
            return chosen(account, kept, request, request.chosen());
        }
        List<WordLine.Entry> typed = new ArrayList<>(WordLine.read(request.text() == null ? "" : request.text()));
        if (typed.isEmpty()) {
            throw new Unacceptable("word-line-empty");
        }
        if (request.picture() != null) {
            typed.set(0, typed.get(0).withPicture(request.picture()));
        }
        List<ListedWord> words = ready(account, kept.student(), typed);
        mayUse(words.get(0).pictures(), List.of(), kept.student(), account);
        ListEdit add = new ListEdit.AddWords(inSecond(words, kept.list().second(), false), request.before());
        return changed(account, list, () -> lists.edit(list, request.base(), add, account.id(), clock.instant()));
    }

    private ListView chosen(Account account, ListStore.Kept kept, ListWordsRequest request, List<ListedPicture> chosen) {
        Unacceptable.ifMissing(chosen);
        List<ListedWord> words = chosen.stream().map(c -> ListedWord.of(ids.get(), c.word(), c.picture(), null)).toList();
        words.forEach(w -> mayUse(w.pictures(), List.of(), kept.student(), account));
        ListEdit add = new ListEdit.AddWords(inSecond(words, kept.list().second(), false), request.before());
        return changed(account, kept.id(), () -> lists.edit(kept.id(), request.base(), add, account.id(), clock.instant()));
    }

    /** Remarks of a book get the pictures of their words. */
    private ListEdit drawn(ListEdit edit) {
        if (!(edit instanceof ListEdit.Show show)) {
            return edit;
        }
        Showing now = show.showing();
        List<Book.Remark> remarks = now.book().remarks().stream().map(r -> r.picture() != null ? r
            : new Book.Remark(r.text(), pictures.drawn(r.text()).map(Picture::id).orElse(null))).toList();
        return new ListEdit.Show(new Showing(now.as(), now.day(), now.walk(), new Book(now.book().face(), now.book().size(), now.book().paper(), remarks)));
    }

    /** Sets the second language; words not known in it yet are taken from the names of their pictures. */
    @For(Act.CHANGE)
    @PostMapping("/{list}/language")
    ListView language(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody LanguageRequest request) {
        ListStore.Kept kept = may.toChange(list, account);
        Second was = kept.list().second();
        boolean other = request.second() != null && (was == null || !was.language().equals(request.second().language()));
        ListEdit set = new ListEdit.InSecond(request.second(), inSecond(kept.list().words(), request.second(), other));
        return changed(account, list, () -> lists.edit(list, request.base(), set, account.id(), clock.instant()));
    }

    /** @param anew true to forget what they were in another language */
    private List<ListedWord> inSecond(List<ListedWord> words, @Nullable Second second, boolean anew) {
        return second == null ? words : words.stream().map(w -> w.second() != null && !anew ? w
            : w.withSecond(w.pictures().isEmpty() ? null : pictures.namesOf(w.pictures().get(0)).get(second.language()))).toList();
    }

    /** @param table as typed or pasted; empty for no class */
    record ClassRequest(int base, String table) {
    }

    /** Sets the students it is printed for; words that differ get their pictures, and names that are students of one's own are known. */
    @For(Act.CHANGE)
    @PostMapping("/{list}/class")
    @Bounded({"REQUEST_BYTES", "CLASS_WORDS"})
    ListView forClass(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody ClassRequest request) {
        ListStore.Kept kept = may.toChange(list, account);
        Map<String, String> known = students.caseload(account.id()).stream()
            .collect(Collectors.toMap(r -> Names.folded(r.student().name()), r -> r.student().id(), (one, other) -> one));
        List<ClassTable.Typed> typed = ClassTable.read(request.table() == null ? "" : request.table(), kept.list(), known.keySet());
        Differing differing = new Differing(kept.list(), Limits.CLASS_WORDS, ids, student -> pictures.guesses(account, student));
        List<ClassRow> rows = turns.take(account.id(), () -> differing.rows(typed, row -> known.get(Names.folded(row.name()))));
        ListEdit set = new ListEdit.ForClass(rows);
        return changed(account, list, () -> lists.edit(list, request.base(), set, account.id(), clock.instant()));
    }

    @For(Act.CHANGE)
    @PostMapping("/{list}/undo")
    ListView undo(@AuthenticationPrincipal Account account, @PathVariable long list) {
        may.toChange(list, account);
        return changed(account, list, () -> lists.undo(list, account.id(), clock.instant()));
    }

    @For(Act.CHANGE)
    @PostMapping("/{list}/redo")
    ListView redo(@AuthenticationPrincipal Account account, @PathVariable long list) {
        may.toChange(list, account);
        return changed(account, list, () -> lists.redo(list, account.id(), clock.instant()));
    }

    private ListView changed(Account account, long list, Runnable made) {
        try {
            made.run();
            return view(may.toList(list, account), account);
        } catch (Conflict conflict) {
            WordList now = ((ListDocument.Read) conflict.now().content()).list();
            String word = Lists.word(conflict.met()).flatMap(now::word).map(ListedWord::text).orElse("");
            throw new Problem(HttpStatus.CONFLICT,
                Told.of("list-conflict", "who", Objects.requireNonNullElse(conflict.theirs().by(), ""), "what", conflict.theirs().told(), "word", word),
                Map.of("version", conflict.now().version()));
        }
    }

    /** A picture of one's own that is in the list, for whoever may see it shown. */
    @For(Act.SEE)
    @GetMapping("/{list}/pictures/{hash}")
    ResponseEntity<byte[]> picture(@AuthenticationPrincipal Account account, @PathVariable long list, @PathVariable String hash,
        @RequestParam(defaultValue = "") String look) {
        boolean there = may.toShow(list, account).kept().list().pictures().contains(MediaId.ofContent(hash));
        return MediaAnswer.of(media.any(there ? hash : "", Appearance.of(look).orElse(Appearance.USUAL)).orElseThrow(() -> Problem.notFound("picture")));
    }

    @For(Act.LOOK)
    @GetMapping("/{list}/versions")
    List<ListVersionView> versions(@AuthenticationPrincipal Account account, @PathVariable long list) {
        ListAccess.May seen = may.toList(list, account);
        boolean fromSeen = seen.kept().from() == null || may.find(seen.kept().from(), account).isPresent();
        return lists.versions(list, VERSIONS_LISTED).stream().map(v -> new ListVersionView(v.number(), v.madeAt(), Objects.requireNonNullElse(v.by(), ""),
            wording.of(told(v.told(), seen.team(), fromSeen)), seen.team() ? v.name() : null)).toList();
    }

    /** What a version did, as far as it is to be told: on the shelf no names of a team, and to nobody the name of a list that is not to be seen. */
    private static Told told(Told told, boolean team, boolean fromSeen) {
        if (told.key().equals("list-copied") && !fromSeen) {
            return Told.of("list-copied-unseen");
        }
        return team ? told : Told.of("list-changed-unseen");
    }

    /** @param name empty for none */
    record ListVersionName(@Nullable String name) {
    }

    @For(Act.CHANGE)
    @PutMapping("/{list}/versions/{number}/name")
    void nameVersion(@AuthenticationPrincipal Account account, @PathVariable long list, @PathVariable int number, @RequestBody ListVersionName name) {
        may.toChange(list, account);
        lists.version(list, number).orElseThrow(() -> Problem.notFound("version"));
        lists.nameVersion(list, number, name.name());
    }

    /** Whose its pictures are. */
    @For(Act.LOOK)
    @GetMapping("/{list}/credits")
    List<CreditView> credits(@AuthenticationPrincipal Account account, @PathVariable long list) {
        return CreditView.of(pictures.creditsOf(may.toList(list, account).kept().list().pictures()), wording);
    }

    /** @param base the version that was seen: what others changed since stays */
    record BackRequest(int base) {
    }

    /** Makes it as it was, as a change of its own. */
    @For(Act.CHANGE)
    @PostMapping("/{list}/versions/{number}/back")
    ListView back(@AuthenticationPrincipal Account account, @PathVariable long list, @PathVariable int number, @RequestBody BackRequest request) {
        may.toChange(list, account);
        return changed(account, list, () -> lists.goBack(list, request.base(), number, account.id(), clock.instant()));
    }

    /** Puts it on the school's shelf. */
    @For(Act.CHANGE)
    @PutMapping("/{list}/shelf")
    ListView share(@AuthenticationPrincipal Account account, @PathVariable long list) {
        may.toChange(list, account);
        lists.share(list, true);
        return list(account, list);
    }

    @For(Act.CHANGE)
    @DeleteMapping("/{list}/shelf")
    ListView unshare(@AuthenticationPrincipal Account account, @PathVariable long list) {
        may.toChange(list, account);
        lists.share(list, false);
        return list(account, list);
    }

    @For(Act.CHANGE)
    @DeleteMapping("/{list}")
    void delete(@AuthenticationPrincipal Account account, @PathVariable long list) {
        may.toChange(list, account);
        lists.delete(list, account.id(), clock.instant());
    }
}
