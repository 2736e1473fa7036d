package org.dwimble.core.doing;

import java.util.List;

/** Adds the student’s name. */
public record AddName() implements Doing {
    static final Sort<AddName> SORT = Sort.plain("name", new AddName());

    @Override
    public Sort<AddName> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Name());
    }
}
