package org.dwimble.core.doing;

import java.util.List;

/** Lets the last word begin with a capital letter, or with a small one again. */
public record Capital() implements Doing {
    static final Sort<Capital> SORT = Sort.plain("capital", new Capital());

    @Override
    public Sort<Capital> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Capital());
    }
}
