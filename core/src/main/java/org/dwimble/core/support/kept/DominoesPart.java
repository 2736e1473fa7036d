package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.Dominoes;
import tools.jackson.databind.node.ObjectNode;

/** Dominoes, as kept. */
final class DominoesPart extends Part<Dominoes> {
    private final Field<Dominoes, Integer> players = field("players", As.NUMBER, 2, Dominoes::players);
    private final Field<Dominoes, Integer> each = field("each", As.NUMBER, 6, Dominoes::each);
    private final Field<Dominoes, Length> side = field("side", As.LENGTH, Length.mm(40), Dominoes::side);
    private final Field<Dominoes, Integer> number = field("number", As.NUMBER, 1, Dominoes::number);

    @Override
    protected Dominoes made(ObjectNode json) {
        return new Dominoes(players.in(json), each.in(json), side.in(json), number.in(json));
    }
}
