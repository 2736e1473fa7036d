package org.dwimble.core.doing;

import java.util.List;

/** Turns what is said from now on down by a step. */
public record Quieter() implements Doing {
    static final Sort<Quieter> SORT = Sort.plain("quieter", new Quieter());

    @Override
    public Sort<Quieter> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Turn(Effect.Dial.LOUDNESS, -1));
    }
}
