package org.dwimble.core.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import org.junit.jupiter.api.Test;

class EditTest {
    private final Vocabulary v = vocabulary(board("home", "I want .", "go . harbour>harbour"), board("harbour", "crab gull .", "back:back home:home ."));

    private static Button kite(int row, int column) {
        return Button.word("kite", new Cell(row, column), "kite", "base/kite", Kind.THING);
    }

    @Test
    void puttingAButtonMovesNoOther() {
        Vocabulary after = new Edit.PutButton("harbour", kite(0, 2)).apply(v);
        assertThat(drawn(after.boards().get("harbour"))).containsExactly("crab gull kite", "back home .");
        assertThat(after.boards().get("home")).isSameAs(v.boards().get("home"));
        assertThat(drawn(v.boards().get("harbour"))).as("the old vocabulary is untouched").containsExactly("crab gull .", "back home .");
    }

    @Test
    void aTakenCellIsNotOverwritten() {
        assertThatThrownBy(() -> new Edit.PutButton("harbour", kite(0, 0)).apply(v)).isInstanceOf(Unacceptable.class).hasMessageContaining("taken already");
    }

    @Test
    void anIdStandsOnceInAVocabulary() {
        Vocabulary after = new Edit.PutButton("harbour", kite(0, 2)).apply(v);
        assertThatThrownBy(() -> new Edit.PutButton("home", kite(0, 2)).apply(after)).hasMessageContaining("already");
    }

    @Test
    void changingAButtonKeepsItsPlace() {
        Button crab = v.boards().get("harbour").button("harbour/crab").orElseThrow();
        Vocabulary after = new Edit.ChangeButton("harbour", crab.withLabel("red crab")).apply(v);
        assertThat(after.boards().get("harbour").at(new Cell(0, 0))).map(Button::label).hasValue("red crab");
        Button elsewhere = new Button(crab.id(), new Cell(1, 2), Span.ONE, "crab", null, null, null, Kind.THING, null, null, false, null);
        assertThatThrownBy(() -> new Edit.ChangeButton("harbour", elsewhere).apply(v)).hasMessageContaining("never moves it");
    }

    @Test
    void takingAButtonOffLeavesItsCellEmptyAndTheRestWhereTheyWere() {
        assertThat(drawn(new Edit.TakeOffButton("harbour", "harbour/crab").apply(v).boards().get("harbour"))).containsExactly(". gull .", "back home .");
        assertThatThrownBy(() -> new Edit.TakeOffButton("harbour", "nobody").apply(v)).hasMessage("That button is no longer on “harbour”. Nothing was changed.");
    }

    @Test
    void theHomeBoardCannotBeDeleted() {
        assertThatThrownBy(() -> new Edit.DeleteBoard("home").apply(v)).hasMessageContaining("is the home board");
        assertThat(new Edit.DeleteBoard("harbour").apply(v).boards()).containsOnlyKeys("home");
    }

    @Test
    void severalEditsAreMadeTogetherOrNotAtAll() {
        Edit half = new Edit.Several(List.of(new Edit.PutButton("harbour", kite(0, 2)), new Edit.TakeOffButton("harbour", "nobody")));
        assertThatThrownBy(() -> half.apply(v)).isInstanceOf(Unacceptable.class);
        assertThat(drawn(v.boards().get("harbour"))).containsExactly("crab gull .", "back home .");
    }

    @Test
    void anEditSaysInAFewWordsWhatItDid() {
        Button crab = v.boards().get("harbour").button("harbour/crab").orElseThrow();
        assertThat(new Edit.PutButton("harbour", kite(0, 2)).describe(v)).isEqualTo("put kite on harbour");
        assertThat(new Edit.ChangeButton("harbour", crab.withLabel("Big Red")).describe(v)).isEqualTo("called crab “Big Red” on harbour");
        assertThat(new Edit.ChangeButton("harbour", crab.withLeads(Leads.HOME)).describe(v)).isEqualTo("changed where crab leads on harbour");
        assertThat(new Edit.ChangeButton("harbour", crab.withSays(Says.NOTHING)).describe(v)).isEqualTo("changed what crab says on harbour");
        assertThat(new Edit.TakeOffButton("harbour", "harbour/crab").describe(v)).isEqualTo("took crab off harbour");
    }

    @Test
    void twoPeopleMeetOnlyWhereTheyChangeTheSameThing() {
        Button crab = v.boards().get("harbour").button("harbour/crab").orElseThrow();
        Button gull = v.boards().get("harbour").button("harbour/gull").orElseThrow();
        Vocabulary theirs = new Edit.ChangeButton("harbour", crab.withLabel("red crab")).apply(v);
        assertThat(meets(new Edit.ChangeButton("harbour", crab.withLabel("Big Red")), theirs)).isTrue();
        assertThat(meets(new Edit.TakeOffButton("harbour", crab.id()), theirs)).isTrue();
        assertThat(meets(new Edit.ChangeButton("harbour", gull.withLabel("seagull")), theirs)).isFalse();
        assertThat(meets(new Edit.RenameBoard("harbour", "Quay"), theirs)).isFalse();
        assertThat(meets(new Edit.DeleteBoard("harbour"), theirs)).as("deleting takes their word with it").isTrue();
        assertThat(meets(new Edit.DeleteBoard("harbour"), v)).isFalse();
    }

    private boolean meets(Edit mine, Vocabulary theirs) {
        return mine.touches().stream().anyMatch(t -> !t.sameIn(v, theirs));
    }
}
