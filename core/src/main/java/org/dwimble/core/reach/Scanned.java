package org.dwimble.core.reach;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.dwimble.core.access.Round;
import org.dwimble.core.access.ScanCost;
import org.dwimble.core.access.Scanning;
import org.dwimble.core.access.Stop;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.jspecify.annotations.Nullable;

/** What it costs to choose buttons by scanning, each board worked out once. What the message adds to a round stands after the words and costs them nothing. */
final class Scanned {
    private final @Nullable Scanning how;
    private final Predicate<Button> kept;
    private final Map<String, Map<String, ScanCost>> costs = new HashMap<>();

    Scanned(@Nullable Scanning how, Predicate<Button> kept) {
        this.how = how;
        this.kept = kept;
    }

    /** Before anything is chosen; null if nothing is scanned. */
    @Nullable
    ScanCost begin() {
        return how == null ? null : ScanCost.NOTHING;
    }

    /** @param button null for none */
    @Nullable
    ScanCost after(@Nullable ScanCost before, Board board, @Nullable Button button) {
        if (before == null || how == null || button == null) {
            return null;
        }
        ScanCost own = costs.computeIfAbsent(board.id(), id -> ScanCost.of(how, round(how, board))).get(button.id());
        return own == null ? null : before.plus(own);
    }

    private List<Stop> round(Scanning scanning, Board board) {
        List<Round.Placed> placed = board.buttons().stream().filter(kept.negate()).map(b -> new Round.Placed(b.id(), b.cell())).toList();
        return Round.of(scanning, board.shape().rows(), board.shape().columns(), placed, List.of());
    }
}
