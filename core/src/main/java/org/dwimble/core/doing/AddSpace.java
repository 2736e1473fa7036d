package org.dwimble.core.doing;

import java.util.List;

/** Ends the word being spelt. */
public record AddSpace() implements Doing {
    static final Sort<AddSpace> SORT = Sort.plain("space", new AddSpace()).asAction(":space");

    @Override
    public Sort<AddSpace> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.EndWord());
    }
}
