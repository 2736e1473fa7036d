package org.dwimble.core.mend;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;

/**
 * What is wrong with how the boards hang together, each with intentions that mend it. No mend moves a word. The same
 * vocabulary gives the same findings; they take time in proportion to what is wrong, once routes are known.
 */
public final class Mending {
    private Mending() {
    }

    /** Loose ends first, then boards with no way out, then boards nothing opens. */
    public static List<Finding> of(Vocabulary vocabulary, Routes routes, WayHome wayHome) {
        List<Finding> findings = new ArrayList<>();
        for (Routes.LooseEnd end : routes.looseEnds()) {
            findings.add(looseEnd(end, vocabulary));
        }
        for (Board board : routes.withNoWayOut()) {
            findings.add(noWayOut(board, wayHome));
        }
        boolean room = OpenFromHome.cell(vocabulary, wayHome).isPresent();
        for (Board board : routes.unreachable()) {
            findings.add(unreachable(board, vocabulary.homeBoard(), room));
        }
        return findings;
    }

    private static Finding looseEnd(Routes.LooseEnd end, Vocabulary vocabulary) {
        Button button = end.button();
        return new Finding(Finding.What.LOOSE_END, Told.of("loose-end", "button", button.label(), "board", vocabulary.at(end.board()).name()),
            end.board(), button.cell(),
            List.of(new Finding.Mend(Told.of("mend-make-board"), new MakeMissingBoard(end.board(), button.id())),
                new Finding.Mend(Told.of("mend-only-speak"), new LetItSpeak(end.board(), button.id()))));
    }

    private static Finding noWayOut(Board board, WayHome wayHome) {
        boolean leadsHome = wayHome.missingOn(board, () -> "home").stream().anyMatch(b -> b.leads() instanceof Leads.Home);
        return leadsHome
            ? new Finding(Finding.What.NO_WAY_OUT, Told.of("no-way-out", "board", board.name()), board.id(), null,
                List.of(new Finding.Mend(Told.of("mend-way-home"), new PutWayHome(board.id()))))
            : new Finding(Finding.What.NO_WAY_OUT, Told.of("no-way-out-full", "board", board.name()), board.id(), null, List.of());
    }

    private static Finding unreachable(Board board, Board home, boolean room) {
        return room
            ? new Finding(Finding.What.UNREACHABLE, Told.of("unreachable", "board", board.name()), board.id(), null,
                List.of(new Finding.Mend(Told.of("mend-open-from", "home", home.name()), new OpenFromHome(board.id()))))
            : new Finding(Finding.What.UNREACHABLE, Told.of("unreachable-full", "board", board.name(), "home", home.name()), board.id(), null, List.of());
    }
}
