package org.dwimble.server.board;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.jspecify.annotations.Nullable;

/**
 * A place, and the way to it, to be drawn as small grids.
 *
 * @param taps from home to the board; none if no taps lead there
 */
public record SpotView(String board, String name, int rows, int columns, Cell cell, @Nullable List<TapView> taps) {
    /** One tap on the way, and the grid it is made on. */
    public record TapView(String board, String name, int rows, int columns, Cell cell) {
    }

    public static SpotView of(Vocabulary vocabulary, Routes routes, String boardId, Cell cell) {
        List<TapView> taps = routes.to(boardId).map(way -> way.stream().map(t -> {
            Board on = vocabulary.at(t.board());
            return new TapView(on.id(), on.name(), on.rows(), on.columns(), t.cell());
        }).toList()).orElse(null);
        Board board = vocabulary.at(boardId);
        return new SpotView(boardId, board.name(), board.rows(), board.columns(), cell, taps);
    }
}
