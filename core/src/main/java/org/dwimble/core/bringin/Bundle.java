package org.dwimble.core.bringin;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.plan.Plan;

/** Boards with all they need, kept under a name to be brought in many times. */
public final class Bundle {
    private Bundle() {
    }

    /**
     * Chosen boards as a vocabulary of nobody: with all they open if that is wanted, else with buttons that would open others only speaking. What leads
     * nowhere there leads nowhere here. The first that is not opened by another is home.
     *
     * @param there with each button known as the one it is there
     * @throws org.dwimble.core.told.Unacceptable if nothing is chosen, or a board is not there
     */
    public static Vocabulary of(Vocabulary there, List<String> boards, boolean withAll, String name, Supplier<String> ids) {
        Board nothing = Board.empty(ids.get(), ids.get(), new Shape(1, 1));
        Vocabulary nobody = new Vocabulary(there.whole().withPlan(Plan.NONE).withHome(nothing.id()), Map.of(nothing.id(), nothing));
        Arrival arrival = Arrival.of(there, nobody, withAll ? Wanted.all(boards) : Wanted.alone(boards));
        Map<String, Board> byId = new LinkedHashMap<>();
        Collection<Board> come = new ArrayList<>(arrival.asHere(ids).boards().values());
        come.forEach(board -> byId.put(board.id(), board));
        String home = arrival.first().stream().findFirst().map(Board::id).orElseThrow();
        return new Vocabulary(there.whole().withPlan(Plan.NONE).withExtras(Extras.NONE).withHome(home).withName(name), byId);
    }
}
