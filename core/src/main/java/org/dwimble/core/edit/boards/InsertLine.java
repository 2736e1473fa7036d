package org.dwimble.core.edit.boards;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Lines;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Puts an empty row or column into a board, as wide as its widest. What stands from there on moves by one; at the end nothing
 * moves.
 *
 * @param at the line it comes before, 0 to the number of lines
 */
@JsonTypeName("insert-line")
public record InsertLine(String board, Axis axis, int at) implements Intention {
    public InsertLine {
        Unacceptable.ifMissing(axis);
    }

    /** It comes at the end instead. */
    @Override
    public Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        return Optional.of(new Instead(Told.of("instead-at-end", "axis", axis.name()), new InsertLine(board, axis, Lines.count(On.board(now, board), axis))));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        if (at < 0 || at > Lines.count(on, axis)) {
            throw new Unacceptable("no-such-line", "axis", axis.name(), "line", at + 1, "board", on.name());
        }
        List<Integer> shares = Lines.shares(on.shape(), axis);
        return Change.of(now, now.with(Lines.inserted(on, axis, at, Collections.max(shares))), Needs.of(new Key.OfShape(board)),
            Told.of("inserted-line", "axis", axis.name(), "line", at + 1, "board", on.name()));
    }
}
