package org.dwimble.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Edit;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Text;
import org.dwimble.core.board.Vocabulary;

/** What is wrong with how the boards hang together, each with an edit that mends it. No mend moves a word. */
public final class Mending {
    private Mending() {
    }

    /** Loose ends first, then boards with no way out, then boards nothing opens. */
    public static List<Finding> of(Vocabulary vocabulary, Routes routes, Supplier<String> ids) {
        List<Finding> findings = new ArrayList<>();
        WayHome wayHome = WayHome.of(vocabulary);
        for (Routes.LooseEnd end : routes.looseEnds()) {
            findings.add(looseEnd(end, vocabulary, ids));
        }
        for (Board board : routes.withNoWayOut()) {
            findings.add(noWayOut(board, wayHome, ids));
        }
        for (Board board : routes.unreachable()) {
            findings.add(unreachable(board, vocabulary, wayHome, ids));
        }
        return findings;
    }

    private static Finding looseEnd(Routes.LooseEnd end, Vocabulary vocabulary, Supplier<String> ids) {
        Button button = end.button();
        Says says = button.spoken().isEmpty() && !button.label().isEmpty() ? Says.LABEL : button.says();
        String name = button.label().isEmpty() ? "New board" : Text.cut(button.label(), Board.LONGEST_NAME);
        return new Finding(Finding.What.LOOSE_END,
            "“%s” on %s opens a board that is not there.".formatted(button.label(), vocabulary.boards().get(end.board()).name()),
            end.board(), button.cell(),
            List.of(
                new Finding.Mend("make that board", new Edit.AddBoard(WayHome.newBoard(end.missing(), name, vocabulary, ids))),
                new Finding.Mend("let it only speak", new Edit.ChangeButton(end.board(), button.withLeads(Leads.STAYS).withSays(says)))));
    }

    private static Finding noWayOut(Board board, WayHome wayHome, Supplier<String> ids) {
        List<Edit> puts = new ArrayList<>();
        wayHome.missingOn(board, ids).forEach(b -> puts.add(new Edit.PutButton(board.id(), b)));
        boolean leadsHome = puts.stream().anyMatch(e -> ((Edit.PutButton) e).button().leads() instanceof Leads.Home);
        if (!leadsHome) {
            return new Finding(Finding.What.NO_WAY_OUT,
                board.name() + " has no way out, and no empty cell for one. Take a button off it first.", board.id(), null, List.of());
        }
        return new Finding(Finding.What.NO_WAY_OUT, board.name() + " has no way out.", board.id(), null,
            List.of(new Finding.Mend("put back and home in", new Edit.Several(puts))));
    }

    private static Finding unreachable(Board board, Vocabulary vocabulary, WayHome wayHome, Supplier<String> ids) {
        List<Cell> keptFree = wayHome.keptFree(vocabulary.homeBoard());
        List<Cell> empty = vocabulary.homeBoard().emptyCells().stream().filter(c -> !keptFree.contains(c)).toList();
        if (empty.isEmpty()) {
            return new Finding(Finding.What.UNREACHABLE,
                "No button opens " + board.name() + ", and " + vocabulary.homeBoard().name() + " has no empty cell for one.", board.id(), null, List.of());
        }
        Button opener = new Button(ids.get(), empty.get(0), Span.ONE, board.name(), Says.NOTHING,
            null, null, Kind.THING, new Leads.Opens(board.id()), List.of(), false, null);
        return new Finding(Finding.What.UNREACHABLE, "No button opens " + board.name() + ".", board.id(), null,
            List.of(new Finding.Mend("open it from " + vocabulary.homeBoard().name(), new Edit.PutButton(vocabulary.home(), opener))));
    }
}
