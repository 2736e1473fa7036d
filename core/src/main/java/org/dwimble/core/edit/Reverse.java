package org.dwimble.core.edit;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.told.Told;

/**
 * Makes the inverse of what a version did, so that it is as if it had not been: undo, and of an undo, redo. It needs
 * everything that version changed to be still as that version left it.
 *
 * @param deltas what that version did
 * @param told   what is told of doing this
 */
public record Reverse(List<Delta> deltas, Told told) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        List<Delta> inverse = Deltas.inverse(deltas);
        return Change.of(now, Deltas.made(inverse, now), Needs.ofDeltas(inverse), told);
    }
}
