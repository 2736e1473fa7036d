package org.dwimble.core.version;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.told.Told;

/**
 * Makes the inverse of what a version did, so that it is as if it had not been: undo, and of an undo, redo. It needs everything that version
 * changed to be still as that version left it.
 *
 * @param differences what that version did
 * @param told        what is told of doing this
 */
public record Reverse<D>(Sort<D> sort, List<? extends Difference> differences, Told told) implements Wish<D> {
    @Override
    public Made<D> on(D now, Supplier<String> ids) {
        return sort.made(Difference.inverse(differences), now, told);
    }
}
