package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
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
 * Makes a row higher or a column wider, or lower or narrower; the others share what is left. No word changes its cell.
 *
 * @param percent of what it is now, {@value #LEAST} to {@value #MOST}
 */
@JsonTypeName("size-line")
public record SizeLine(String board, Axis axis, int at, int percent) implements Intention {
    public static final int LEAST = 25;
    public static final int MOST = 400;
    private static final int FINE = 20;

    public SizeLine {
        Unacceptable.ifMissing(axis);
        if (percent < LEAST || percent > MOST) {
            throw new Unacceptable("line-size", "least", LEAST, "most", MOST);
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Lines.there(on, axis, at);
        List<Integer> shares = new ArrayList<>(Lines.shares(on.shape(), axis).stream().map(s -> s * FINE).toList());
        shares.set(at, Math.max(1, (shares.get(at) * percent + 50) / 100));
        return Change.of(now, now.with(on.withShape(Lines.with(on.shape(), axis, shares))), Needs.of(new Key.OfShape(board)),
            Told.of("sized-line", "axis", axis.name(), "line", at + 1, "percent", percent, "board", on.name()));
    }
}
