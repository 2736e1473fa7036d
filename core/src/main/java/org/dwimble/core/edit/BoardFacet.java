package org.dwimble.core.edit;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Shape;
import org.dwimble.core.look.Look;

/** One thing about a board, its buttons aside, that can be changed by itself. */
public final class BoardFacet<T> {
    public static final BoardFacet<Shape> SHAPE = new BoardFacet<>("shape", Board::shape, Board::withShape, Key.OfShape::new);
    public static final BoardFacet<String> NAME = new BoardFacet<>("name", Board::name, Board::withName, Key.OfBoardName::new);
    public static final BoardFacet<Look> LOOK = new BoardFacet<>("look", Board::look, Board::withLook, Key.OfBoardLook::new);

    public static final List<BoardFacet<?>> ALL = List.of(SHAPE, NAME, LOOK);

    private final String name;
    private final Function<Board, T> get;
    private final BiFunction<Board, T, Board> with;
    private final Function<String, Key> key;

    private BoardFacet(String name, Function<Board, T> get, BiFunction<Board, T, Board> with, Function<String, Key> key) {
        this.name = name;
        this.get = get;
        this.with = with;
        this.key = key;
    }

    public T of(Board board) {
        return get.apply(board);
    }

    public Board with(Board board, T value) {
        return with.apply(board, value);
    }

    Key key(String board) {
        return key.apply(board);
    }

    @Override
    public String toString() {
        return name;
    }
}
