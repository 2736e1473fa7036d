package org.dwimble.core.edit;

import java.util.List;
import org.dwimble.core.board.Place;
import org.dwimble.core.place.Spot;

/**
 * The words that change place by a change: they stand on another board after it, or in another row or column. That a cell was
 * split beside them, so that their cells are counted otherwise, moves nobody.
 */
public final class Moves {
    private Moves() {
    }

    /** @param button its id */
    public record Move(String button, Place from, Place to) {
    }

    /** In the order of the deltas. */
    public static List<Move> of(Change change) {
        return change.deltas().stream().filter(Delta.ButtonMoved.class::isInstance).map(Delta.ButtonMoved.class::cast)
            .filter(d -> !d.from().board().equals(d.to().board()) || begins(change, d))
            .map(d -> new Move(d.button(), d.from(), d.to())).toList();
    }

    private static boolean begins(Change change, Delta.ButtonMoved moved) {
        return !Spot.same(change.before().at(moved.from().board()).shape(), moved.from().standing().cell(),
            change.after().at(moved.to().board()).shape(), moved.to().standing().cell());
    }
}
