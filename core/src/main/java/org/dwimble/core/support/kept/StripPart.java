package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.Strip;
import tools.jackson.databind.node.ObjectNode;

/** A schedule, as kept. */
final class StripPart extends Part<Strip> {
    private final Field<Strip, Boolean> standing = field("standing", As.FLAG, false, Strip::standing);
    private final Field<Strip, Integer> inRow = field("inRow", As.NUMBER, 0, Strip::inRow);
    private final Field<Strip, Length> side = field("side", As.LENGTH, Length.mm(45), Strip::side);
    private final Field<Strip, Strip.Heads> heads = field("heads", As.word(Strip.Heads.class), Strip.Heads.NUMBERS, Strip::heads);
    private final Field<Strip, Integer> start = field("start", As.NUMBER, 9 * 60, Strip::start);
    private final Field<Strip, Integer> minutes = field("minutes", As.NUMBER, 30, Strip::minutes);
    private final Field<Strip, Strip.Done> done = field("done", As.word(Strip.Done.class), Strip.Done.POCKET, Strip::done);

    @Override
    protected Strip made(ObjectNode json) {
        return new Strip(standing.in(json), inRow.in(json), side.in(json), heads.in(json), start.in(json), minutes.in(json), done.in(json));
    }
}
