package org.dwimble.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/** What intentions look up in the vocabulary they are made on, and how they name it. */
public final class On {
    private On() {
    }

    public static Board board(Vocabulary now, String id) {
        return now.board(id).orElseThrow(() -> new Unacceptable("board-gone"));
    }

    public static Button button(Board board, String id) {
        return board.button(id).orElseThrow(() -> new Unacceptable("button-gone", "board", board.name()));
    }

    /** A button by what it shows, else by what it says; a picture alone has no name, which is told instead. */
    public static Object named(Button button) {
        String name = Stream.of(button.label(), button.spoken()).filter(s -> !s.isEmpty()).findFirst().orElse("");
        return name.isEmpty() ? Told.of("a-picture") : name;
    }

    /**
     * A change of every button that is called so, wherever it stands, whatever its capitals. It takes what is there, and so
     * needs nothing.
     *
     * @param told its count of places is added as {@code count}
     */
    static Change everywhere(Vocabulary now, String label, Predicate<Button> which, UnaryOperator<Button> changed, String told, Object... with) {
        String sought = Names.folded(label);
        List<Board> boards = new ArrayList<>();
        int count = 0;
        for (Board board : now.boards().values()) {
            List<Button> other = board.buttons().stream().filter(b -> Names.folded(b.label()).equals(sought) && which.test(b)).map(changed).toList();
            if (!other.isEmpty()) {
                boards.add(board.with(other));
                count += other.size();
            }
        }
        if (count == 0) {
            throw new Unacceptable("no-such-word", "word", label);
        }
        Object[] all = Stream.concat(Stream.of(with), Stream.of("count", count)).toArray();
        return Change.of(now, now.with(boards), Needs.NOTHING, Told.of(told, all));
    }

    /**
     * Empty cells in the order in which they are filled: from a cell on in reading order, then from the top. Those where the other
     * boards have home and back are left out, unless one is the very cell to begin at.
     *
     * @param from null for the first empty one
     */
    static List<Cell> cellsToFill(Vocabulary now, Board board, @Nullable Cell from) {
        Set<Cell> keptFree = new HashSet<>(WayHome.of(now).keptFree(board));
        return from == null ? board.emptyCells().stream().filter(c -> !keptFree.contains(c)).toList() : board.emptyCellsFrom(from, keptFree);
    }

    /** @throws Unacceptable if more things are to be changed at once than may be */
    static void atMostAtOnce(int count) {
        if (count > Several.MOST) {
            throw new Unacceptable("too-much-at-once", "most", Several.MOST, "has", count);
        }
    }

    /** A change of one facet of one button, wherever it stands by now, which needs just that facet as it was. */
    public static <T> Change altered(Vocabulary now, String board, String button, Facet<T> facet, T value, String told) {
        Board on = now.board(board).filter(b -> b.button(button).isPresent()).or(() -> now.boardOf(button)).orElseGet(() -> board(now, board));
        Button was = button(on, button);
        return Change.of(now, now.with(on.with(facet.with(was, value))), Needs.of(new Key.OfFacet(button, facet)),
            Told.of(told, "button", named(was), "board", on.name()));
    }
}
