package org.dwimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Place;
import org.dwimble.core.board.Standing;
import org.dwimble.core.version.Difference;

/**
 * One difference between two vocabularies, with what was before and what is after, so that it can be turned round.
 * There are these few sorts whatever anybody intends.
 */
public sealed interface Delta extends Difference {
    @Override
    Delta inverse();

    @Override
    List<Key> keys();

    record ButtonCame(String board, Button button) implements Delta {
        @Override
        public Delta inverse() {
            return new ButtonWent(board, button);
        }

        @Override
        public List<Key> keys() {
            return withCells(new Key.OfButton(button.id()), board, button.standing());
        }
    }

    record ButtonWent(String board, Button button) implements Delta {
        @Override
        public Delta inverse() {
            return new ButtonCame(board, button);
        }

        @Override
        public List<Key> keys() {
            return withCells(new Key.OfButton(button.id()), board, button.standing());
        }
    }

    /** A button stands elsewhere: on its board or on another, or it covers other cells. */
    record ButtonMoved(String button, Place from, Place to) implements Delta {
        @Override
        public Delta inverse() {
            return new ButtonMoved(button, to, from);
        }

        @Override
        public List<Key> keys() {
            List<Key> keys = new ArrayList<>(List.of(new Key.OfPlace(button)));
            List<Key> left = withCells(new Key.OfPlace(button), from.board(), from.standing());
            List<Key> taken = withCells(new Key.OfPlace(button), to.board(), to.standing());
            left.stream().filter(k -> !taken.contains(k)).forEach(keys::add);
            taken.stream().filter(k -> !left.contains(k)).forEach(keys::add);
            return keys;
        }
    }

    /** @param board where the button stands after it */
    record ButtonAltered<T>(String board, String button, Facet<T> facet, T before, T after) implements Delta {
        static <T> ButtonAltered<T> between(String board, Button before, Button after, Facet<T> facet) {
            return new ButtonAltered<>(board, after.id(), facet, facet.of(before), facet.of(after));
        }

        @Override
        public Delta inverse() {
            return new ButtonAltered<>(board, button, facet, after, before);
        }

        @Override
        public List<Key> keys() {
            return List.of(new Key.OfFacet(button, facet));
        }
    }

    /** @param bare the board without its buttons, which come by themselves */
    record BoardCame(Board bare) implements Delta {
        @Override
        public Delta inverse() {
            return new BoardWent(bare);
        }

        @Override
        public List<Key> keys() {
            return List.of(new Key.OfBoard(bare.id()));
        }
    }

    /** @param bare the board without its buttons, which go by themselves */
    record BoardWent(Board bare) implements Delta {
        @Override
        public Delta inverse() {
            return new BoardCame(bare);
        }

        @Override
        public List<Key> keys() {
            return List.of(new Key.OfBoard(bare.id()));
        }
    }

    record BoardAltered<T>(String board, BoardFacet<T> facet, T before, T after) implements Delta {
        static <T> BoardAltered<T> between(Board before, Board after, BoardFacet<T> facet) {
            return new BoardAltered<>(after.id(), facet, facet.of(before), facet.of(after));
        }

        @Override
        public Delta inverse() {
            return new BoardAltered<>(board, facet, after, before);
        }

        @Override
        public List<Key> keys() {
            return List.of(facet.key(board));
        }
    }

    /** What a board carries along: a package's facts of its media, and what is not understood. */
    record BoardCargo(String board, Board.Facts factsBefore, Extras extrasBefore, Board.Facts factsAfter, Extras extrasAfter) implements Delta {
        @Override
        public Delta inverse() {
            return new BoardCargo(board, factsAfter, extrasAfter, factsBefore, extrasBefore);
        }

        @Override
        public List<Key> keys() {
            return List.of(new Key.OfBoardCargo(board));
        }
    }

    record WholeAltered<T>(WholeFacet<T> facet, T before, T after) implements Delta {
        @Override
        public Delta inverse() {
            return new WholeAltered<>(facet, after, before);
        }

        @Override
        public List<Key> keys() {
            return List.of(new Key.OfWhole(facet));
        }
    }

    private static List<Key> withCells(Key first, String board, Standing standing) {
        List<Key> keys = new ArrayList<>();
        keys.add(first);
        standing.cells().forEach(c -> keys.add(new Key.OfCell(board, c)));
        return keys;
    }
}
