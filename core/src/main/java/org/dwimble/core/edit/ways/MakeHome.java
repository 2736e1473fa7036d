package org.dwimble.core.edit.ways;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

/** Lets another board be home: where talking begins, and where home buttons lead. Nothing on any board moves. */
@JsonTypeName("make-home")
public record MakeHome(String board) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return Change.of(now, now.with(now.whole().withHome(On.board(now, board).id())), Needs.of(new Key.OfWhole(WholeFacet.HOME), new Key.OfBoard(board)),
            Told.of("made-home", "board", On.board(now, board).name()));
    }
}
