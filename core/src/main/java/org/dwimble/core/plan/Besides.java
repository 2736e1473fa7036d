package org.dwimble.core.plan;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a step does besides showing words: it lays boards on another grid, moves words, and lets the first tap on a word that has grown say it no more. Once
 * the student is at the step, or at a later one, it also knows how it was before, so that it can be taken back.
 *
 * @param grids at most one for each board
 * @param moves at most one for each button
 * @param quiet ids of buttons that open a board on which their word stands
 */
public record Besides(List<Regrids> grids, List<Moves> moves, List<String> quiet) {
    public static final Besides NOTHING = new Besides(List.of(), List.of(), List.of());

    /** @param board id; @param was null if it has not been done, or is taken back */
    public record Regrids(String board, Grid to, @Nullable Grid was) {
    }

    /** @param button id; @param was null if it has not been done, or is taken back */
    public record Moves(String button, Place to, @Nullable Place was) {
    }

    public Besides {
        grids = List.copyOf(grids);
        moves = List.copyOf(moves);
        quiet = List.copyOf(quiet);
    }

    public boolean nothing() {
        return grids.isEmpty() && moves.isEmpty() && quiet.isEmpty();
    }

    /** True if it changes where something lies. */
    public boolean movesSomething() {
        return !grids.isEmpty() || !moves.isEmpty();
    }

    /** As it is before anything of it was done. */
    public Besides toCome() {
        return new Besides(grids.stream().map(g -> new Regrids(g.board, g.to, null)).toList(),
            moves.stream().map(m -> new Moves(m.button, m.to, null)).toList(), quiet);
    }

    /** Both, done together; where both lay the same board or move the same word, as the later does. Neither has been done. */
    public Besides then(Besides later) {
        List<Regrids> ownGrids = grids.stream().filter(g -> later.grids.stream().noneMatch(l -> l.board.equals(g.board))).toList();
        List<Moves> ownMoves = moves.stream().filter(m -> later.moves.stream().noneMatch(l -> l.button.equals(m.button))).toList();
        return new Besides(Stream.concat(ownGrids.stream(), later.grids.stream()).toList(), Stream.concat(ownMoves.stream(), later.moves.stream()).toList(),
            Stream.concat(quiet.stream(), later.quiet.stream()).distinct().collect(Collectors.toList()));
    }
}
