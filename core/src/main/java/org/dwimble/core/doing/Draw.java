package org.dwimble.core.doing;

import java.util.List;

/** Is drawn on. Where it stands there is a pad; one too small to draw on opens over the board when it is tapped. */
public record Draw() implements Doing {
    static final Sort<Draw> SORT = Sort.plain("draw", new Draw());

    @Override
    public Sort<Draw> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Pad());
    }
}
