package org.dwimble.core.version;

import java.util.function.Supplier;
import org.dwimble.core.told.Unacceptable;

/** Something somebody means to change in a document that is kept in versions. */
@FunctionalInterface
public interface Wish<D> {
    /**
     * @param now what it is made on; never changed
     * @param ids gives ids for what is new
     * @throws Unacceptable if it cannot be done with that
     */
    Made<D> on(D now, Supplier<String> ids);
}
