package org.dwimble.core.mend;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.words.PutButtons;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/** Puts back and home on a board that lacks them, where its siblings have them. */
@JsonTypeName("put-way-home")
public record PutWayHome(String board) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        List<Button> missing = WayHome.of(now).missingOn(on, ids);
        if (missing.isEmpty()) {
            throw new Unacceptable("way-home-no-room", "board", on.name());
        }
        Change put = new PutButtons(board, missing).on(now, ids);
        return new Change(now, put.after(), put.deltas(), put.needs(), Told.of("put-way-home", "board", on.name()));
    }
}
