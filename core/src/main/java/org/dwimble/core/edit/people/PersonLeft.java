package org.dwimble.core.edit.people;

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
import org.dwimble.core.plan.Hold;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/** Somebody is no longer about: the button keeps its place, hidden, with the year; or is about again. @param year null for who is back */
@JsonTypeName("person-left")
public record PersonLeft(String board, String button, @Nullable Integer year) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button was = On.button(on, button);
        Button is = Facet.HOLD.with(Facet.LEFT.with(was, year), year == null ? null : Hold.PLAIN);
        return Change.of(now, now.with(on.with(is)), Needs.of(new Key.OfFacet(button, Facet.LEFT), new Key.OfFacet(button, Facet.HOLD)),
            year == null ? Told.of("came-back", "button", On.named(was), "board", on.name())
                : Told.of("left", "button", On.named(was), "year", String.valueOf(year), "board", on.name()));
    }
}
