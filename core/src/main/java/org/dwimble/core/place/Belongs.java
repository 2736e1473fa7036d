package org.dwimble.core.place;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;

/** Where a word belongs that is not there yet. */
public final class Belongs {
    private Belongs() {
    }

    /**
     * The first empty cell of the board that has most words sharing a category with it, at least two, and room; if there is none,
     * of the board nearest home that has room. Cells where other boards have their way home count as taken. Boards no taps lead to
     * are left out. Ties go to fewer taps, then by id.
     *
     * @param categories   of the word's picture; may be empty
     * @param categoriesOf the categories of a word
     */
    public static Optional<Spot> of(Vocabulary vocabulary, Routes routes, WayHome wayHome, Set<String> categories, Function<String, Set<String>> categoriesOf) {
        record Room(Board board, Cell cell, int alike, List<Cell> taps) {
        }
        return vocabulary.boards().values().stream().flatMap(board -> {
            List<Cell> kept = wayHome.keptFree(board);
            return board.emptyCells().stream().filter(c -> !kept.contains(c)).limit(1).flatMap(cell -> routes.to(board.id()).stream()
                .map(taps -> new Room(board, cell, alike(board, categories, categoriesOf), taps.stream().map(Routes.Tap::cell).toList())));
        }).min(Comparator.comparingInt((Room r) -> r.alike < 2 ? 0 : -r.alike).thenComparing(r -> r.taps.size()).thenComparing(r -> r.board.id()))
            .map(r -> new Spot(r.board.id(), r.board.name(), Standing.at(r.cell), r.taps));
    }

    private static int alike(Board board, Set<String> categories, Function<String, Set<String>> categoriesOf) {
        return categories.isEmpty() ? 0 : (int) board.buttons().stream().filter(b -> b.isWord() && categoriesOf.apply(b.label()).stream()
            .anyMatch(categories::contains)).count();
    }
}
