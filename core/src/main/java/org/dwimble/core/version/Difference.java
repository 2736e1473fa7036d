package org.dwimble.core.version;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** One difference between two versions of a document, with what was before and what is after, so that it can be turned round. */
public interface Difference {
    /** The same difference seen from the other side. */
    Difference inverse();

    /** The things that differ by it. */
    List<? extends Touched> keys();

    /** What takes back all of them: each turned round, the last first. */
    static List<Difference> inverse(List<? extends Difference> differences) {
        List<Difference> inverse = new ArrayList<>(differences.stream().map(Difference::inverse).toList());
        Collections.reverse(inverse);
        return List.copyOf(inverse);
    }
}
