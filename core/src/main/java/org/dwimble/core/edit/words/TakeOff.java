package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

/** Takes a button off its board; the cell stays empty and nothing else moves. */
@JsonTypeName("take-off")
public record TakeOff(String board, String button) implements Intention {
    /** It is held instead. */
    @Override
    public Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        return Optional.of(HoldWords.instead(Meant.of(List.of(button))));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button was = On.button(on, button);
        return Change.of(now, now.with(on.without(button)), Needs.of(new Key.OfButton(button)),
            Told.of("took-off", "button", On.named(was), "board", on.name()));
    }
}
