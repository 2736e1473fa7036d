package org.dwimble.server.version;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.board.Button;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.database.Database;
import org.dwimble.server.live.Changed;
import org.dwimble.server.wordlist.ListStore;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.context.ApplicationListener;
import org.springframework.context.PayloadApplicationEvent;
import org.springframework.context.support.AbstractApplicationContext;

/** What holds of whatever is kept in versions, on disk and with several people. A new sort adds itself to {@link Sort}. */
@ExtendWith(TestServer.class)
class VersionsTest {
    private static final List<String> WORDS = List.of("apple", "biscuit", "more");

    /** One thing with three words, which people call otherwise. */
    private interface Line {
        long id();

        void call(Account by, int base, int word, String to);

        void undo(Account by);

        void redo(Account by);

        void goBack(Account by, int base, int to);

        int version();

        List<String> words();

        Optional<List<String>> wordsAt(int version);

        Steps steps(Account of);

        List<Version> versions();

        void name(int version, String name);
    }

    enum Sort {
        VOCABULARY {
            @Override
            Line begin(Student student, Account by) {
                long id = TestServer.copy("first-choices", student, by);
                VocabularyStore store = TestServer.bean(VocabularyStore.class);
                return new Line() {
                    @Override
                    public long id() {
                        return id;
                    }

                    @Override
                    public void call(Account who, int base, int word, String to) {
                        store.edit(id, base, new GiveLabel("eat", "eat-" + WORDS.get(word), to), VocabularyStore.Asking.NOTHING, who.id(), Instant.now());
                    }

                    @Override
                    public void undo(Account who) {
                        store.undo(id, null, VocabularyStore.Asking.NOTHING, who.id(), Instant.now());
                    }

                    @Override
                    public void redo(Account who) {
                        store.redo(id, VocabularyStore.Asking.NOTHING, who.id(), Instant.now());
                    }

                    @Override
                    public void goBack(Account who, int base, int to) {
                        store.goBack(id, base, to, VocabularyStore.Asking.NOTHING, who.id(), Instant.now());
                    }

                    @Override
                    public int version() {
                        return store.there(id).version();
                    }

                    @Override
                    public List<String> words() {
                        return words(store.there(id).vocabulary());
                    }

                    private List<String> words(org.dwimble.core.board.Vocabulary of) {
                        return WORDS.stream().map(w -> of.boards().get("eat").button("eat-" + w).map(Button::label).orElse("gone")).toList();
                    }

                    @Override
                    public Optional<List<String>> wordsAt(int version) {
                        return store.version(id, version).map(this::words);
                    }

                    @Override
                    public Steps steps(Account of) {
                        return store.steps(id, of.id());
                    }

                    @Override
                    public List<Version> versions() {
                        return store.versions(id, 100);
                    }

                    @Override
                    public void name(int version, String name) {
                        store.nameVersion(id, version, name);
                    }
                };
            }
        },
        LIST {
            @Override
            Line begin(Student student, Account by) {
                ListStore store = TestServer.bean(ListStore.class);
                WordList list = WordList.of("Snack", WORDS.stream().map(w -> ListedWord.of(w, w, null, null)).toList());
                long id = store.create(list, student.id(), by.id(), Instant.now(), Told.of("list-begun"));
                return new Line() {
                    @Override
                    public long id() {
                        return id;
                    }

                    @Override
                    public void call(Account who, int base, int word, String to) {
                        store.edit(id, base, new ListEdit.ChangeWord(ListedWord.of(WORDS.get(word), to, null, null)), who.id(), Instant.now());
                    }

                    @Override
                    public void undo(Account who) {
                        store.undo(id, who.id(), Instant.now());
                    }

                    @Override
                    public void redo(Account who) {
                        store.redo(id, who.id(), Instant.now());
                    }

                    @Override
                    public void goBack(Account who, int base, int to) {
                        store.goBack(id, base, to, who.id(), Instant.now());
                    }

                    @Override
                    public int version() {
                        return store.there(id).version();
                    }

                    @Override
                    public List<String> words() {
                        return words(store.there(id).list());
                    }

                    private List<String> words(WordList of) {
                        return of.words().stream().map(ListedWord::text).toList();
                    }

                    @Override
                    public Optional<List<String>> wordsAt(int version) {
                        return store.version(id, version).map(this::words);
                    }

                    @Override
                    public Steps steps(Account of) {
                        return store.steps(id, of.id());
                    }

                    @Override
                    public List<Version> versions() {
                        return store.versions(id, 100);
                    }

                    @Override
                    public void name(int version, String name) {
                        store.nameVersion(id, version, name);
                    }
                };
            }
        };

        abstract Line begin(Student student, Account by);
    }

    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Student ilse = TestServer.student("Ilse", odile);

    private Line begin(Sort sort) {
        TestServer.join(ilse, marit, Role.EDITOR);
        return sort.begin(ilse, odile);
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void everyEditIsAVersionThatSaysWhoDidWhatAndKeepsWhatWasBefore(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        line.name(2, "  before  the holidays ");
        assertThat(line.versions()).extracting(Version::number).containsExactly(2, 1);
        assertThat(line.versions().get(0).by()).isEqualTo("Odile");
        assertThat(line.versions().get(0).name()).isEqualTo("before the holidays");
        assertThat(line.versions().get(0).told().with()).containsValue("pear");
        assertThat(line.wordsAt(1)).hasValue(WORDS);
        assertThat(line.wordsAt(2)).hasValue(List.of("pear", "biscuit", "more"));
        assertThat(line.wordsAt(3)).isEmpty();
        assertThat(line.wordsAt(0)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void anEditThatChangesNothingMakesNoVersion(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "apple");
        assertThat(line.version()).isEqualTo(1);
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void undoAndRedoAreVersionsOfTheirOwnThatSayWhatTheyDid(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        Told first = line.versions().get(0).told();
        line.call(odile, 2, 1, "toast");
        Told second = line.versions().get(0).told();
        line.undo(odile);
        assertThat(line.versions().get(0).told()).isEqualTo(Told.of("took-back", "what", second));
        line.undo(odile);
        assertThat(line.words()).isEqualTo(WORDS);
        assertThatThrownBy(() -> line.undo(odile)).isInstanceOf(Unacceptable.class).hasMessage("nothing-to-undo");
        line.redo(odile);
        assertThat(line.words()).containsExactly("pear", "biscuit", "more");
        assertThat(line.versions().get(0).told()).isEqualTo(Told.of("made-again", "what", first));
        line.redo(odile);
        assertThatThrownBy(() -> line.redo(odile)).hasMessage("nothing-to-redo");
        line.undo(odile);
        assertThat(line.words()).as("and what was made again can be taken back").containsExactly("pear", "biscuit", "more");
        assertThat(line.versions()).extracting(Version::number).containsExactly(8, 7, 6, 5, 4, 3, 2, 1);
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void afterANewChangeThereIsNothingToMakeAgain(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        line.undo(odile);
        assertThat(line.steps(odile).redo()).isNotNull();
        line.call(odile, 3, 1, "toast");
        assertThat(line.steps(odile).redo()).isNull();
        assertThatThrownBy(() -> line.redo(odile)).hasMessage("nothing-to-redo");
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void undoTakesBackMyOwnLastChangeAndNeverAColleagues(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        line.call(marit, 2, 1, "toast");
        line.undo(odile);
        assertThat(line.words()).containsExactly("apple", "toast", "more");
        assertThatThrownBy(() -> line.undo(odile)).as("what Marit did is hers").hasMessage("nothing-to-undo");
        assertThat(line.steps(marit).undo().number()).isEqualTo(3);
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void whatAColleagueHasChangedSinceCannotBeTakenBackUntilThatIs(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        line.call(marit, 2, 0, "plum");
        assertThatThrownBy(() -> line.undo(odile)).isInstanceOfSatisfying(Conflict.class, conflict -> {
            assertThat(conflict.theirs().by()).isEqualTo("Marit");
            assertThat(conflict.act()).isEqualTo(Deed.BACK);
        });
        assertThat(line.words().get(0)).isEqualTo("plum");
        line.undo(marit);
        line.undo(odile);
        assertThat(line.words()).isEqualTo(WORDS);
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void whatTwoPeopleChangeApartIsBothThere(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        line.call(marit, 1, 1, "toast");
        assertThat(line.words()).containsExactly("pear", "toast", "more");
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void aConflictNamesWhoChangedTheThingNotWhoChangedSomethingLast(Sort sort) {
        Line line = begin(sort);
        line.call(marit, 1, 0, "pear");
        line.call(TestServer.account("Nour"), 2, 1, "toast");
        assertThatThrownBy(() -> line.call(odile, 1, 0, "plum")).isInstanceOfSatisfying(Conflict.class, conflict -> {
            assertThat(conflict.theirs().by()).isEqualTo("Marit");
            assertThat(conflict.theirs().number()).isEqualTo(2);
            assertThat(conflict.now().version()).isEqualTo(3);
        });
        assertThat(line.version()).isEqualTo(3);
        assertThat(line.words().get(0)).isEqualTo("pear");
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void anEditMadeBeforeAnUndoIsMeasuredAgainstWhatItSaw(Sort sort) {
        Line line = begin(sort);
        line.call(marit, 1, 0, "pear");
        line.undo(marit);
        assertThatThrownBy(() -> line.call(odile, 2, 0, "plum")).as("it saw pear, which is no longer there").isInstanceOf(Conflict.class);
        line.call(odile, 1, 0, "plum");
        assertThat(line.version()).as("it saw apple, which is there").isEqualTo(4);
        assertThatThrownBy(() -> line.call(odile, 9, 0, "plum")).hasMessage("version-not-there");
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void goingBackIsAChangeThatCanBeTakenBack(Sort sort) {
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        line.call(marit, 2, 1, "toast");
        line.goBack(odile, 3, 1);
        assertThat(line.words()).isEqualTo(WORDS);
        assertThat(line.versions().get(0).told().key()).endsWith("went-back");
        line.undo(odile);
        assertThat(line.words()).containsExactly("pear", "toast", "more");
        assertThatThrownBy(() -> line.goBack(odile, 5, 9)).hasMessage("version-not-there");
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void whatIsTheSameAgainIsKeptOnce(Sort sort) {
        Database database = TestServer.bean(Database.class);
        Line line = begin(sort);
        line.call(odile, 1, 0, "pear");
        long revisions = database.read(session -> session.first("SELECT count(*) FROM revision", row -> row.getLong(1)).orElseThrow());
        line.undo(odile);
        line.redo(odile);
        long after = database.read(session -> session.first("SELECT count(*) FROM revision", row -> row.getLong(1)).orElseThrow());
        assertThat(after).isEqualTo(revisions);
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void whoHasItOpenIsToldOfAListNotByWhom(Sort sort) {
        Line line = begin(sort);
        List<Changed> told = new ArrayList<>();
        Thing thing = sort == Sort.LIST ? Thing.list(line.id()) : Thing.vocabulary(line.id());
        ApplicationListener<PayloadApplicationEvent<Changed>> listener = new ApplicationListener<>() {
            @Override
            public void onApplicationEvent(PayloadApplicationEvent<Changed> event) {
                if (event.getPayload().thing().equals(thing)) {
                    told.add(event.getPayload());
                }
            }
        };
        AbstractApplicationContext context = (AbstractApplicationContext) TestServer.context();
        context.addApplicationListener(listener);
        try {
            line.call(odile, 1, 0, "pear");
            line.call(odile, 2, 0, "pear");
        } finally {
            context.removeApplicationListener(listener);
        }
        assertThat(told).singleElement().satisfies(changed -> {
            assertThat(changed.revised().version()).isEqualTo(2);
            assertThat(changed.revised().by()).isEqualTo(sort == Sort.LIST ? null : "Odile");
        });
    }

    @ParameterizedTest
    @EnumSource(Sort.class)
    void manyPeopleAtOnceLoseNothing(Sort sort) throws Exception {
        Line line = begin(sort);
        ExecutorService people = Executors.newFixedThreadPool(6);
        List<Future<?>> edits = new ArrayList<>();
        for (int round = 0; round < 10; round++) {
            String to = " " + round;
            IntStream.range(0, 3).forEach(word -> edits.add(people.submit(() -> {
                for (int tries = 0; tries < 100; tries++) {
                    try {
                        line.call(word == 1 ? marit : odile, line.version(), word, WORDS.get(word) + to);
                        return;
                    } catch (Conflict met) {
                        assertThat(met.met()).isNotNull();
                    }
                }
                throw new IllegalStateException("met a hundred times");
            })));
        }
        for (Future<?> edit : edits) {
            edit.get();
        }
        people.shutdown();
        assertThat(line.version()).isEqualTo(31);
        List<Version> versions = line.versions();
        assertThat(Stream.iterate(2, n -> n < 32, n -> n + 1)).as("every version tells what it left").allSatisfy(number -> {
            Told told = versions.stream().filter(v -> v.number() == number).findFirst().orElseThrow().told();
            assertThat(line.wordsAt(number).orElseThrow()).anyMatch(word -> told.with().containsValue(word));
        });
    }
}
