package org.dwimble.core.doing;

import java.util.List;

/** Takes the last letter, or the last word, off the message. */
public record TakeLastOff() implements Doing {
    static final Sort<TakeLastOff> SORT = Sort.plain("take-last-off", new TakeLastOff()).asAction(":backspace");

    @Override
    public Sort<TakeLastOff> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.TakeOff());
    }
}
