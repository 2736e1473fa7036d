package org.dwimble.core.edit.whole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
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
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Map<String, Comparison.Word> moved = new LinkedHashMap<>();
        Comparison.of(then, now).words(Fate.MOVED).stream()
            .filter(w -> w.before().equals(w.after()) && now.boards().containsKey(w.was().board())).forEach(w -> moved.put(w.after(), w));
        Set<String> back = chosen(now, moved);
        if (back.isEmpty()) {
            throw new Unacceptable("nothing-to-put-back");
        }
        Map<String, Board> boards = new HashMap<>();
        Map<String, Button> going = new LinkedHashMap<>();
        for (String id : back) {
            Comparison.Word word = moved.get(id);
            Board from = boards.getOrDefault(word.is().board(), now.boards().get(word.is().board()));
            going.put(id, from.button(id).orElseThrow());
            boards.put(from.id(), from.without(id));
        }
        for (Map.Entry<String, Button> goes : going.entrySet()) {
            Comparison.Word word = moved.get(goes.getKey());
            Board to = boards.getOrDefault(word.was().board(), now.boards().get(word.was().board()));
            boards.put(to.id(), back(to, goes.getValue(), word, moved.keySet()));
        }
        List<String> names = back.stream().map(id -> Text.cut(moved.get(id).text(), 30)).toList();
        Set<Key> needs = new LinkedHashSet<>();
        back.forEach(id -> {
            needs.add(new Key.OfPlace(id));
            needs.add(new Key.OfShape(moved.get(id).was().board()));
            moved.get(id).was().standing().cells().forEach(c -> needs.add(new Key.OfCell(moved.get(id).was().board(), c)));
        });
        return Change.of(now, now.with(boards.values()), Needs.of(needs),
            Told.of("put-back", "names", names.stream().limit(3).toList(), "more", Math.max(0, names.size() - 3), "count", names.size()));
    }

    /** Ids of what goes back: what is wanted, and whatever moved into its place. */
    private Set<String> chosen(Vocabulary now, Map<String, Comparison.Word> moved) {
        Set<String> back = new LinkedHashSet<>();
        List<String> wanted = new ArrayList<>(moved.values().stream()
            .filter(w -> button == null ? board == null || board.equals(w.was().board()) || board.equals(w.is().board()) : button.equals(w.after()))
            .map(Comparison.Word::after).toList());
        while (!wanted.isEmpty()) {
            String id = wanted.remove(wanted.size() - 1);
            if (back.add(id)) {
                Board on = now.boards().get(moved.get(id).was().board());
                moved.get(id).was().standing().cells().stream().flatMap(c -> on.at(c).stream()).map(Button::id).filter(moved::containsKey).forEach(wanted::add);
            }
        }
        return back;
    }

    private Board back(Board to, Button button, Comparison.Word word, Set<String> moved) {
        Standing standing = word.was().standing();
        Board roomy = standing.fits(to.shape()) ? to : to.withShape(larger(to, then.boards().get(to.id()).shape(), standing));
        Set<String> steadfast = new HashSet<>();
        then.boards().get(to.id()).buttons().stream().map(Button::id).filter(id -> !moved.contains(id)).forEach(steadfast::add);
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
