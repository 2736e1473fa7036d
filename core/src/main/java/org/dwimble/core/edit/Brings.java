package org.dwimble.core.edit;

import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.told.Unacceptable;

/** An intention that brings something of another vocabulary in: what comes can be seen before. */
public interface Brings extends Intention {
    /** What comes. @throws Unacceptable if it cannot be worked out, as what is wanted is not there */
    Arrival arrival(Vocabulary now);

    /** What it does. @param arrival as {@link #arrival} gives it for this vocabulary */
    Change on(Vocabulary now, Arrival arrival, Supplier<String> ids);

    @Override
    default Change on(Vocabulary now, Supplier<String> ids) {
        return on(now, arrival(now), ids);
    }
}
