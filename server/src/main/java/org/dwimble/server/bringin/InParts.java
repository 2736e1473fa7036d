package org.dwimble.server.bringin;

import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;

/** An intention as a part of longer work. Whoever ends the work meanwhile ends it here: nothing is kept. @param done told when it is worked out */
record InParts(Intention made, Runnable done) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Change change = made.on(now, ids);
        done.run();
        return change;
    }
}
