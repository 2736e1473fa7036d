package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.Bingo;
import tools.jackson.databind.node.ObjectNode;

/** Bingo, as kept. */
final class BingoPart extends Part<Bingo> {
    private final Field<Bingo, Integer> players = field("players", As.NUMBER, 4, Bingo::players);
    private final Field<Bingo, Integer> rows = field("rows", As.NUMBER, 3, Bingo::rows);
    private final Field<Bingo, Integer> columns = field("columns", As.NUMBER, 3, Bingo::columns);
    private final Field<Bingo, Boolean> free = field("free", As.FLAG, false, Bingo::free);
    private final Field<Bingo, Integer> onSheet = field("onSheet", As.NUMBER, 1, Bingo::onSheet);
    private final Field<Bingo, Integer> number = field("number", As.NUMBER, 1, Bingo::number);

    @Override
    protected Bingo made(ObjectNode json) {
        return new Bingo(players.in(json), rows.in(json), columns.in(json), free.in(json), onSheet.in(json), number.in(json));
    }
}
