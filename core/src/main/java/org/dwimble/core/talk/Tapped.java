package org.dwimble.core.talk;

import java.util.List;
import org.dwimble.core.doing.Effect;

/**
 * What came of one tap.
 *
 * @param performed what is heard, or turned up or down, in order
 * @param nowhere   whether the button opens a board that is not there
 */
public record Tapped(Talking after, List<Effect.Performed> performed, boolean nowhere) {
    public Tapped {
        performed = List.copyOf(performed);
    }
}
