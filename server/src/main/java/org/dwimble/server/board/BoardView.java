package org.dwimble.server.board;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Span;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.look.Look;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/** A board as a client sees it. Lines are empty if all are equal. What is only carried along stays here. */
public record BoardView(String id, String name, int rows, int columns, List<Integer> heights, List<Integer> widths, Look look, List<ButtonView> buttons) {

    /**
     * @param picture the lowest of its layers, by which it is known
     * @param layers  its pictures, the first lowest
     * @param how     how it says what it says, if that is not as usual
     * @param kind    null if it is no word
     * @param hidden  true if it is held, whatever the step
     * @param step    id of the step it belongs to; none if it belongs to none
     * @param left    the year somebody left
     * @param look    what is its own about its look
     */
    public record ButtonView(String id, Cell cell, Span span, String label, Says says, @Nullable String picture, List<Layer> layers, @Nullable HowSaid how,
        @Nullable String sound,
        @Nullable Kind kind, Leads leads, List<Doing> doings, boolean hidden, @Nullable String step,
        @Nullable Integer left, Look look) {
        public static ButtonView of(Button b) {
            return new ButtonView(b.id(), b.cell(), b.span(), b.label(), b.says(), b.picture(), b.layers(),
                b.how().equals(HowSaid.USUAL) ? null : b.how(), b.sound(), b.kind(), b.leads(),
                b.doings(), b.hidden(), b.shown().step(), b.shown().left(), b.look());
        }
    }

    public static BoardView of(Board board) {
        return new BoardView(board.id(), board.name(), board.rows(), board.columns(), board.shape().heights(), board.shape().widths(), board.look(),
            board.buttons().stream().map(ButtonView::of).toList());
    }
}
