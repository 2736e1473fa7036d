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
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/** What intentions look up in the vocabulary they are made on, and how they name it. */
public final class On {
    /** Things that are changed by one intention. */
    public static final int MOST_AT_ONCE = 500;

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
        return button.called().isEmpty() ? Told.of("a-picture") : button.called();
    }

    /** Buttons changed wherever they stand. @param count how many */
    public record Wherever(Vocabulary after, int count) {
    }

    /** Changes every button of all boards that is meant. */
    public static Wherever wherever(Vocabulary now, Predicate<Button> which, UnaryOperator<Button> changed) {
        List<Board> boards = new ArrayList<>();
        int count = 0;
        for (Board board : now.boards().values()) {
            List<Button> other = board.buttons().stream().filter(which).map(changed).toList();
            if (!other.isEmpty()) {
                boards.add(board.with(other));
                count += other.size();
            }
        }
        return new Wherever(now.with(boards), count);
    }

    /**
     * A change of every button that is meant, wherever it stands. It takes what is there, and so needs nothing.
     *
     * @param none what is refused if there is no such button
     * @param told its count of places is added as {@code count}
     */
    public static Change everywhere(Vocabulary now, Predicate<Button> which, UnaryOperator<Button> changed, Told none, String told, Object... with) {
        Wherever made = wherever(now, which, changed);
        if (made.count == 0) {
            throw new Unacceptable(none);
        }
        Object[] all = Stream.concat(Stream.of(with), Stream.of("count", made.count)).toArray();
        return Change.of(now, made.after, Needs.NOTHING, Told.of(told, all));
    }

    /** True of buttons with a label, whatever its capitals. */
    public static Predicate<Button> called(String label) {
        String sought = Names.folded(label);
        return b -> Names.folded(b.label()).equals(sought);
    }

    /**
     * What was chosen to be changed at once.
     *
     * @throws Unacceptable if it is nothing, or more than may be
     */
    public static <T> List<T> chosen(List<T> chosen) {
        if (chosen == null || chosen.isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
        atMostAtOnce(chosen.size());
        return List.copyOf(chosen);
    }

    /** A board that is new, opened by a button that is there, if one is named. @param by null if none is */
    public static Change added(Vocabulary now, Board added, @Nullable String from, @Nullable String by, Told told) {
        Vocabulary after = now.with(added);
        if (from == null || by == null) {
            return Change.of(now, after, Needs.NOTHING, told);
        }
        Board opening = board(now, from);
        Button opener = Facet.LEADS.with(button(opening, by), new Leads.Opens(added.id()));
        return Change.of(now, after.with(opening.with(opener)), Needs.of(new Key.OfFacet(by, Facet.LEADS)), told);
    }

    /**
     * Empty cells in the order in which they are filled: from a cell on in reading order, then from the top. Those where the other
     * boards have home and back are left out, unless one is the very cell to begin at.
     *
     * @param from null for the first empty one
     */
    public static List<Cell> cellsToFill(Vocabulary now, Board board, @Nullable Cell from) {
        Set<Cell> keptFree = new HashSet<>(WayHome.of(now).keptFree(board));
        return from == null ? board.emptyCells().stream().filter(c -> !keptFree.contains(c)).toList() : board.emptyCellsFrom(from, keptFree);
    }

    /** @throws Unacceptable if more things are to be changed at once than may be */
    public static void atMostAtOnce(int count) {
        if (count > MOST_AT_ONCE) {
            throw new Unacceptable("too-much-at-once", "most", MOST_AT_ONCE, "has", count);
        }
    }

    /** A change of one facet of one button, wherever it stands by now, which needs just that facet as it was. */
    public static <T> Change altered(Vocabulary now, String board, String button, Facet<T> facet, @Nullable T value, String told) {
        Board on = now.board(board).filter(b -> b.button(button).isPresent()).or(() -> now.boardOf(button)).orElseGet(() -> board(now, board));
        Button was = button(on, button);
        return Change.of(now, now.with(on.with(facet.with(was, value))), Needs.of(new Key.OfFacet(button, facet)),
            Told.of(told, "button", named(was), "board", on.name()));
    }
}
