package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.Pairs;
import tools.jackson.databind.node.ObjectNode;

/** Pairs, as kept. */
final class PairsPart extends Part<Pairs> {
    private final Field<Pairs, Length> side = field("side", As.LENGTH, Length.mm(50), Pairs::side);
    private final Field<Pairs, Pairs.Match> match = field("match", As.word(Pairs.Match.class), Pairs.Match.SAME, Pairs::match);

    @Override
    protected Pairs made(ObjectNode json) {
        return new Pairs(side.in(json), match.in(json));
    }
}
