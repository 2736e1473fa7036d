package org.dwimble.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;

/**
 * Where home and back stand on a vocabulary's boards, so that a new board gets them in the same two cells
 * as its siblings and a hand finds them without looking. Gathered once for a vocabulary, in time in proportion
 * to its buttons. Safe to share between threads.
 */
public final class WayHome {
    private static final String HOME_PICTURE = "base/house-with-garden";
    private static final String BACK_PICTURE = "base/left-arrow";
    /** A board of the same size is an example before any number of others. */
    private static final int SAME_SIZE = 100_000;

    private record Example(Button button, int rows, int columns) {
    }

    private record Wanted(Leads leads, int rows, int columns) {
    }

    private final List<Example> examples = new ArrayList<>();
    /** Worked out as it is asked for, by several at once. */
    private final Map<Wanted, Optional<Button>> usual = new ConcurrentHashMap<>();

    private WayHome() {
    }

    /** A button that leads home, on a board of a vocabulary that has none to be like. */
    public static Button home(String id, Cell cell) {
        return Button.leading(id, cell, "home", HOME_PICTURE, Leads.HOME);
    }

    public static WayHome of(Vocabulary vocabulary) {
        WayHome wayHome = new WayHome();
        for (Board board : vocabulary.boards().values()) {
            Ways.of(board).out().forEach(b -> wayHome.examples.add(new Example(b, board.rows(), board.columns())));
        }
        return wayHome;
    }

    /** As {@link #of}, in less time if home and back stand where they stood: then it is the same. @param was what {@code before} is of */
    public static WayHome after(WayHome before, Vocabulary was, Vocabulary now) {
        boolean same = was.boards().keySet().equals(now.boards().keySet()) && now.boards().values().stream().allMatch(board -> {
            Board earlier = was.at(board.id());
            return earlier == board || earlier.rows() == board.rows() && earlier.columns() == board.columns()
                && Ways.of(earlier).out().equals(Ways.of(board).out());
        });
        return same ? before : of(now);
    }

    /**
     * The buttons a board lacks to lead home and back: each in the cell, and with the look, it most often has
     * on boards of the same size (ties: first in reading order), else on any board; if that row or column is off a smaller
     * board, in its last one; if that cell is taken or there is no example, in the last empty cell. Home alone if there is room for one, or if the other
     * boards all do without back. Fewer than two if the board has one already or is full.
     */
    public List<Button> missingOn(Board board, Supplier<String> ids) {
        List<Button> missing = new ArrayList<>();
        Board filling = board;
        for (Leads leads : board.emptyCells().size() == 1 ? List.of(Leads.HOME, Leads.BACK) : List.of(Leads.BACK, Leads.HOME)) {
            if (leads instanceof Leads.Back && withoutBack()) {
                continue;
            }
            List<Cell> empty = filling.emptyCells();
            if (has(filling, leads) || empty.isEmpty()) {
                continue;
            }
            Optional<Button> example = usual(leads, board);
            Cell cell = example.map(Button::cell).map(c -> within(c, board)).filter(empty::contains).orElse(empty.get(empty.size() - 1));
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
    public List<Cell> keptFree(Board board) {
        return List.of(Leads.BACK, Leads.HOME).stream()
            .filter(leads -> !has(board, leads))
            .flatMap(leads -> usual(leads, board).map(Button::cell).stream())
            .filter(cell -> board.has(cell) && board.at(cell).isEmpty())
            .distinct().sorted().toList();
    }

    /** What the other boards have in a cell that is kept free: back or home. */
    public Leads keptFor(Board board, Cell kept) {
        return !has(board, Leads.HOME) && usual(Leads.HOME, board).filter(b -> b.cell().equals(kept)).isPresent() ? Leads.HOME : Leads.BACK;
    }

    private static Cell within(Cell cell, Board board) {
        return new Cell(Math.min(cell.row(), board.rows() - 1), Math.min(cell.column(), board.columns() - 1));
    }

    private boolean withoutBack() {
        return !examples.isEmpty() && examples.stream().noneMatch(e -> e.button.leads() instanceof Leads.Back);
    }

    private static boolean has(Board board, Leads leads) {
        return Ways.of(board).has(leads);
    }

    private Optional<Button> usual(Leads leads, Board board) {
        return usual.computeIfAbsent(new Wanted(leads, board.rows(), board.columns()), this::usual);
    }

    private Optional<Button> usual(Wanted wanted) {
        Map<Cell, Button> first = new HashMap<>();
        Map<Cell, Integer> counts = new HashMap<>();
        for (Example example : examples) {
            if (example.button.leads().equals(wanted.leads)) {
                boolean sameSize = example.rows == wanted.rows && example.columns == wanted.columns;
                first.putIfAbsent(example.button.cell(), example.button);
                counts.merge(example.button.cell(), sameSize ? SAME_SIZE : 1, Integer::sum);
            }
        }
        return counts.entrySet().stream()
            .min(Comparator.comparing((Map.Entry<Cell, Integer> e) -> -e.getValue()).thenComparing(Map.Entry::getKey))
            .map(e -> first.get(e.getKey()));
    }
}
