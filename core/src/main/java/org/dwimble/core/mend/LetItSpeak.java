package org.dwimble.core.mend;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

/** Lets a button stay where it is when tapped, and speak: if it said nothing, it says its label from now on. */
@JsonTypeName("let-it-speak")
public record LetItSpeak(String board, String button) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button was = On.button(on, button);
        return Change.of(now, now.with(on.with(was.staying())), Needs.of(new Key.OfFacet(button, Facet.LEADS), new Key.OfFacet(button, Facet.SAYS)),
            Told.of("let-speak", "button", On.named(was), "board", on.name()));
    }
}
