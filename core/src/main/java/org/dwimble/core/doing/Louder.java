package org.dwimble.core.doing;

import java.util.List;

/** Turns what is said from now on up by a step. */
public record Louder() implements Doing {
    static final Sort<Louder> SORT = Sort.plain("louder", new Louder());

    @Override
    public Sort<Louder> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Turn(Effect.Dial.LOUDNESS, 1));
    }
}
