package org.dwimble.core.doing;

import java.util.List;

/** Empties the message. */
public record ClearMessage() implements Doing {
    static final Sort<ClearMessage> SORT = Sort.plain("clear", new ClearMessage()).asAction(":clear");

    @Override
    public Sort<ClearMessage> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Clear());
    }
}
