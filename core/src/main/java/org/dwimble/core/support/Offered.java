package org.dwimble.core.support;

import java.util.List;
import org.dwimble.core.told.Unacceptable;

/** The supports there are, each as it usually is, in the order in which they are offered. */
public final class Offered {
    public static final List<Support> ALL = List.of(Cards.USUAL);

    private Offered() {
    }

    /** @throws Unacceptable if there is no such support */
    public static Support usual(String name) {
        return ALL.stream().filter(s -> s.name().equals(name)).findFirst().orElseThrow(() -> new Unacceptable("no-such-support"));
    }
}
