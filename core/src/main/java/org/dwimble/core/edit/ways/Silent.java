package org.dwimble.core.edit.ways;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.PutButtons;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/** A button that says nothing, put into an empty cell for what it does or where it leads. */
final class Silent {
    private Silent() {
    }

    /**
     * One without a picture has that of the first button, by board and in reading order, that is like it.
     *
     * @param at null for the first empty cell
     */
    static Change put(Vocabulary now, String board, @Nullable Cell at, Function<Cell, Button> made, Predicate<Button> like) {
        Board on = On.board(now, board);
        Cell cell = at != null ? at : On.cellsToFill(now, on, null).stream().findFirst()
            .orElseThrow(() -> new Unacceptable("board-full", "board", on.name(), "word", Text.cut(made.apply(new Cell(0, 0)).label(), 30)));
        Button bare = made.apply(cell);
        Button put = bare.picture() != null ? bare : now.boards().values().stream().flatMap(b -> b.buttons().stream())
            .filter(like).filter(b -> b.picture() != null).findFirst().map(b -> Facet.PICTURE.with(bare, b.layers())).orElse(bare);
        return Change.of(now, now.with(on.with(put)), Needs.of(new Key.OfCell(board, cell), new Key.OfShape(board)), PutButtons.told(List.of(put), on.name()));
    }
}
