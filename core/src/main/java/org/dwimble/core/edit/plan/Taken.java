package org.dwimble.core.edit.plan;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.SamePart;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.grow.Shrinking;
import org.dwimble.core.plan.Besides;
import org.dwimble.core.plan.Grid;
import org.dwimble.core.plan.Place;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A step taken, or taken back: what it does besides showing words. Words that were put somewhere else meanwhile, or whose cell was given to another, are
 * not driven from anywhere: what cannot lie where it was meant to stays where it is, or takes the nearest free cell. Words and boards that are gone are
 * passed over.
 *
 * @param step as it is then
 */
record Taken(Vocabulary after, Step step) {
    static Taken forward(Vocabulary now, Step step) {
        Besides besides = step.besides();
        if (besides.nothing()) {
            return new Taken(now, step);
        }
        Map<String, Place> to = new LinkedHashMap<>();
        besides.moves().forEach(m -> to.put(m.button(), m.to()));
        Map<String, Grid> grids = new LinkedHashMap<>();
        besides.grids().forEach(g -> grids.put(g.board(), g.to()));
        Vocabulary after = new Laid(now, to, grids).after();
        Besides done = new Besides(besides.grids().stream().map(g -> new Besides.Regrids(g.board(), g.to(), gridOf(now, g.board()))).toList(),
            Stream.concat(besides.moves().stream().map(m -> new Besides.Moves(m.button(), m.to(), placeOf(now, m.button()))),
                notFoundAgain(now, after, besides)).toList(),
            besides.quiet());
        return new Taken(said(after, besides, word -> Acts.leading(word.leads())), step.with(done));
    }

    /** Words that were not moved by themselves and that the grid of before, laid again, would lay elsewhere. */
    private static Stream<Besides.Moves> notFoundAgain(Vocabulary now, Vocabulary after, Besides besides) {
        Set<String> moved = besides.moves().stream().map(Besides.Moves::button).collect(Collectors.toSet());
        return besides.grids().stream().filter(g -> now.board(g.board()).isPresent()).flatMap(g -> {
            Board was = now.at(g.board());
            Board is = after.at(g.board());
            SamePart again = SamePart.of(is.shape(), was.shape());
            return was.buttons().stream().filter(b -> !moved.contains(b.id())).flatMap(b -> is.button(b.id()).stream()
                .filter(then -> !again.of(then.standing()).equals(b.standing())).map(then -> new Besides.Moves(b.id(), placeOf(is, then), placeOf(was, b))));
        });
    }

    static Taken back(Vocabulary now, Step step) {
        Besides besides = step.besides();
        if (besides.nothing()) {
            return new Taken(now, step);
        }
        Map<String, Place> to = new LinkedHashMap<>();
        besides.moves().stream().filter(m -> m.was() != null).forEach(m -> to.put(m.button(), m.was()));
        Map<String, Grid> grids = new LinkedHashMap<>();
        besides.grids().stream().filter(g -> g.was() != null).forEach(g -> grids.put(g.board(), g.was()));
        Vocabulary after = new Laid(now, to, grids).after();
        return new Taken(said(after, besides, word -> Shrinking.of(now, word, came -> Optional.empty())
            .map(s -> s.acts(word).withLeads(word.leads())).orElse(word.acts())), step.with(besides.toCome()));
    }

    private static Vocabulary said(Vocabulary now, Besides besides, Function<Button, Acts> acts) {
        Vocabulary after = now;
        for (String id : besides.quiet()) {
            Board on = after.boardOf(id).orElse(null);
            Button word = on == null ? null : on.button(id).orElseThrow();
            if (on != null && word != null && word.leads() instanceof Leads.Opens) {
                after = after.with(on.with(word.withActs(acts.apply(word))));
            }
        }
        return after;
    }

    private static @Nullable Grid gridOf(Vocabulary now, String board) {
        return now.board(board).map(b -> new Grid(b.rows(), b.columns(), b.shape().heights(), b.shape().widths())).orElse(null);
    }

    private static @Nullable Place placeOf(Vocabulary now, String button) {
        return now.boardOf(button).map(b -> placeOf(b, b.button(button).orElseThrow())).orElse(null);
    }

    private static Place placeOf(Board on, Button button) {
        Standing at = button.standing();
        return new Place(on.id(), at.cell().row(), at.cell().column(), at.span().rows(), at.span().columns());
    }

    /** Boards with words where they are meant to be, as nearly as can be. */
    private static final class Laid {
        private final Vocabulary now;
        private final Map<String, Place> to;
        private final Map<String, Grid> grids;
        /** By board: what is to lie on it and where, those that stay first. */
        private final Map<String, Map<Button, Standing>> wanted = new LinkedHashMap<>();

        Laid(Vocabulary now, Map<String, Place> to, Map<String, Grid> grids) {
            this.now = now;
            this.to = to;
            this.grids = grids;
        }

        Vocabulary after() {
            Map<String, Board> touched = new LinkedHashMap<>();
            grids.keySet().forEach(id -> now.board(id).ifPresent(b -> touched.put(id, b)));
            Map<Button, Place> goes = new LinkedHashMap<>();
            to.forEach((id, place) -> now.boardOf(id).filter(from -> now.board(place.board()).isPresent()).ifPresent(from -> {
                touched.put(from.id(), from);
                touched.put(place.board(), now.at(place.board()));
                goes.put(from.button(id).orElseThrow(), place);
            }));
            touched.forEach((id, board) -> stay(board, goes));
            goes.forEach((button, place) -> Objects.requireNonNull(wanted.get(place.board())).put(button, standing(place)));
            return now.with(touched.values().stream().map(this::laid).toList());
        }

        private void stay(Board board, Map<Button, Place> goes) {
            Shape shape = shape(board);
            SamePart part = SamePart.of(board.shape(), shape);
            Map<Button, Standing> stay = new LinkedHashMap<>();
            board.buttons().stream().filter(b -> !goes.containsKey(b))
                .forEach(b -> stay.put(b, shape.equals(board.shape()) ? b.standing() : part.of(b.standing())));
            wanted.put(board.id(), stay);
        }

        private Shape shape(Board board) {
            Grid grid = grids.get(board.id());
            return grid == null ? board.shape() : new Shape(grid.rows(), grid.columns(), grid.heights(), grid.widths());
        }

        private static Standing standing(Place place) {
            return new Standing(new Cell(place.row(), place.column()), new Span(place.rows(), place.columns()));
        }

        private Board laid(Board board) {
            Board bare = board.withButtons(List.of()).withShape(shape(board));
            Map<Button, Standing> left = new LinkedHashMap<>();
            for (Map.Entry<Button, Standing> one : wanted.getOrDefault(board.id(), Map.of()).entrySet()) {
                if (isFree(bare, one.getValue())) {
                    bare = bare.with(one.getKey().withStanding(one.getValue()));
                } else {
                    left.put(one.getKey(), one.getValue());
                }
            }
            for (Map.Entry<Button, Standing> one : left.entrySet()) {
                bare = bare.with(one.getKey().withStanding(elsewhere(board, bare, one.getKey(), one.getValue())));
            }
            return bare;
        }

        private static boolean isFree(Board board, Standing at) {
            return at.fits(board.shape()) && at.cells().stream().allMatch(c -> board.at(c).isEmpty());
        }

        /** Where it is, if it may stay there; else the free cell nearest to where it should lie. */
        private static Standing elsewhere(Board was, Board board, Button button, Standing meant) {
            if (was.shape().equals(board.shape()) && was.button(button.id()).isPresent() && isFree(board, button.standing())) {
                return button.standing();
            }
            return board.emptyCells().stream().min(Comparator.comparingInt(c -> apart(c, meant.cell()))).map(Standing::at)
                .orElseThrow(() -> new Unacceptable("step-no-room", "board", board.name(), "word", button.called()));
        }

        private static int apart(Cell one, Cell other) {
            int rows = one.row() - other.row();
            int columns = one.column() - other.column();
            return rows * rows + columns * columns;
        }
    }
}
