package org.dwimble.core.doing;

import java.util.List;

/** Says the letter that was spelt last. */
public record SayLetter() implements Doing {
    static final Sort<SayLetter> SORT = Sort.plain("say-letter", new SayLetter());

    @Override
    public Sort<SayLetter> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.LastLetter());
    }
}
