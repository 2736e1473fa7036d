package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.Collections;
import java.util.List;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.AddWords;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.OfLater;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.edit.boards.BoardOfSayings;
import org.dwimble.core.edit.looks.CopyOnto;
import org.dwimble.core.edit.ways.PutDoing;
import org.dwimble.core.edit.words.GiveDoings;
import org.dwimble.core.edit.words.Saying;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.Quip;
import org.dwimble.core.voice.When;
import org.junit.jupiter.api.Test;

/** What a button does, given to it, put on a board and copied onto others. */
class DoingIntentionsTest {
    private static final String SOUND = "own/" + "ab".repeat(32);
    private static final Doing NATIVE = new OtherAction("\":native\"");
    private final Vocabulary vocabulary = vocabulary(board("quay", "crab gull .", "seal . ."));

    private static Button on(Vocabulary vocabulary, String label) {
        return vocabulary.homeBoard().buttons().stream().filter(b -> b.label().equals(label)).findFirst().orElseThrow();
    }

    private Vocabulary with(Button changed) {
        return vocabulary.with(vocabulary.homeBoard().with(changed));
    }

    @Test
    void doingsAreInTheOrderGivenAndTheWordComesFirstUnlessItIsPut() {
        Button crab = on(vocabulary, "crab");
        Vocabulary after = new GiveDoings("quay", crab.id(), List.of(Doing.OWN_WORD, Doing.CLEAR, Doing.OWN_WORD, Doing.SAY)).on(vocabulary, ids()).after();
        assertThat(on(after, "crab").doings()).as("first is where it comes anyway").containsExactly(Doing.CLEAR, Doing.SAY);
        after = new GiveDoings("quay", crab.id(), List.of(Doing.CLEAR, Doing.OWN_WORD, Doing.OWN_WORD)).on(vocabulary, ids()).after();
        assertThat(on(after, "crab").doings()).containsExactly(Doing.CLEAR, Doing.OWN_WORD);
        assertThat(on(after, "crab").isWord()).isTrue();
    }

    @Test
    void whatIsNotKnownHereIsMovedAndTakenOutAndNeverBroughtIn() {
        Button crab = on(vocabulary, "crab");
        Vocabulary carrying = with(crab.withActs(crab.acts().withDoings(List.of(NATIVE, Doing.CLEAR))));
        assertThat(on(new GiveDoings("quay", crab.id(), List.of(Doing.CLEAR, NATIVE)).on(carrying, ids()).after(), "crab").doings())
            .containsExactly(Doing.CLEAR, NATIVE);
        assertThat(on(new GiveDoings("quay", crab.id(), List.of()).on(carrying, ids()).after(), "crab").doings()).isEmpty();
        for (Doing foreign : List.of(new OtherAction("\":other\""), new OfLater("\"glow\""))) {
            assertThatThrownBy(() -> new GiveDoings("quay", crab.id(), List.of(foreign)).on(carrying, ids())).hasMessage("doing-unknown");
            assertThatThrownBy(() -> new PutDoing("quay", null, "x", null, foreign)).hasMessage("doing-unknown");
        }
    }

    @Test
    void moreThanAButtonCanDoIsRefused() {
        assertThatThrownBy(() -> new GiveDoings("quay", "x", Collections.nCopies(Acts.MOST_DOINGS + 1, Doing.SAY))).hasMessageContaining("too-many-doings");
    }

    @Test
    void aButtonThatSaysItStandsInTheNextCellWithThePictureOfOneThatDoesTheSame() {
        Vocabulary after = new PutDoing("quay", null, "say it", "base/kite", Doing.SAY).on(vocabulary, ids()).after();
        Button first = on(after, "say it");
        assertThat(first.isWord()).isFalse();
        assertThat(first.kind()).isNull();
        Vocabulary twice = new PutDoing("quay", null, "speak", null, Doing.SAY).on(after, () -> "other").after();
        assertThat(on(twice, "speak").picture()).isEqualTo("base/kite");
        assertThat(on(new PutDoing("quay", null, "clear", null, Doing.CLEAR).on(twice, () -> "third").after(), "clear").picture()).isNull();
    }

    @Test
    void whatAButtonDoesIsCopiedOntoOthersAndItsVoiceOnlyWithItsWords() {
        Button crab = on(vocabulary, "crab");
        HowSaid how = new HowSaid(Manner.SHOUTED, When.AT_ONCE, "krab");
        Acts acts = new Acts(Says.LABEL, how, SOUND, List.of(new AddWords("please")), Leads.HOME);
        CopyOnto copy = new CopyOnto("quay", crab.id(), CopyOnto.What.DOES, CopyOnto.Onto.CHOSEN, List.of(on(vocabulary, "gull").id()));
        Button gull = on(copy.on(with(crab.withActs(acts)), ids()).after(), "gull");
        assertThat(gull.acts())
            .isEqualTo(new Acts(Says.LABEL, new HowSaid(Manner.SHOUTED, When.AT_ONCE, null), null, List.of(new AddWords("please")), Leads.HOME));
        Acts worded = acts.withSays(new Says.Words("Look, a crab"));
        assertThat(on(copy.on(with(crab.withActs(worded)), ids()).after(), "gull").acts()).as("a text goes with the voice that says it").isEqualTo(worded);
    }

    @Test
    void twoPeopleCopyAndChangeWhatIsCopiedAndTheSecondIsMet() {
        CopyOnto copy = new CopyOnto("quay", "quay/crab", CopyOnto.What.DOES, CopyOnto.Onto.CHOSEN, List.of("quay/gull"));
        assertThat(copy.on(vocabulary, ids()).needs().keys()).contains(new Key.OfFacet("quay/gull", Facet.DOINGS), new Key.OfFacet("quay/crab", Facet.SOUND),
            new Key.OfFacet("quay/gull", Facet.SAYS), new Key.OfFacet("quay/gull", Facet.HOW));
    }

    @Test
    void aBoardOfAllQuipsForOnePurposeIsOpenedFromACellAndEachIsSaidInItsManner() {
        List<Saying> sayings = Quip.ALL.stream().filter(q -> q.purpose().equals("to cheer"))
            .map(q -> new Saying(q.text(), null, Kind.SOCIAL, null, new HowSaid(q.manner(), When.BOTH, null), null, null)).toList();
        Vocabulary after = new BoardOfSayings("quay", new Cell(0, 2), " to cheer ", sayings).on(vocabulary, ids()).after();
        Button opener = on(after, "to cheer");
        assertThat(opener.isWord()).isFalse();
        List<Button> quips = after.boards().values().stream().filter(b -> !b.id().equals("quay")).flatMap(b -> b.buttons().stream())
            .filter(Button::isWord).toList();
        assertThat(quips).extracting(Button::label).containsExactlyInAnyOrderElementsOf(sayings.stream().map(Saying::label).toList());
        assertThat(quips).filteredOn(b -> b.label().equals("that was close")).first().extracting(b -> b.how().manner()).isEqualTo(Manner.WHISPERED);
        assertThatThrownBy(() -> new BoardOfSayings("quay", new Cell(0, 2), "none", List.of())).hasMessage("nothing-to-change");
    }

    @Test
    void thereAreQuipsForEachPurposeAndNoneTwice() {
        assertThat(Quip.ALL).hasSizeGreaterThanOrEqualTo(40).extracting(Quip::text).doesNotHaveDuplicates();
        assertThat(Quip.ALL).extracting(Quip::manner).contains(Manner.BRIGHTLY, Manner.CROSSLY, Manner.SLEEPILY, Manner.WHISPERED, Manner.SHOUTED);
    }
}
