package org.dwimble.core.edit.whole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Lines;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.place.Fate;
import org.dwimble.core.place.Spot;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Puts words that moved back to where they were: one, those of a board, or all; one change. What stands in their place and
 * has moved too goes back with them; what is new there gives way to the nearest empty cell, and if there is none, the board
 * gets a row more at its end. Words whose board is gone stay where they are. Boards that were larger are as large again.
 *
 * @param then   how it was
 * @param board  those that stand or stood on this board; null for all
 * @param button this one alone; null for all of the board
 */
public record PutBack(Vocabulary then, @Nullable String board, @Nullable String button) implements Intention {
    /** A word that stands elsewhere than it stood. */
    private record Went(String id, String text, Spot was, Spot is) {
        /** None if it was known by what it says alone. */
        static Optional<Went> of(Comparison.Word word) {
            String id = word.after();
            Spot was = word.was();
            Spot is = word.is();
            return id != null && was != null && is != null && id.equals(word.before()) ? Optional.of(new Went(id, word.text(), was, is)) : Optional.empty();
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Map<String, Went> moved = new LinkedHashMap<>();
        Comparison.of(then, now).words(Fate.MOVED).stream().flatMap(w -> Went.of(w).stream())
            .filter(w -> now.boards().containsKey(w.was.board())).forEach(w -> moved.put(w.id, w));
        Set<Went> back = chosen(now, moved);
        if (back.isEmpty()) {
            throw new Unacceptable("nothing-to-put-back");
        }
        Map<String, Board> boards = new HashMap<>();
        Map<Went, Button> going = new LinkedHashMap<>();
        for (Went word : back) {
            Board from = boards.getOrDefault(word.is.board(), now.at(word.is.board()));
            going.put(word, from.button(word.id).orElseThrow());
            boards.put(from.id(), from.without(word.id));
        }
        for (Map.Entry<Went, Button> goes : going.entrySet()) {
            Spot was = goes.getKey().was;
            Board to = boards.getOrDefault(was.board(), now.at(was.board()));
            boards.put(to.id(), back(to, goes.getValue(), was.standing(), moved.keySet()));
        }
        List<String> names = back.stream().map(w -> Text.cut(w.text, 30)).toList();
        Set<Key> needs = new LinkedHashSet<>();
        back.forEach(w -> {
            needs.add(new Key.OfPlace(w.id));
            needs.add(new Key.OfShape(w.was.board()));
            w.was.standing().cells().forEach(c -> needs.add(new Key.OfCell(w.was.board(), c)));
        });
        return Change.of(now, now.with(boards.values()), Needs.of(needs),
            Told.of("put-back", "names", names.stream().limit(3).toList(), "more", Math.max(0, names.size() - 3), "count", names.size()));
    }

    /** What goes back: what is wanted, and whatever moved into its place. */
    private Set<Went> chosen(Vocabulary now, Map<String, Went> moved) {
        Set<Went> back = new LinkedHashSet<>();
        List<Went> wanted = new ArrayList<>(moved.values().stream()
            .filter(w -> button == null ? board == null || board.equals(w.was.board()) || board.equals(w.is.board()) : button.equals(w.id)).toList());
        while (!wanted.isEmpty()) {
            Went word = wanted.remove(wanted.size() - 1);
            if (back.add(word)) {
                Board on = now.at(word.was.board());
                word.was.standing().cells().stream().flatMap(c -> on.at(c).stream()).map(b -> moved.get(b.id())).filter(Objects::nonNull).forEach(wanted::add);
            }
        }
        return back;
    }

    private Board back(Board to, Button button, Standing standing, Set<String> moved) {
        Board roomy = standing.fits(to.shape()) ? to : to.withShape(larger(to, then.at(to.id()).shape(), standing));
        Set<String> steadfast = new HashSet<>();
        then.at(to.id()).buttons().stream().map(Button::id).filter(id -> !moved.contains(id)).forEach(steadfast::add);
        boolean covers = standing.cells().stream().flatMap(c -> roomy.at(c).stream()).anyMatch(b -> steadfast.contains(b.id()) && !b.standing()
            .covers(standing.cell()));
        Standing free = covers ? Standing.at(standing.cell()) : standing;
        List<Button> inTheWay = free.cells().stream().flatMap(c -> roomy.at(c).stream()).distinct().toList();
        Board cleared = roomy;
        for (Button way : inTheWay) {
            cleared = cleared.without(way.id());
        }
        Board placed = cleared.with(button.withStanding(free));
        for (Button way : inTheWay) {
            placed = aside(placed, way);
        }
        return placed;
    }

    /** As large as it was, or as large as is needed. */
    private static Shape larger(Board now, Shape then, Standing standing) {
        if (now.buttons().stream().allMatch(b -> b.standing().fits(then))) {
            return then;
        }
        return new Shape(Math.max(now.rows(), standing.cell().row() + standing.span().rows()),
            Math.max(now.columns(), standing.cell().column() + standing.span().columns()));
    }

    /** What is new gives way to the nearest empty cell. */
    private static Board aside(Board board, Button button) {
        Cell from = button.cell();
        Optional<Cell> near = board.emptyCells().stream()
            .min(Comparator.comparingInt((Cell c) -> Math.abs(c.row() - from.row()) + Math.abs(c.column() - from.column())).thenComparing(c -> c));
        Board roomy = near.isPresent() ? board : Lines.inserted(board, Axis.ROWS, board.rows(), board.shape().allHeights().get(board.rows() - 1));
        return roomy.with(button.withStanding(Standing.at(near.orElse(new Cell(board.rows(), 0)))));
    }
}
