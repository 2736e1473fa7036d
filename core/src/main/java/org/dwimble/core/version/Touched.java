package org.dwimble.core.version;

import org.jspecify.annotations.Nullable;

/**
 * A thing that can differ between two versions of a document, small enough that two people rarely meet on one. They form a tree: who
 * touches one touches all that is within it.
 */
public interface Touched {
    /** What this one is part of; null at the top. */
    @Nullable
    Touched within();
}
