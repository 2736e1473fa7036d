package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Lines;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Takes an empty row or column out of a board; a button that goes across it gets one shorter. What stands beyond moves by one. */
@JsonTypeName("remove-line")
public record RemoveLine(String board, Axis axis, int at) implements Intention {
    public RemoveLine {
        Unacceptable.ifMissing(axis);
    }

    private static final int NAMED = 3;

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Lines.there(on, axis, at);
        if (Lines.count(on, axis) == 1) {
            throw new Unacceptable("last-line", "axis", axis.name(), "board", on.name());
        }
        List<Button> lost = on.buttons().stream().filter(b -> Lines.covers(b.standing(), axis, at) && Lines.length(b.standing(), axis) == 1).toList();
        if (!lost.isEmpty()) {
            throw new Unacceptable("line-not-empty", "axis", axis.name(), "line", at + 1, "board", on.name(),
                "buttons", lost.stream().limit(NAMED).map(On::named).toList(), "more", Math.max(0, lost.size() - NAMED));
        }
        List<Integer> shares = new ArrayList<>(Lines.shares(on.shape(), axis));
        shares.remove(at);
        Board without = Lines.relined(on, axis, shares, s -> Lines.start(s, axis) > at ? s.with(axis, Lines.start(s, axis) - 1, Lines.length(s, axis))
            : Lines.covers(s, axis, at) ? s.with(axis, Lines.start(s, axis), Lines.length(s, axis) - 1) : s);
        List<Key> needs = new ArrayList<>(List.of(new Key.OfShape(board)));
        for (int i = 0; i < Lines.count(on, axis == Axis.ROWS ? Axis.COLUMNS : Axis.ROWS); i++) {
            needs.add(new Key.OfCell(board, axis == Axis.ROWS ? new Cell(at, i) : new Cell(i, at)));
        }
        return Change.of(now, now.with(without), Needs.of(needs), Told.of("removed-line", "axis", axis.name(), "line", at + 1, "board", on.name()));
    }
}
