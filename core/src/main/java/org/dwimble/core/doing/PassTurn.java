package org.dwimble.core.doing;

import java.util.List;

/** It is the other's turn: of two people who talk with one board, each sees whose it is. */
public record PassTurn() implements Doing {
    static final Sort<PassTurn> SORT = Sort.plain("pass-turn", new PassTurn());

    @Override
    public Sort<PassTurn> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.NextTurn());
    }
}
