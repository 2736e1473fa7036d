package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.WholeRoom;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.edit.boards.LayRows;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.pattern.Pattern;
import org.junit.jupiter.api.Test;

/** Pads to draw on, and the room they take. */
class PadTest {
    private static Button pad(Board board) {
        return board.buttons().stream().filter(b -> b.doings().contains(Doing.DRAW)).findFirst().orElseThrow();
    }

    @Test
    void theLargestRoomIsTheRectangleThatCoversMost() {
        assertThat(WholeRoom.of(board("b", "a . . .", ". . . .", "x y . ."), Set.of())).contains(new Standing(new Cell(0, 1), new Span(2, 3)));
        assertThat(WholeRoom.of(board("b", ". . .", ". . .", "home . ."), Set.of())).contains(new Standing(new Cell(0, 0), new Span(2, 3)));
        assertThat(WholeRoom.of(board("b", ". . .", ". . .", "home . ."), Set.of(new Cell(0, 0), new Cell(0, 1), new Cell(0, 2))))
            .contains(new Standing(new Cell(1, 1), new Span(2, 2)));
        assertThat(WholeRoom.of(board("b", "a b", "c d"), Set.of())).isEmpty();
        assertThat(WholeRoom.of(Board.empty("b", "b", new Shape(1, 1)), Set.of())).contains(Standing.at(new Cell(0, 0)));
    }

    @Test
    void aPadAloneOnANewBoardCoversItButForItsWays() {
        Vocabulary now = vocabulary(board("home", "I . . .", ". . . .", ". . . ."), board("a", "x . . .", ". . . .", "back:back home:home . ."),
            board("b", "y . . .", ". . . .",
                "back:back home:home . ."));
        Pattern pattern = Pattern.ALL.stream().filter(p -> p.laid() == Pattern.Laid.WHOLE).findFirst().orElseThrow();
        Change laid = new LayRows("my drawings", "home", null, new Shape(3, 4), pattern, List.of(new ReadyWord("pad", "core/draw", null))).on(now, ids());
        Board board = laid.after().at(laid.added().get(0));
        assertThat(pad(board).standing()).isEqualTo(new Standing(new Cell(0, 0), new Span(2, 4)));
        assertThat(pad(board).isWord()).isFalse();
        assertThat(board.buttons()).extracting(Button::leads).contains(Leads.HOME);
    }

    @Test
    void withOtherWordsItTakesACellAsAnyOther() {
        Vocabulary now = vocabulary(board("home", "I . . .", ". . . ."));
        Change put = new PutWords("home", null, List.of(ReadyWord.pad("pad", null))).on(now, ids());
        assertThat(pad(put.after().homeBoard()).span()).isEqualTo(Span.ONE);
    }
}
