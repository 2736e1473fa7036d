package org.dwimble.core.edit.grow;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.grow.Shrinking;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Lets a grown word be said by one tap again, as {@link Shrinking} says: what was added to the board it opened is not lost.
 *
 * @param came a button as it was where it came from; empty if that is not known
 */
public record ShrinkWord(String board, String button, Function<Origin, Optional<Button>> came) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button word = On.button(on, button);
        Shrinking shrinking = Shrinking.of(now, word, came).orElseThrow(() -> new Unacceptable("shrink-not-grown", "word", On.named(word)));
        Button one = word.withActs(shrinking.acts(word));
        Vocabulary after = now.with(on.with(one));
        Board opened = shrinking.opened();
        if (shrinking.boardGoes()) {
            after = after.without(opened.id());
        }
        Needs needs = Needs.of(new Key.OfFacet(button, Facet.LEADS), new Key.OfFacet(button, Facet.SAYS), new Key.OfBoard(opened.id()));
        Told told = shrinking.boardGoes() ? Told.of("shrank", "word", word.called(), "board", on.name())
            : Told.of("shrank-waits", "word", word.called(), "board", on.name(), "waits", opened.name());
        return Change.of(now, after, needs, told);
    }
}
