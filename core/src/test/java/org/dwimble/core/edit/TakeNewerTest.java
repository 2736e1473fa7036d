package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.words.CopyButtons;
import org.dwimble.core.edit.words.Newer;
import org.dwimble.core.edit.words.TakeNewer;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class TakeNewerTest {
    private static final Vocabulary THEN = vocabulary(board("start", "sea>shore . ."), board("shore", "crab gull .", "eel . .", ". . ."));
    private static final Vocabulary HERE = brought(vocabulary(board("home", "I want . .", "go . . .")));

    private static Vocabulary brought(Vocabulary to) {
        BringIn.Where where = new BringIn.Where("home", null, "sea", null, false);
        return new BringIn(Origin.marked(THEN, "7", 1), Wanted.all(List.of("shore")), where, false).on(to, ids()).after();
    }

    private static Vocabulary now(Button... changed) {
        return THEN.with(THEN.at("shore").with(List.of(changed)));
    }

    private static Button there(String id) {
        return THEN.at("shore").button("shore/" + id).orElseThrow();
    }

    private static Newer.Source source(Vocabulary now) {
        return new Newer.Source("7", 2, now, version -> version == 1 ? Optional.of(THEN) : Optional.empty());
    }

    private static Button here(Vocabulary in, String id) {
        return in.at("shore").button("shore/" + id).orElseThrow();
    }

    @Test
    void wordsBroughtAreKnownAsThoseTheyCameFrom() {
        assertThat(here(HERE, "crab").origin()).isEqualTo(new Origin("7", 1, "shore/crab"));
        assertThat(HERE.at("home").button("home/I").orElseThrow().origin()).isNull();
        assertThat(Newer.sources(HERE)).containsExactly("7");
        Vocabulary twice = new BringIn(Origin.marked(THEN, "7", 1), Wanted.all(List.of("shore")), new BringIn.Where("home", null, "again", null, false), false)
            .on(HERE.with(HERE.at("shore").withName("beach")), ids()).after();
        assertThat(twice.boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.label().equals("crab")).map(Button::origin))
            .as("whatever id it has here").containsOnly(new Origin("7", 1, "shore/crab")).hasSize(2);
        Vocabulary copied = new CopyButtons("shore", List.of("shore/crab"), "home", null).on(HERE, ids()).after();
        assertThat(copied.at("home").buttons()).as("a copy of it is another word").allSatisfy(b -> assertThat(b.origin()).isNull());
    }

    @Test
    void nothingIsNewerWhileNothingChangesThereOrOnlyPlacesDo() {
        assertThat(Newer.of(source(THEN), HERE).isNothing()).isTrue();
        Vocabulary moved = now(there("crab").withStanding(Standing.at(new Cell(1, 2))));
        assertThat(Newer.of(source(moved), HERE).isNothing()).isTrue();
    }

    @Test
    void aWordThatIsOtherThereIsToldWithWhatItIsOtherInAndTakenOverInItsPlace() {
        Button dressed = Facet.PICTURE.with(Facet.LABEL.with(there("gull"), "sea gull"), Layer.only("base/gull"));
        Vocabulary now = now(dressed);
        Newer newer = Newer.of(source(now), HERE);
        assertThat(newer.changed()).singleElement().satisfies(c -> {
            assertThat(c.here()).isEqualTo(here(HERE, "gull"));
            assertThat(c.changed()).containsExactly(Facet.LABEL, Facet.PICTURE);
            assertThat(c.tooHere()).isEmpty();
        });
        Change taken = new TakeNewer(source(now), Set.of("shore/gull"), Set.of(), false).on(HERE, ids());
        assertThat(here(taken.after(), "gull").face()).isEqualTo(dressed.face());
        assertThat(here(taken.after(), "gull").standing()).isEqualTo(here(HERE, "gull").standing());
        assertThat(here(taken.after(), "gull").origin()).isEqualTo(new Origin("7", 2, "shore/gull"));
        assertThat(Newer.of(source(now), taken.after()).isNothing()).as("it is not told twice").isTrue();
        assertThat(Comparison.of(HERE, taken.after()).kept().kept()).isEqualTo(Comparison.of(HERE, taken.after()).kept().of());
    }

    @Test
    void whatWasChangedHereTooIsToldAndWhatBecameTheSameIsNot() {
        Vocabulary now = now(Facet.LABEL.with(there("gull"), "sea gull"), Facet.LABEL.with(there("crab"), "red crab"));
        Vocabulary mine = HERE
            .with(HERE.at("shore").with(List.of(Facet.LABEL.with(here(HERE, "gull"), "bird"), Facet.LABEL.with(here(HERE, "crab"), "red crab"))));
        assertThat(Newer.of(source(now), mine).changed()).singleElement().satisfies(c -> {
            assertThat(c.here().label()).isEqualTo("bird");
            assertThat(c.tooHere()).containsExactly(Facet.LABEL);
        });
    }

    @Test
    void aWordThatCameThereComesToItsCellHereOrToTheFirstFreeOne() {
        Button whale = Button.word("whale", new Cell(0, 2), "whale", null, null);
        Button ray = Button.word("ray", new Cell(1, 1), "ray", null, null).withActs(there("eel").acts().withLeads(new Leads.Opens("start")));
        Vocabulary now = now(whale, ray);
        assertThat(Newer.of(source(now), HERE).added()).extracting(a -> a.button().id()).containsExactly("whale", "ray");
        Vocabulary full = HERE.with(HERE.at("shore").with(Button.word("mine", new Cell(0, 2), "mine", null, null)));
        Vocabulary after = new TakeNewer(source(now), Set.of(), Set.of("whale", "ray"), false).on(full, ids()).after();
        Board shore = after.at("shore");
        assertThat(shore.button("ray").orElseThrow().standing().cell()).isEqualTo(new Cell(1, 1));
        assertThat(shore.button("ray").orElseThrow().leads()).as("it leads where nothing came from").isEqualTo(Leads.STAYS);
        assertThat(shore.button("whale").orElseThrow().standing().cell()).as("its own is taken").isEqualTo(new Cell(1, 2));
        assertThat(shore.button("whale").orElseThrow().origin()).isEqualTo(new Origin("7", 2, "whale"));
        assertThatThrownBy(() -> new TakeNewer(source(now), Set.of(), Set.of("ray"), false).on(after, ids())).as("it is here by now").isInstanceOf(
            Unacceptable.class);
    }

    @Test
    void aWordThatIsHeldHereComesHeld() {
        Vocabulary held = HERE.with(HERE.at("home").with(Facet.HOLD.with(Button.word("w", new Cell(1, 2), "whale", null, null), Hold.PLAIN)));
        Vocabulary now = now(Button.word("whale", new Cell(0, 2), "whale", null, null));
        assertThat(new TakeNewer(source(now), Set.of(), Set.of("whale"), false).on(held, ids()).after().at("shore").button("whale").orElseThrow().hidden())
            .isTrue();
    }

    @Test
    void whatIsRightAsItIsHereIsNotToldAgain() {
        Vocabulary now = now(Facet.LABEL.with(there("gull"), "sea gull"), Button.word("whale", new Cell(0, 2), "whale", null, null));
        Vocabulary after = new TakeNewer(source(now), Set.of(), Set.of(), true).on(HERE, ids()).after();
        assertThat(here(after, "gull").label()).isEqualTo("gull");
        assertThat(Newer.of(source(now), after).isNothing()).isTrue();
        assertThatThrownBy(() -> new TakeNewer(source(now), Set.of(), Set.of(), false).on(HERE, ids())).isInstanceOf(Unacceptable.class);
    }

    @Test
    void aWordThatIsThereNoMoreStaysHere() {
        Vocabulary now = THEN.with(THEN.at("shore").without("shore/eel"));
        assertThat(Newer.of(source(now), HERE).gone()).singleElement().satisfies(g -> assertThat(g.here().label()).isEqualTo("eel"));
        assertThat(Newer.of(source(now), HERE).isNothing()).isTrue();
    }
}
