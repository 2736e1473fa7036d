package org.dwimble.core.doing;

import java.util.List;

/** Says the whole message. */
public record SayMessage() implements Doing {
    static final Sort<SayMessage> SORT = Sort.plain("say", new SayMessage()).asAction(":speak");

    @Override
    public Sort<SayMessage> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.SayAll());
    }
}
