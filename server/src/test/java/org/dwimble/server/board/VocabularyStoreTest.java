package org.dwimble.server.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Shape;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.boards.AddBoard;
import org.dwimble.core.edit.boards.DeleteBoard;
import org.dwimble.core.edit.words.GiveKind;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.edit.words.PutButtons;
import org.dwimble.core.edit.words.TakeOff;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.version.Conflict;
import org.dwimble.server.version.Deed;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestServer.class)
class VocabularyStoreTest {
    private final VocabularyStore store = TestServer.bean(VocabularyStore.class);
    private final Database database = TestServer.bean(Database.class);
    private Account odile;
    private Account marit;
    private Student ilse;
    private long id;

    @BeforeEach
    void copy() {
        odile = TestServer.account("Odile");
        marit = TestServer.account("Marit");
        ilse = TestServer.student("Ilse", odile);
        id = TestServer.copy("first-choices", ilse, odile);
    }

    private int make(Account by, int base, Intention intention) {
        return store.edit(id, base, intention, VocabularyStore.Asking.NOTHING, by.id(), Instant.now()).after().version();
    }

    private int label(Account by, int base, String board, String button, String label) {
        return make(by, base, new GiveLabel(board, board + "-" + button, label));
    }

    private VocabularyStore.Done undo(Account by) {
        return store.undo(id, null, VocabularyStore.Asking.NOTHING, by.id(), Instant.now());
    }

    private String labelNow(String board, String button) {
        return store.find(id).orElseThrow().vocabulary().boards().get(board).button(board + "-" + button).map(Button::label).orElse("gone");
    }

    private Told toldLast() {
        return store.versions(id, 1).get(0).told();
    }

    private long count(String table) {
        return database.read(session -> session.first("SELECT count(*) FROM " + table, row -> row.getLong(1)).orElseThrow());
    }

    @Test
    void everyEditIsAVersionThatSaysWhoDidWhat() {
        label(odile, 1, "eat", "apple", "pear");
        assertThat(store.versions(id, 10)).first().satisfies(v -> {
            assertThat(v.number()).isEqualTo(2);
            assertThat(v.by()).isEqualTo("Odile");
            assertThat(v.told()).isEqualTo(Told.of("called", "button", "apple", "label", "pear", "board", "Eat"));
            assertThat(v.words()).isEqualTo(21);
        });
    }

    @Test
    void whatAColleagueHasChangedSinceCannotBeTakenBackButWhatWasBeforeItCan() {
        label(odile, 1, "eat", "biscuit", "toast");
        label(odile, 2, "eat", "apple", "pear");
        label(marit, 3, "eat", "apple", "plum");
        assertThatThrownBy(() -> undo(odile)).isInstanceOfSatisfying(Conflict.class, conflict -> {
            assertThat(conflict.theirs().by()).isEqualTo("Marit");
            assertThat(conflict.act()).isEqualTo(Deed.BACK);
        });
        assertThat(labelNow("eat", "apple")).isEqualTo("plum");
        store.undo(id, 3, VocabularyStore.Asking.NOTHING, odile.id(), Instant.now());
        assertThat(labelNow("eat", "biscuit")).isEqualTo("biscuit");
    }

    @Test
    void addingAndDeletingABoardIsUndoneToo() {
        make(odile, 1, new AddBoard(Board.empty("hive", "Hive", new Shape(2, 3))));
        make(odile, 2, new DeleteBoard("eat"));
        assertThat(store.find(id).orElseThrow().vocabulary().boards()).containsKey("hive").doesNotContainKey("eat");
        undo(odile);
        undo(odile);
        assertThat(store.find(id).orElseThrow().vocabulary()).isEqualTo(store.version(id, 1).orElseThrow());
    }

    @Test
    void goingBackIsAChangeThatCanBeTakenBack() {
        label(odile, 1, "eat", "apple", "pear");
        label(marit, 2, "eat", "biscuit", "toast");
        store.goBack(id, 3, 1, VocabularyStore.Asking.NOTHING, odile.id(), Instant.now());
        assertThat(store.find(id).orElseThrow().vocabulary()).isEqualTo(store.version(id, 1).orElseThrow());
        assertThat(toldLast()).isEqualTo(Told.of("went-back", "version", 1));
        undo(odile);
        assertThat(labelNow("eat", "biscuit")).isEqualTo("toast");
        label(marit, 5, "play", "ball", "bat");
        assertThatThrownBy(() -> store.goBack(id, 5, 1, VocabularyStore.Asking.NOTHING, odile.id(), Instant.now())).as("she has not seen the bat")
            .isInstanceOf(Conflict.class);
        assertThatThrownBy(() -> store.goBack(id, 6, 9, VocabularyStore.Asking.NOTHING, odile.id(), Instant.now())).hasMessage("version-not-there");
    }

    @Test
    void aCopyTakesNoBoardAndNoPictureAlong() {
        long revisions = count("revision");
        long media = count("media");
        long copy = store.copy(id, ilse.id(), "Another name " + id, odile.id(), Instant.now());
        assertThat(count("revision")).as("only the name is new").isEqualTo(revisions + 1);
        assertThat(count("media")).isEqualTo(media);
        assertThat(store.find(copy).orElseThrow().vocabulary().boards()).isEqualTo(store.find(id).orElseThrow().vocabulary().boards());
        label(odile, 1, "eat", "apple", "pear");
        assertThat(store.find(copy).orElseThrow().vocabulary().boards().get("eat").button("eat-apple").map(Button::label))
            .as("they go their own ways").hasValue("apple");
    }

    @Test
    void twoPeopleOnDifferentButtonsOrDifferentFacetsOfOneBothLand() {
        label(odile, 1, "eat", "apple", "pear");
        label(marit, 1, "eat", "biscuit", "toast");
        make(marit, 1, new GiveKind("eat", "eat-apple", Kind.WHO));
        Button apple = store.find(id).orElseThrow().vocabulary().boards().get("eat").button("eat-apple").orElseThrow();
        assertThat(apple.label()).isEqualTo("pear");
        assertThat(apple.kind()).isEqualTo(Kind.WHO);
        assertThat(labelNow("eat", "biscuit")).isEqualTo("toast");
    }

    @Test
    void aCellFilledByAColleagueIsAConflictNotAnOverwrite() {
        make(odile, 1, new TakeOff("eat", "eat-apple"));
        make(marit, 2, new PutButtons("eat", Button.word("theirs", new Cell(0, 2), "pear", null, Kind.THING)));
        assertThatThrownBy(() -> make(odile, 2, new PutButtons("eat", Button.word("mine", new Cell(0, 2), "plum", null, Kind.THING))))
            .isInstanceOf(Conflict.class);
    }

    @Test
    void whatIsKeptBesideAnEditIsKeptWithItOrNotAtAll() {
        VocabularyStore.Asking refuses = (session, change) -> {
            session.update("INSERT INTO word_choice (student_id, word, picture) VALUES (?, 'pear', 'base/pear')", ilse.id());
            throw new Unacceptable("not-yours-to-use");
        };
        assertThatThrownBy(() -> store.edit(id, 1, new GiveLabel("eat", "eat-apple", "pear"), refuses, odile.id(), Instant.now()))
            .hasMessage("not-yours-to-use");
        assertThat(labelNow("eat", "apple")).isEqualTo("apple");
        boolean remembered = database.read(session -> session.exists("SELECT 1 FROM word_choice WHERE student_id = ?", ilse.id()));
        assertThat(remembered).isFalse();
    }

    @Test
    void manyPeopleAtOnceLoseNothingAlsoWhenSomeAreRefused() throws Exception {
        long big = TestServer.copy("starter-40", ilse, odile);
        List<Button> words = store.find(big).orElseThrow().vocabulary().boards().get("eating").buttons().subList(0, 30);
        ExecutorService people = Executors.newFixedThreadPool(20);
        List<Future<VocabularyStore.Done>> edits = new ArrayList<>();
        List<Future<VocabularyStore.Done>> refused = new ArrayList<>();
        for (Button word : words) {
            Account somebody = TestServer.account("Somebody");
            edits.add(people.submit(() -> store.edit(big, 1, new GiveLabel("eating", word.id(), word.label() + "!"), VocabularyStore.Asking.NOTHING,
                somebody.id(), Instant.now())));
            refused.add(people.submit(() -> store.edit(big, 1, new GiveLabel("eating", word.id(), "x".repeat(200)), VocabularyStore.Asking.NOTHING,
                somebody.id(), Instant.now())));
        }
        for (Future<VocabularyStore.Done> edit : edits) {
            edit.get();
        }
        for (Future<VocabularyStore.Done> no : refused) {
            assertThatThrownBy(no::get).hasCauseInstanceOf(Unacceptable.class);
        }
        people.shutdown();
        VocabularyStore.Kept after = store.find(big).orElseThrow();
        assertThat(after.version()).isEqualTo(31);
        assertThat(words).allSatisfy(w -> assertThat(after.vocabulary().boards().get("eating").button(w.id()).map(Button::label)).hasValue(w.label() + "!"));
        assertThat(store.version(big, 31).orElseThrow()).as("and on disk it is the same").isEqualTo(after.vocabulary());
    }

    @Test
    void anEditOnABoardOfFortyAddsLittle() {
        long big = TestServer.copy("starter-40", ilse, odile);
        List<Button> words = store.find(big).orElseThrow().vocabulary().boards().get("eating").buttons();
        for (int i = 0; i < 20; i++) {
            store.edit(big, i + 1, new GiveLabel("eating", words.get(i).id(), "word " + i), VocabularyStore.Asking.NOTHING, odile.id(), Instant.now());
        }
        List<Long> sizes = database.read(session -> session.list("""
            SELECT length(r.content) FROM version_change c JOIN revision r ON r.id = c.after JOIN line l ON l.id = c.line
            WHERE l.sort = 'vocabulary' AND l.thing = ? AND c.document = 'eating' ORDER BY 1""", row -> row.getLong(1), big));
        assertThat(sizes.get(10)).as("bytes at the median").isLessThan(300);
        long steps = database.read(
            session -> session.first("SELECT count(*) FROM revision r JOIN revision b ON b.id = r.against WHERE b.packing = 'AGAINST'", row -> row.getLong(1)))
            .orElseThrow();
        assertThat(steps).as("no revision is more than one step from a whole one").isZero();
    }
}
