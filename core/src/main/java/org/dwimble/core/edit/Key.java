package org.dwimble.core.edit;

import org.dwimble.core.board.Cell;
import org.dwimble.core.version.Touched;
import org.jspecify.annotations.Nullable;

/**
 * A thing that can differ between two vocabularies, small enough that two people rarely meet on one. Keys form a tree:
 * who touches a button touches all its facets, who touches a board touches all its cells.
 */
public sealed interface Key extends Touched {
    /** The key this one is part of; null at the top. */
    @Override
    @Nullable
    Key within();

    /** A button, with its place and all its facets. */
    record OfButton(String button) implements Key {
        @Override
        public @Nullable Key within() {
            return null;
        }
    }

    /** Where a button stands. */
    record OfPlace(String button) implements Key {
        @Override
        public Key within() {
            return new OfButton(button);
        }
    }

    record OfFacet(String button, Facet<?> facet) implements Key {
        @Override
        public Key within() {
            return new OfButton(button);
        }
    }

    /** A board: that it is there, its name, its shape, every cell. The buttons on it have keys of their own. */
    record OfBoard(String board) implements Key {
        @Override
        public @Nullable Key within() {
            return null;
        }
    }

    record OfCell(String board, Cell cell) implements Key {
        @Override
        public Key within() {
            return new OfBoard(board);
        }
    }

    record OfShape(String board) implements Key {
        @Override
        public Key within() {
            return new OfBoard(board);
        }
    }

    record OfBoardLook(String board) implements Key {
        @Override
        public Key within() {
            return new OfBoard(board);
        }
    }

    record OfBoardName(String board) implements Key {
        @Override
        public Key within() {
            return new OfBoard(board);
        }
    }

    /** What is carried along with a board without being understood. */
    record OfBoardCargo(String board) implements Key {
        @Override
        public Key within() {
            return new OfBoard(board);
        }
    }

    /** Something of the vocabulary as a whole. */
    record OfWhole(WholeFacet<?> facet) implements Key {
        @Override
        public @Nullable Key within() {
            return null;
        }
    }
}
