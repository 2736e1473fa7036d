package org.dwimble.core.support.kept;

import java.util.List;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.OwnGrid;
import tools.jackson.databind.node.ObjectNode;

/** A grid of one’s own, as kept. */
final class OwnGridPart extends Part<OwnGrid> {
    private final Field<OwnGrid, Integer> rows = field("rows", As.NUMBER, 4, OwnGrid::rows);
    private final Field<OwnGrid, Integer> columns = field("columns", As.NUMBER, 5, OwnGrid::columns);
    private final Field<OwnGrid, List<Integer>> empty = field("empty", As.list(As.NUMBER), List.of(), OwnGrid::empty);
    private final Field<OwnGrid, Length> gap = field("gap", As.LENGTH, Length.mm(3), OwnGrid::gap);
    private final Field<OwnGrid, String> title = field("title", As.TEXT, "", OwnGrid::title);
    private final Field<OwnGrid, Boolean> byKind = field("byKind", As.FLAG, false, OwnGrid::byKind);

    @Override
    protected OwnGrid made(ObjectNode json) {
        return new OwnGrid(rows.in(json), columns.in(json), empty.in(json), gap.in(json), title.in(json), byKind.in(json));
    }
}
