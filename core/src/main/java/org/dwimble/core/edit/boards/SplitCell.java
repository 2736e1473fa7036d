package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
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
import org.jspecify.annotations.Nullable;

/**
 * Splits a cell in two, side by side or one above the other. What stands there keeps the first half; the second is free. A
 * button over several cells gives back the second half of them; else the line is halved and all others go on over both halves:
 * no word moves either way.
 *
 * @param axis {@link Axis#COLUMNS}: side by side
 */
@JsonTypeName("split-cell")
public record SplitCell(String board, Cell cell, Axis axis) implements Intention {
    public SplitCell {
        Unacceptable.ifMissing(cell, axis);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        int line = axis == Axis.ROWS ? cell.row() : cell.column();
        Lines.there(on, axis, line);
        @Nullable
        Button there = on.at(cell).orElse(null);
        Board split;
        if (there != null && Lines.length(there.standing(), axis) > 1) {
            split = on.with(there.withStanding(half(there.standing())));
        } else {
            Board halved = Lines.halved(on, axis, line);
            split = there == null ? halved : halved.with(there.withStanding(half(halved.button(there.id()).orElseThrow().standing())));
        }
        return Change.of(now, now.with(split), Needs.of(List.of(new Key.OfShape(board), new Key.OfCell(board, cell))),
            Told.of("split", "row", cell.row() + 1, "column", cell.column() + 1, "board", on.name()));
    }

    private Standing half(Standing whole) {
        return whole.with(axis, Lines.start(whole, axis), (Lines.length(whole, axis) + 1) / 2);
    }
}
