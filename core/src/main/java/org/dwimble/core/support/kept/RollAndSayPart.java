package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.RollAndSay;
import tools.jackson.databind.node.ObjectNode;

/** Roll and say, as kept. */
final class RollAndSayPart extends Part<RollAndSay> {
    private final Field<RollAndSay, Integer> players = field("players", As.NUMBER, 1, RollAndSay::players);
    private final Field<RollAndSay, Integer> columns = field("columns", As.NUMBER, 2, RollAndSay::columns);
    private final Field<RollAndSay, Integer> number = field("number", As.NUMBER, 1, RollAndSay::number);

    @Override
    protected RollAndSay made(ObjectNode json) {
        return new RollAndSay(players.in(json), columns.in(json), number.in(json));
    }
}
