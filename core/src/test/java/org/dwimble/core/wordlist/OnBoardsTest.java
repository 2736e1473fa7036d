package org.dwimble.core.wordlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.Look;
import org.dwimble.core.measure.Length;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.support.Material;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.support.Printed;
import org.junit.jupiter.api.Test;

/** A list and the boards of its student. */
class OnBoardsTest {
    private final Vocabulary boards = vocabulary(
        board("home", "I want sea>sea", "go . ."),
        board("sea", "crab seal .", "back:back home:home want"));

    private static ListedWord word(String id, String text) {
        return ListedWord.of(id, text, "base/" + text, Kind.THING);
    }

    @Test
    void theWayIsThatOfTheNearestPlaceThatIsSeen() {
        assertThat(new OnBoards(boards).to(Printed.of("Seal", null))).containsExactly(new Material.Tap("home", 2, 3, new Cell(0, 2)),
            new Material.Tap("sea", 2, 3, new Cell(0, 1)));
        assertThat(new OnBoards(boards).to(Printed.of("want", null))).as("on home too").hasSize(1);
        Vocabulary held = new HoldWords(Meant.of(List.of("home/want")), "", null, false, null, null).on(boards, ids()).after();
        assertThat(new OnBoards(held).to(Printed.of("want", null))).hasSize(2);
        assertThat(new OnBoards(boards).to(Printed.of("sea lion", null))).isEmpty();
        assertThat(new OnBoards(boards).to(Printed.of("", "base/crab"))).isEmpty();
    }

    @Test
    void wordsStandAsOnTheBoardsUnlessThePageSaysItself() {
        WordList list = WordList.of("Trip", List.of(word("a", "seal").withSecond("phoque"))).withSecond(new Second("fr", false));
        Vocabulary theirs = boards.with(boards.whole().withLook(new Look(null, null, null, LabelPlace.ABOVE, 50, null, null, null, null, null)));
        WordList printed = list.as(theirs);
        assertThat(printed.page().labels()).isEqualTo(LabelPlace.ABOVE);
        assertThat(printed.page().picture()).isEqualTo(50);
        assertThat(printed.second()).as("boards in English").isEqualTo(new Second("fr", false));
        assertThat(list.withPage(list.page().withLabels(LabelPlace.NONE)).as(theirs).page().labels()).isEqualTo(LabelPlace.NONE);
        Vocabulary french = Vocabulary.of("Mots", "home", "fr-CA", boards.boards().values());
        assertThat(list.as(french).second()).isEqualTo(new Second("fr", true));
    }

    @Test
    void aListIsABoardInItsGridOrInAboutAsManyRowsAsColumns() {
        List<ListedWord> words = IntStream.range(0, 5).mapToObj(i -> word("w" + i, "word" + i)).toList();
        WordList list = WordList.of("Baking", words);
        Board plain = ListBoard.of(list, "en").homeBoard();
        assertThat(List.of(plain.rows(), plain.columns())).containsExactly(2, 3);
        assertThat(plain.buttons()).extracting(Button::label).containsExactly("word0", "word1", "word2", "word3", "word4");
        Board grid = ListBoard.of(list.withSupport(new OwnGrid(2, 4, List.of(0, 2), Length.ZERO, "", false)), "en").homeBoard();
        assertThat(grid.buttons()).extracting(Button::cell).containsExactly(new Cell(0, 1), new Cell(0, 3), new Cell(1, 0), new Cell(1, 1), new Cell(1, 2));
        assertThat(ListBoard.of(WordList.of("None", List.of()), "en").homeBoard().buttons()).isEmpty();
    }
}
