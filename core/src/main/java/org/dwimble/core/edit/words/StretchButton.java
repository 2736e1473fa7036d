package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Lines;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Lets a button cover other cells than before, from its own on, to the right and down. It never covers another button. Halves
 * of a split cell that are whole again are one cell again.
 */
@JsonTypeName("stretch-button")
public record StretchButton(String board, String button, Span span) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button was = On.button(on, button);
        Standing standing = new Standing(was.cell(), span == null ? Span.ONE : span);
        if (!standing.fits(on.shape())) {
            throw new Unacceptable("stretch-over-edge", "button", On.named(was), "board", on.name());
        }
        List<Key> needs = new ArrayList<>(List.of(new Key.OfPlace(button), new Key.OfShape(board)));
        for (Cell cell : standing.cells()) {
            on.at(cell).filter(b -> !b.id().equals(button)).ifPresent(b -> {
                throw new Unacceptable("stretch-over", "button", On.named(was), "other", On.named(b), "board", on.name());
            });
            needs.add(new Key.OfCell(board, cell));
        }
        Board stretched = Lines.merged(Lines.merged(on.with(was.withStanding(standing)), Axis.COLUMNS), Axis.ROWS);
        return Change.of(now, now.with(stretched), Needs.of(needs), Told.of("stretched", "button", On.named(was), "rows", standing.span().rows(),
            "columns", standing.span().columns(), "board", on.name()));
    }
}
