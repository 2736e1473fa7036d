package org.dwimble.core.edit.words;

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

/** Writes something else on a button. An empty label needs a picture, and so that the picture stays. */
@JsonTypeName("give-label")
public record GiveLabel(String board, String button, String label) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button was = On.button(on, button);
        Button is = Facet.LABEL.with(was, label);
        Needs needs = Needs.of(new Key.OfFacet(button, Facet.LABEL));
        return Change.of(now, now.with(on.with(is)),
            is.label().isEmpty() ? needs.and(Needs.of(new Key.OfFacet(button, Facet.PICTURE))) : needs,
            is.label().isEmpty() ? Told.of("took-label", "button", On.named(was), "board", on.name())
                : Told.of("called", "button", On.named(was), "label", is.label(), "board", on.name()));
    }
}
