package org.dwimble.core.doing;

import java.util.List;

/** Silences what is being said. */
public record StopTalking() implements Doing {
    static final Sort<StopTalking> SORT = Sort.plain("stop", new StopTalking());

    @Override
    public Sort<StopTalking> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Stop());
    }
}
