package org.dwimble.core.edit.whole;

import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;

/** Does what another intention does, and a little more. */
interface Around extends Intention {
    Intention intention();

    @Override
    default Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        return intention().instead(now, learned);
    }
}
