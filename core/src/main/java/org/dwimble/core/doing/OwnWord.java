package org.dwimble.core.doing;

import java.util.List;

/** Marks where among its doings a button says what it says. Without it, that comes first. */
public record OwnWord() implements Doing {
    static final Sort<OwnWord> SORT = Sort.plain("word", new OwnWord());

    @Override
    public Sort<OwnWord> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Word());
    }
}
