package org.dwimble.core.version;

import java.util.List;
import org.dwimble.core.told.Told;

/** What a wish makes of a document. */
public interface Made<D> {
    D before();

    D after();

    /** Exactly what differs between before and after; empty if nothing does. */
    List<? extends Difference> deltas();

    /** What must not have changed since the person looked. */
    Needs needs();

    /** What happened, to follow a person's name. */
    Told told();
}
