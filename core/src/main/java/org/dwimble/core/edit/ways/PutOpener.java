package org.dwimble.core.edit.ways;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.PutButtons;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Puts a button on a board that leads somewhere, in an empty cell. Without a picture of its own it has that of the first button,
 * by board and in reading order, that leads there already.
 *
 * @param at      null for the first empty one
 * @param picture null for that of another opener
 */
@JsonTypeName("put-opener")
public record PutOpener(String board, @Nullable Cell at, String label, @Nullable String picture, Leads leads) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Cell cell = at != null ? at : On.cellsToFill(now, on, null).stream().findFirst()
            .orElseThrow(() -> new Unacceptable("board-full", "board", on.name(), "word", Text.cut(label, 30)));
        List<Key> needs = new ArrayList<>(List.of(new Key.OfCell(board, cell), new Key.OfShape(board)));
        Button bare = Button.leading(ids.get(), cell, label, picture, leads);
        Button opener = picture != null ? bare : now.boards().values().stream().flatMap(b -> b.buttons().stream())
            .filter(b -> b.leads().equals(leads) && b.picture() != null).findFirst().map(b -> Facet.PICTURE.with(bare, b.layers())).orElse(bare);
        return Change.of(now, now.with(on.with(opener)), Needs.of(needs), PutButtons.told(List.of(opener), on.name()));
    }
}
