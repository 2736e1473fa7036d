package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Lines;
import org.dwimble.core.edit.Moves;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Moves a row or column, with what stands on it, to where another is; those between move by one. Buttons across several lines stay whole. */
@JsonTypeName("move-line")
public record MoveLine(String board, Axis axis, int at, int to) implements Intention {
    public MoveLine {
        Unacceptable.ifMissing(axis);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Lines.there(on, axis, at);
        Lines.there(on, axis, to);
        int first = Math.min(at, to);
        int last = Math.max(at, to);
        for (Button button : on.buttons()) {
            int start = Lines.start(button.standing(), axis);
            int end = Lines.end(button.standing(), axis);
            boolean inside = start >= first && end <= last + 1 && !Lines.covers(button.standing(), axis, at);
            if (Lines.length(button.standing(), axis) > 1 && start <= last && end > first && !inside) {
                throw new Unacceptable("line-has-wide", "axis", axis.name(), "button", On.named(button), "board", on.name());
            }
        }
        List<Integer> shares = new ArrayList<>(Lines.shares(on.shape(), axis));
        shares.add(to, shares.remove(at));
        int by = at < to ? -1 : 1;
        Board moved = Lines.relined(on, axis, shares, s -> {
            int start = Lines.start(s, axis);
            return start == at ? s.with(axis, to, Lines.length(s, axis)) : start >= first && start <= last
                ? s.with(axis, start + by, Lines.length(s, axis)) : s;
        });
        return Change.of(now, now.with(moved), Needs.of(new Key.OfShape(board)),
            Told.of("moved-line", "axis", axis.name(), "line", at + 1, "to", to + 1, "board", on.name()));
    }
}
