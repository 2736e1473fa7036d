package org.dwimble.core.edit;

import java.util.List;
import org.dwimble.core.board.Place;

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

    /** True if it begins elsewhere on its board by the shares of lines before it, to a thousandth of the board. */
    private static boolean begins(Change change, Delta.ButtonMoved moved) {
        var before = change.before().boards().get(moved.from().board()).shape();
        var after = change.after().boards().get(moved.to().board()).shape();
        boolean sameShape = before.equals(after);
        int rowWas = moved.from().standing().cell().row();
        int rowIs = moved.to().standing().cell().row();
        int columnWas = moved.from().standing().cell().column();
        int columnIs = moved.to().standing().cell().column();
        if (sameShape) {
            return rowWas != rowIs || columnWas != columnIs;
        }
        return part(before.allHeights(), rowWas) != part(after.allHeights(), rowIs) || part(before.allWidths(), columnWas) != part(after.allWidths(), columnIs);
    }

    private static long part(List<Integer> shares, int line) {
        double all = shares.stream().mapToInt(i -> i).sum();
        return Math.round(1000 * shares.subList(0, line).stream().mapToInt(i -> i).sum() / all);
    }
}
