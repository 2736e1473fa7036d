package org.dwimble.core.edit;

import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

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

    /** A change of one facet of one button, wherever it stands by now, which needs just that facet as it was. */
    public static <T> Change altered(Vocabulary now, String board, String button, Facet<T> facet, T value, String told) {
        Board on = now.board(board).filter(b -> b.button(button).isPresent()).or(() -> now.boardOf(button)).orElseGet(() -> board(now, board));
        Button was = button(on, button);
        return Change.of(now, now.with(on.with(facet.with(was, value))), Needs.of(new Key.OfFacet(button, facet)),
            Told.of(told, "button", named(was), "board", on.name()));
    }
}
