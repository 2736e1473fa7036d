package org.dwimble.core.edit.whole;

import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

/**
 * Makes everything as it was at an earlier version: a change like any other, that can be taken back. It needs that
 * nobody has changed anything since the person looked.
 */
public record GoBack(int version, Vocabulary then) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return Change.of(now, then, Needs.ALL, Told.of("went-back", "version", version));
    }
}
