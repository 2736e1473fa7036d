package org.dwimble.core.doing;

import java.util.List;

/** Lets what is said from now on be said slower by a step. */
public record Slower() implements Doing {
    static final Sort<Slower> SORT = Sort.plain("slower", new Slower());

    @Override
    public Sort<Slower> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Turn(Effect.Dial.RATE, -1));
    }
}
