package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

/** Takes a button off its board; the cell stays empty and nothing else moves. */
@JsonTypeName("take-off")
public record TakeOff(String board, String button) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button was = On.button(on, button);
        return Change.of(now, now.with(on.without(button)), Needs.of(new Key.OfButton(button)),
            Told.of("took-off", "button", On.named(was), "board", on.name()));
    }
}
