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
import org.dwimble.core.board.Edit;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.student.Student;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestServer.class)
class VocabularyStoreTest {
    private final VocabularyStore store = TestServer.bean(VocabularyStore.class);
    private final Database database = TestServer.bean(Database.class);
    private Account odile;
    private Student ilse;
    private long id;

    @BeforeEach
    void copy() {
        odile = TestServer.account("Odile");
        ilse = TestServer.student("Ilse", odile);
        id = TestServer.copy("first-choices", ilse, odile);
    }

    private VocabularyStore.Kept make(int base, Edit edit) {
        return store.edit(id, base, now -> edit, odile.id(), Instant.now());
    }

    private VocabularyStore.Kept label(int base, String board, String button, String label) {
        Button was = store.find(id).orElseThrow().vocabulary().boards().get(board).button(board + "-" + button).orElseThrow();
        return make(base, new Edit.ChangeButton(board, was.withLabel(label)));
    }

    private String labelNow(String board, String button) {
        return store.find(id).orElseThrow().vocabulary().boards().get(board).button(board + "-" + button).map(Button::label).orElse("gone");
    }

    private long count(String table) {
        return database.read(session -> session.first("SELECT count(*) FROM " + table, row -> row.getLong(1)).orElseThrow());
    }

    @Test
    void everyEditIsAVersionThatSaysWhoDidWhat() {
        label(1, "eat", "apple", "pear");
        assertThat(store.versions(id, 10)).first().satisfies(v -> {
            assertThat(v.number()).isEqualTo(2);
            assertThat(v.by()).isEqualTo("Odile");
            assertThat(v.summary()).isEqualTo("called apple “pear” on Eat");
            assertThat(v.words()).isEqualTo(15);
        });
    }

    @Test
    void undoAndRedoMoveTheHeadAndNothingIsDeleted() {
        label(1, "eat", "apple", "pear");
        make(2, new Edit.TakeOffButton("play", "play-ball"));
        assertThat(store.undo(id, 3).version()).isEqualTo(2);
        assertThat(labelNow("play", "ball")).isEqualTo("ball");
        assertThat(store.undo(id, 2).version()).isEqualTo(1);
        assertThat(labelNow("eat", "apple")).isEqualTo("apple");
        assertThatThrownBy(() -> store.undo(id, 1)).isInstanceOf(Unacceptable.class).hasMessage("There is nothing more to undo.");
        assertThat(store.redo(id, 1).version()).isEqualTo(2);
        assertThat(store.redo(id, 2).version()).isEqualTo(3);
        assertThat(labelNow("play", "ball")).isEqualTo("gone");
        assertThatThrownBy(() -> store.redo(id, 3)).hasMessage("There is nothing to redo.");
    }

    @Test
    void anEditAfterUndoBeginsANewLineAndTheOldOneIsKept() {
        label(1, "eat", "apple", "pear");
        store.undo(id, 2);
        label(1, "eat", "apple", "plum");
        store.undo(id, 3);
        assertThat(store.redo(id, 1).version()).as("redo goes to the newest").isEqualTo(3);
        assertThat(labelNow("eat", "apple")).isEqualTo("plum");
        assertThat(store.versions(id, 10)).extracting(VocabularyStore.Version::number).containsExactly(3, 2, 1);
    }

    @Test
    void addingAndDeletingABoardIsUndoneToo() {
        make(1, new Edit.AddBoard(Board.empty("hive", "Hive", 2, 3)));
        make(2, new Edit.DeleteBoard("eat"));
        assertThat(store.find(id).orElseThrow().vocabulary().boards()).containsKey("hive").doesNotContainKey("eat");
        store.undo(id, 3);
        store.undo(id, 2);
        assertThat(store.find(id).orElseThrow().vocabulary().boards()).containsKey("eat").doesNotContainKey("hive");
    }

    @Test
    void aCopyTakesNoBoardAndNoPictureAlong() {
        long revisions = count("revision");
        long media = count("media");
        long copy = store.copy(id, ilse.id(), "Another name", odile.id(), Instant.now());
        assertThat(count("revision")).as("only the name is new").isEqualTo(revisions + 1);
        assertThat(count("media")).isEqualTo(media);
        assertThat(store.find(copy).orElseThrow().vocabulary().boards()).isEqualTo(store.find(id).orElseThrow().vocabulary().boards());
    }

    @Test
    void aCopyAndItsOriginalGoTheirOwnWays() {
        long copy = store.copy(id, ilse.id(), "Copy", odile.id(), Instant.now());
        label(1, "eat", "apple", "pear");
        assertThat(store.find(copy).orElseThrow().vocabulary().boards().get("eat").button("eat-apple").map(Button::label)).hasValue("apple");
    }

    @Test
    void twoPeopleOnDifferentButtonsBothLand() {
        label(1, "eat", "apple", "pear");
        VocabularyStore.Kept second = label(1, "eat", "biscuit", "toast");
        assertThat(second.version()).isEqualTo(3);
        assertThat(labelNow("eat", "apple")).isEqualTo("pear");
        assertThat(labelNow("eat", "biscuit")).isEqualTo("toast");
    }

    @Test
    void theSecondOnTheSameButtonIsRefusedAndNothingIsLost() {
        label(1, "eat", "apple", "pear");
        Button mine = store.find(id).orElseThrow().vocabulary().boards().get("eat").button("eat-apple").orElseThrow().withLabel("plum");
        assertThatThrownBy(() -> make(1, new Edit.ChangeButton("eat", mine))).isInstanceOfSatisfying(VocabularyStore.Conflict.class, conflict -> {
            assertThat(conflict.yours()).isEqualTo(new Edit.ChangeButton("eat", mine));
            assertThat(conflict.lastChange().by()).isEqualTo("Odile");
            assertThat(conflict.theirs().vocabulary().boards().get("eat").button("eat-apple").map(Button::label)).hasValue("pear");
        });
        assertThat(labelNow("eat", "apple")).isEqualTo("pear");
        assertThat(store.find(id).orElseThrow().version()).isEqualTo(2);
    }

    @Test
    void anEditMadeBeforeAnUndoIsMeasuredAgainstWhatItSaw() {
        label(1, "eat", "apple", "pear");
        store.undo(id, 2);
        Button mine = store.find(id).orElseThrow().vocabulary().boards().get("eat").button("eat-apple").orElseThrow().withLabel("plum");
        assertThatThrownBy(() -> make(2, new Edit.ChangeButton("eat", mine))).as("it saw pear, which is no longer there").isInstanceOf(VocabularyStore.Conflict.class);
        Button biscuit = store.find(id).orElseThrow().vocabulary().boards().get("eat").button("eat-biscuit").orElseThrow().withLabel("toast");
        assertThat(make(2, new Edit.ChangeButton("eat", biscuit)).version()).isEqualTo(3);
    }

    @Test
    void aCellFilledByAColleagueIsAConflictNotAnOverwrite() {
        make(1, new Edit.TakeOffButton("eat", "eat-apple"));
        make(2, new Edit.PutButton("eat", Button.word("theirs", new Cell(0, 2), "pear", null, Kind.THING)));
        assertThatThrownBy(() -> make(2, new Edit.PutButton("eat", Button.word("mine", new Cell(0, 2), "plum", null, Kind.THING)))).isInstanceOf(VocabularyStore.Conflict.class);
    }

    @Test
    void undoingWhatOneHasNotSeenIsRefused() {
        label(1, "eat", "apple", "pear");
        assertThatThrownBy(() -> store.undo(id, 1)).isInstanceOf(Unacceptable.class).hasMessageContaining("Somebody changed these boards a moment ago");
        assertThat(labelNow("eat", "apple")).isEqualTo("pear");
    }

    @Test
    void anEditThatChangesNothingMakesNoVersion() {
        assertThat(label(1, "eat", "apple", "apple").version()).isEqualTo(1);
    }

    @Test
    void fortyPeopleAtOnceLoseNothing() throws Exception {
        long big = TestServer.copy("starter-40", ilse, odile);
        List<Button> words = store.find(big).orElseThrow().vocabulary().boards().get("eating").buttons().subList(0, 30);
        ExecutorService people = Executors.newFixedThreadPool(10);
        List<Future<VocabularyStore.Kept>> edits = new ArrayList<>();
        for (Button word : words) {
            edits.add(people.submit(() -> store.edit(big, 1, now -> new Edit.ChangeButton("eating", word.withLabel(word.label() + "!")), odile.id(), Instant.now())));
        }
        for (Future<VocabularyStore.Kept> edit : edits) {
            edit.get();
        }
        people.shutdown();
        VocabularyStore.Kept after = store.find(big).orElseThrow();
        assertThat(after.version()).isEqualTo(31);
        assertThat(words).allSatisfy(w -> assertThat(after.vocabulary().boards().get("eating").button(w.id()).map(Button::label)).hasValue(w.label() + "!"));
    }
}
