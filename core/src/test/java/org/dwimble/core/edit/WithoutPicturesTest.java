package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.look.Look;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.plan.Hold;
import org.junit.jupiter.api.Test;

/** What goes along to another student, and what stays behind. */
class WithoutPicturesTest {
    private static final String PHOTO = "own/" + "ab".repeat(32);
    private static final Hold FACT = new Hold("allergy: egg", null, "Odile", LocalDate.parse("2026-11-20"), true);
    private final Vocabulary boards = boards();

    private static Vocabulary boards() {
        Board home = board("home", "egg Lot gone want");
        return vocabulary(home.with(List.of(
            home.button("home/egg").orElseThrow().withShown(new Shown(FACT, "s1", null, Look.PLAIN)),
            Facet.PICTURE.with(home.button("home/Lot").orElseThrow(), Layer.only(PHOTO)),
            home.button("home/gone").orElseThrow().withShown(new Shown(Hold.PLAIN, null, 2024, Look.PLAIN)),
            home.button("home/want").orElseThrow().withShown(Shown.YES.withStep("s1")))));
    }

    private WithoutPictures.Made without(Leaving.Whither whither, Leaving.Answer answer) {
        return WithoutPictures.of(boards, new Leaving(whither, answer, id -> new Leaving.Known(Shows.OTHERS, true)),
            button -> button.label().equals("Lot") ? Optional.of("core/somebody") : Optional.empty());
    }

    @Test
    void whereAPhotoStayedADrawnSymbolStandsOrNothing() {
        Leaving.Answer empty = new Leaving.Answer(false, false, true, true, Leaving.Instead.EMPTY);
        Button drawn = without(Leaving.Whither.PACKAGE, Leaving.Answer.NOTHING).vocabulary().homeBoard().button("home/Lot").orElseThrow();
        assertThat(drawn.picture()).isEqualTo("core/somebody");
        assertThat(drawn.label()).isEqualTo("Lot");
        assertThat(without(Leaving.Whither.PACKAGE, empty).vocabulary().homeBoard().button("home/Lot").orElseThrow().layers()).isEmpty();
        Leaving.Answer along = new Leaving.Answer(true, true, true, true, Leaving.Instead.EMPTY);
        assertThat(without(Leaving.Whither.PACKAGE, along).vocabulary().homeBoard().button("home/Lot").orElseThrow().picture()).isEqualTo(PHOTO);
        assertThat(without(Leaving.Whither.TEAM_PAPER, Leaving.Answer.NOTHING).vocabulary()).isSameAs(boards);
    }

    @Test
    void photosAndReasonsThatComeOfFactsStayBehindAndTheWordIsHeldStill() {
        WithoutPictures.Made made = without(Leaving.Whither.STUDENT, Leaving.Answer.NOTHING);
        assertThat(made.left()).isEqualTo(1);
        Board home = made.vocabulary().homeBoard();
        assertThat(home.button("home/Lot").orElseThrow().picture()).isEqualTo("core/somebody");
        assertThat(home.button("home/egg").orElseThrow().shown().hold()).isEqualTo(new Hold("", null, null, FACT.since(), false));
        assertThat(home.toString()).doesNotContain("allergy");
    }

    @Test
    void buttonsBroughtFromElsewhereLeaveTheirStepsAndHoldsBehind() {
        BringIn bring = new BringIn(boards, Wanted.alone(List.of("home")), new BringIn.Where("other", null, "home", null, false), false);
        Board copy = bring.on(vocabulary(board("other", "x . .")), ids()).after().at("home");
        assertThat(copy.buttons()).extracting(b -> b.label() + " " + b.hidden() + " " + b.shown().step()).contains("egg false null", "Lot false null",
            "gone true null", "want false null");
        assertThat(copy.toString()).doesNotContain("allergy");
    }
}
