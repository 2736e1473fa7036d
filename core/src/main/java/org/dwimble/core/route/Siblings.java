package org.dwimble.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.jspecify.annotations.Nullable;

/**
 * The boards a new board is to be like: those opened from the same board, or all but home if there are fewer than two of
 * them. A new board gets the size most of them have (ties: the larger), their way home and back in their cells, and
 * whatever else more than half of them, and at least two, carry alike in the same cell.
 */
public final class Siblings {
    private record Carried(Cell cell, Span span, Face face, Acts acts) {
    }

    private final Vocabulary vocabulary;
    private final List<Board> boards;

    private Siblings(Vocabulary vocabulary, List<Board> boards) {
        this.vocabulary = vocabulary;
        this.boards = boards;
    }

    /** @param openedFrom the board that will open the new one; null if none does */
    public static Siblings of(Vocabulary vocabulary, @Nullable String openedFrom) {
        Set<String> opened = new LinkedHashSet<>();
        if (openedFrom != null) {
            vocabulary.board(openedFrom).ifPresent(from -> from.buttons().forEach(b -> {
                if (b.leads() instanceof Leads.Opens opens && vocabulary.boards().containsKey(opens.board()) && !opens.board().equals(vocabulary.home())) {
                    opened.add(opens.board());
                }
            }));
        }
        if (opened.size() < 2) {
            opened.clear();
            vocabulary.boards().keySet().stream().filter(id -> !id.equals(vocabulary.home())).forEach(opened::add);
        }
        return new Siblings(vocabulary, opened.stream().map(vocabulary.boards()::get).toList());
    }

    /** The size most of them have; that of home if there are none. */
    public Shape shape() {
        Map<Shape, Integer> counts = new LinkedHashMap<>();
        boards.forEach(b -> counts.merge(b.shape(), 1, Integer::sum));
        return counts.entrySet().stream()
            .max(Comparator.comparing((Map.Entry<Shape, Integer> e) -> e.getValue()).thenComparing(e -> e.getKey().cells()))
            .map(Map.Entry::getKey).orElse(vocabulary.homeBoard().shape());
    }

    /** A size of which a side is told; the other is that of most of them. Null if neither is. */
    public @Nullable Shape shape(@Nullable Integer rows, @Nullable Integer columns) {
        return rows == null && columns == null ? null : new Shape(rows == null ? shape().rows() : rows, columns == null ? shape().columns() : columns);
    }

    /** @param shape null for the size most of them have */
    public Board newBoard(String id, String name, @Nullable Shape shape, Supplier<String> ids) {
        Board bare = Board.empty(id, name, shape == null ? shape() : shape);
        Board carrying = bare.withButtons(carried(bare, ids));
        List<Button> wayHome = WayHome.of(vocabulary).missingOn(carrying, ids);
        return wayHome.isEmpty() ? carrying : carrying.with(wayHome);
    }

    private List<Button> carried(Board bare, Supplier<String> ids) {
        List<Board> alike = boards.stream().filter(b -> b.shape().equals(bare.shape())).toList();
        Map<Carried, Integer> counts = new LinkedHashMap<>();
        alike.forEach(board -> board.buttons().forEach(b -> counts.merge(new Carried(b.cell(), b.span(), b.face(), b.acts()), 1, Integer::sum)));
        List<Button> carried = new ArrayList<>();
        counts.forEach((c, count) -> {
            if (count >= 2 && count * 2 > alike.size()) {
                carried.add(new Button(ids.get(), new Standing(c.cell, c.span), c.face, c.acts, Shown.YES, Extras.NONE));
            }
        });
        return carried;
    }
}
