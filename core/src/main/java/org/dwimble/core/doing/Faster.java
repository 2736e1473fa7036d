package org.dwimble.core.doing;

import java.util.List;

/** Lets what is said from now on be said faster by a step. */
public record Faster() implements Doing {
    static final Sort<Faster> SORT = Sort.plain("faster", new Faster());

    @Override
    public Sort<Faster> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Turn(Effect.Dial.RATE, 1));
    }
}
