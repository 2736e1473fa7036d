package org.dwimble.core.bringin;

import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * What a board has, whatever it and its buttons are known by: two boards of the same content show and say the same in the same places, and open boards of
 * the same names. Its own name, its look, and what is shown when are no part of it.
 */
record Content(Shape shape, List<Piece> pieces) {
    /** @param leads a way, or the folded name of the board it opens */
    record Piece(Standing standing, Face face, Says says, HowSaid how, @Nullable String sound, List<Doing> doings, Object leads) {
    }

    static Content of(Board board, Vocabulary in) {
        return new Content(board.shape(), board.buttons().stream().map(b -> piece(b, in)).toList());
    }

    /** Ids of the buttons of a board that another board has not in the same cells. */
    static List<String> only(Board board, Vocabulary in, Board other, Vocabulary of) {
        Set<Piece> there = Set.copyOf(of(other, of).pieces);
        return board.buttons().stream().filter(b -> !there.contains(piece(b, in))).map(Button::id).toList();
    }

    private static Piece piece(Button b, Vocabulary in) {
        Object leads = b.leads() instanceof Leads.Opens opens ? in.board(opens.board()).map(Board::name).map(Names::folded).orElse("") : b.leads();
        return new Piece(b.standing(), b.face(), b.says(), b.how(), b.sound(), b.doings(), leads);
    }
}
