package org.dwimble.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;

/**
 * Where home and back stand on a vocabulary's boards, so that a new board gets them in the same two cells
 * as its siblings and a hand finds them without looking.
 */
public final class WayHome {
    private static final String HOME_PICTURE = "base/house-with-garden";
    private static final String BACK_PICTURE = "base/left-arrow";

    private WayHome() {
    }

    /**
     * The buttons a board lacks to lead home and back: each in the cell, and with the look, it most often has
     * on boards of the same size (ties: first in reading order), else on any board; if that cell is taken or
     * there is no example, in the last empty cell. Home alone if there is room for one. Fewer than two if the board has one already or is full.
     */
    public static List<Button> missingOn(Board board, Vocabulary vocabulary, Supplier<String> ids) {
        List<Button> missing = new ArrayList<>();
        Board filling = board;
        for (Leads leads : board.emptyCells().size() == 1 ? List.of(Leads.HOME, Leads.BACK) : List.of(Leads.BACK, Leads.HOME)) {
            if (filling.buttons().stream().anyMatch(b -> b.leads().equals(leads))) {
                continue;
            }
            Optional<Button> example = usual(leads, board, vocabulary);
            List<Cell> empty = filling.emptyCells();
            if (empty.isEmpty()) {
                break;
            }
            Cell cell = example.map(Button::cell).filter(empty::contains).orElse(empty.get(empty.size() - 1));
            boolean home = leads instanceof Leads.Home;
            Button button = Button.leading(ids.get(), cell,
                example.map(Button::label).orElse(home ? "home" : "back"),
                example.map(Button::picture).orElse(home ? HOME_PICTURE : BACK_PICTURE), leads);
            missing.add(button);
            filling = filling.with(button);
        }
        return missing;
    }

    /**
     * Empty cells of a board that are best left so: where the other boards have back and home. A hand that goes
     * home twice in a row then says nothing by mistake. In reading order.
     */
    public static List<Cell> keptFree(Board board, Vocabulary vocabulary) {
        List<Cell> empty = board.emptyCells();
        return List.of(Leads.BACK, Leads.HOME).stream()
            .filter(leads -> board.buttons().stream().noneMatch(b -> b.leads().equals(leads)))
            .flatMap(leads -> usual(leads, board, vocabulary).map(Button::cell).stream())
            .filter(empty::contains).distinct().sorted().toList();
    }

    /** An empty board of home's size with its way home and back where its siblings have them. */
    public static Board newBoard(String id, String name, Vocabulary vocabulary, Supplier<String> ids) {
        Board home = vocabulary.homeBoard();
        Board bare = Board.empty(id, name, home.rows(), home.columns());
        return bare.withButtons(missingOn(bare, vocabulary, ids));
    }

    private static Optional<Button> usual(Leads leads, Board board, Vocabulary vocabulary) {
        Map<Cell, Button> examples = new HashMap<>();
        Map<Cell, Integer> counts = new HashMap<>();
        for (Board sibling : vocabulary.boardsById().values()) {
            boolean sameSize = sibling.rows() == board.rows() && sibling.columns() == board.columns();
            for (Button button : sibling.buttons()) {
                if (button.leads().equals(leads)) {
                    examples.putIfAbsent(button.cell(), button);
                    counts.merge(button.cell(), sameSize ? 1000 : 1, Integer::sum);
                }
            }
        }
        return counts.entrySet().stream()
            .min(Comparator.comparing((Map.Entry<Cell, Integer> e) -> -e.getValue()).thenComparing(Map.Entry::getKey))
            .map(e -> examples.get(e.getKey()));
    }
}
