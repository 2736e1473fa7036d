package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Place;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.edit.ways.LeadTo;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.edit.words.MoveButton;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.edit.words.TakeOff;
import org.dwimble.core.reveal.Meant;
import org.junit.jupiter.api.Test;

class LearnedPlacesTest {
    private final Vocabulary morning = vocabulary(board("home", "I want . eat>eat"), board("eat", "apple egg . back:back"));

    private Map<String, Place> stood() {
        Map<String, Place> stood = new HashMap<>();
        morning.boards().values().forEach(board -> board.buttons().forEach(b -> stood.put(b.id(), new Place(board.id(), b.standing()))));
        return stood;
    }

    private static List<String> asked(LearnedPlaces learned, Vocabulary now, Intention intention) {
        return learned.before(intention.on(now, ids()), intention).map(a -> a.consequence().words().stream().map(w -> w.text()).toList()).orElse(List.of());
    }

    @Test
    void onlyWhatStoodThereThisMorningIsAskedAbout() {
        LearnedPlaces learned = new LearnedPlaces(stood(), false);
        MoveButton move = new MoveButton("home", "home/want", "home", new Cell(0, 2));
        assertThat(asked(learned, morning, move)).containsExactly("want");
        Vocabulary moved = move.on(morning, ids()).after();
        assertThat(asked(learned, moved, new MoveButton("home", "home/want", "home", new Cell(0, 1)))).as("it is not where it stood").isEmpty();
        Vocabulary fresh = new PutWords("eat", null, List.of(new ReadyWord("pear", null, Kind.THING))).on(morning, ids()).after();
        assertThat(asked(learned, fresh, new TakeOff("eat", "n1"))).isEmpty();
        assertThat(asked(learned, fresh, new TakeOff("eat", "eat/egg"))).containsExactly("egg");
        assertThat(asked(new LearnedPlaces(Map.of(), false), morning, move)).as("new today").isEmpty();
    }

    @Test
    void wherePlacesAreKeptEveryShownWordCountsUnlessItComesBack() {
        LearnedPlaces kept = new LearnedPlaces(stood(), true);
        Vocabulary fresh = new PutWords("eat", null, List.of(new ReadyWord("pear", null, Kind.THING))).on(morning, ids()).after();
        assertThat(asked(kept, fresh, new TakeOff("eat", "n1"))).containsExactly("pear");
        Vocabulary moved = new MoveButton("home", "home/want", "home", new Cell(0, 2)).on(morning, ids()).after();
        assertThat(asked(kept, moved, new MoveButton("home", "home/want", "home", new Cell(0, 1)))).as("back to where it stood").isEmpty();
        Vocabulary held = new HoldWords(Meant.onBoard("eat", false), "", null, false, null, null).on(morning, ids()).after();
        assertThat(asked(kept, held, new TakeOff("eat", "eat/egg"))).as("nobody sees it").isEmpty();
    }

    @Test
    void aWayThatIsLostIsAskedAboutAndWhatMovesNothingIsNot() {
        LearnedPlaces learned = new LearnedPlaces(stood(), false);
        assertThat(asked(learned, morning, new LeadTo("home", "home/eat", Leads.HOME))).containsExactly("apple", "egg");
        assertThat(asked(learned, morning, new GiveLabel("eat", "eat/egg", "eggs"))).isEmpty();
        assertThat(learned.before(new TakeOff("eat", "eat/egg").on(morning, ids()), new TakeOff("eat", "eat/egg")).orElseThrow().instead()).isNotNull();
        assertThat(learned.before(new TakeOff("eat", "eat/egg").on(morning, ids()), null).orElseThrow().instead()).isNull();
    }
}
