package org.dwimble.core.regrid;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.told.Unacceptable;

/** Laying one board: first its ways home and back, then chosen rows, then what covers several cells, then all else by the least movement together. */
final class Laying {
    /** A way out that does not stand where it usually does still goes before every word. */
    private static final double WAY = 10_000;

    private final Board board;
    private final Onto onto;
    private final Ground ground;
    private final Weights weights;
    private final Map<String, Standing> stands = new HashMap<>();
    private final Set<Cell> free;
    /** Where other boards will have home or back. */
    private final Set<Cell> kept = new HashSet<>();
    private int narrowed;

    Laying(Board board, Onto onto, Ground ground, Weights weights) {
        this.board = board;
        this.onto = onto;
        this.ground = ground;
        this.weights = weights;
        this.free = new TreeSet<>(WayCells.cellsOf(onto));
    }

    /** Those of some buttons that were laid, each where it was. */
    List<Button> standing(Collection<Button> buttons) {
        return buttons.stream().flatMap(b -> Optional.ofNullable(stands.get(b.id())).map(b::withStanding).stream()).toList();
    }

    int narrowed() {
        return narrowed;
    }

    /** Cells another button has. */
    void takes(Button button) {
        button.standing().cells().forEach(free::remove);
    }

    /** Each where it is, by row and column. */
    void sameCells() {
        if (!onto.holds(board.shape())) {
            throw new Unacceptable("regrid-smaller", "board", board.name(), "rows", onto.shape().rows(), "columns", onto.shape().columns());
        }
        board.buttons().forEach(b -> stand(b, b.standing()));
    }

    /** @param keptFree cells of the board that are kept free for home and back */
    void pin(WayCells ways, List<Cell> keptFree) {
        board.buttons().stream().filter(Button::isWay).forEach(b -> ways.becomes(b.cell()).filter(free::contains)
            .ifPresent(cell -> stand(b, new Standing(cell, Span.ONE))));
        keptFree.forEach(cell -> ways.becomes(cell).ifPresent(kept::add));
        rows();
    }

    private void rows() {
        List<Integer> rows = onto.pinned().stream().filter(r -> r < board.rows()).sorted().toList();
        if (rows.size() > onto.shape().rows()) {
            throw new Unacceptable("regrid-pinned-rows", "pinned", rows.size(), "rows", onto.shape().rows());
        }
        List<Integer> news = IntStream.range(0, onto.shape().rows()).boxed().toList();
        int[] becomes = InOrder.least(Costs.of(rows, news, (was, is) -> ground.cost(at(was, 0), at(is, 0), 1)), rows.size());
        for (int i = 0; i < rows.size(); i++) {
            row(rows.get(i), becomes[i]);
        }
    }

    private static Standing at(int row, int column) {
        return Standing.at(new Cell(row, column));
    }

    private void row(int was, int is) {
        List<Button> words = board.buttons().stream().filter(b -> b.cell().row() == was && !stands.containsKey(b.id())).toList();
        List<Integer> open = free.stream().filter(c -> c.row() == is).map(Cell::column).toList();
        if (words.size() > open.size()) {
            throw new Unacceptable("regrid-pinned-row", "row", was + 1, "board", board.name(), "words", words.size(), "columns", open.size());
        }
        List<Integer> lines = IntStream.range(0, board.columns()).boxed().filter(c -> isOpen(was, c)).toList();
        boolean wider = onto.holds(board.shape()) && lines.size() <= open.size();
        List<Integer> columns = wider ? lines : words.stream().map(b -> b.cell().column()).toList();
        int[] becomes = InOrder.least(Costs.of(columns, open, (from, to) -> ground.cost(at(was, from), at(is, to), 1)), columns.size());
        for (Button word : words) {
            Cell cell = new Cell(is, open.get(becomes[columns.indexOf(word.cell().column())]));
            Standing whole = new Standing(cell, word.span());
            stand(word, wider && whole.fits(onto.shape()) && free.containsAll(whole.cells()) ? whole : Standing.at(cell));
        }
    }

    /** True if nothing that is placed already was there. */
    private boolean isOpen(int row, int column) {
        return board.at(new Cell(row, column)).filter(b -> stands.containsKey(b.id())).isEmpty();
    }

    /** What stands nowhere yet, in reading order. */
    List<Button> left() {
        return board.buttons().stream().filter(b -> !stands.containsKey(b.id())).toList();
    }

    /** Cells there are for it. */
    int room() {
        return free.size();
    }

    /**
     * Lays what is left.
     *
     * @param going   that do not stay on the board
     * @param openers ways to the new boards, by their topic
     */
    void lay(Set<String> going, Map<Topic, Button> openers) {
        List<Button> stay = left().stream().filter(b -> !going.contains(b.id())).toList();
        List<Button> all = new ArrayList<>(stay);
        Map<String, Standing> from = new HashMap<>();
        stay.forEach(b -> from.put(b.id(), b.standing()));
        openers.forEach((topic, opener) -> {
            all.add(opener);
            from.put(opener.id(), middleOf(topic));
        });
        large(stay, all.size());
        List<Button> small = all.stream().filter(b -> !stands.containsKey(b.id())).toList();
        Set<Cell> open = new TreeSet<>(free);
        if (small.size() <= open.stream().filter(c -> !kept.contains(c)).count()) {
            open.removeAll(kept);
        }
        List<Cell> cells = List.copyOf(open);
        int[] becomes = Assignment
            .least(Costs.of(small, cells, (b, cell) -> ground.cost(Objects.requireNonNull(from.get(b.id())), Standing.at(cell), weight(b))));
        for (int i = 0; i < small.size(); i++) {
            stand(small.get(i), Standing.at(cells.get(becomes[i])));
        }
    }

    private double weight(Button button) {
        return button.isWay() ? WAY : weights.of(button);
    }

    /** The word of a topic that stands in the middle of its words. */
    private static Standing middleOf(Topic topic) {
        return topic.buttons().get(topic.buttons().size() / 2).standing();
    }

    /** What covers several cells goes on covering as many, the weightiest first, as long as all else has a cell. */
    private void large(List<Button> stay, int count) {
        List<Button> large = stay.stream().filter(b -> !b.span().equals(Span.ONE)).sorted(Comparator.comparingDouble((Button b) -> -weight(b))).toList();
        int spare = free.size() - count;
        for (Button button : large) {
            Span span = new Span(Math.min(button.span().rows(), onto.shape().rows()), Math.min(button.span().columns(), onto.shape().columns()));
            while (span.rows() * span.columns() > 1) {
                Span wanted = span;
                Optional<Standing> best = span.rows() * span.columns() - 1 > spare ? Optional.empty()
                    : free.stream().map(c -> new Standing(c, wanted)).filter(s -> s.fits(onto.shape()) && free.containsAll(s.cells()))
                        .min(Comparator.comparingLong(s -> ground.cost(button.standing(), s, weight(button))));
                if (best.isPresent()) {
                    stand(button, best.get());
                    spare -= span.rows() * span.columns() - 1;
                    break;
                }
                span = span.rows() > span.columns() ? new Span(span.rows() - 1, span.columns()) : new Span(span.rows(), span.columns() - 1);
            }
        }
    }

    private void stand(Button button, Standing at) {
        stands.put(button.id(), at);
        at.cells().forEach(free::remove);
        narrowed += area(at) < area(button.standing()) ? 1 : 0;
    }

    private static int area(Standing standing) {
        return standing.span().rows() * standing.span().columns();
    }
}
