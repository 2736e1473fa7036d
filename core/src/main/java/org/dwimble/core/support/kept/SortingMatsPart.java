package org.dwimble.core.support.kept;

import java.util.List;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.SortingMats;
import tools.jackson.databind.node.ObjectNode;

/** Mats to sort on, as kept. */
final class SortingMatsPart extends Part<SortingMats> {
    private final Field<SortingMats, List<String>> fields = field("fields", As.list(As.TEXT), List.of("at the harbour", "at home"), SortingMats::fields);
    private final Field<SortingMats, Length> side = field("side", As.LENGTH, Length.mm(40), SortingMats::side);

    @Override
    protected SortingMats made(ObjectNode json) {
        return new SortingMats(fields.in(json), side.in(json));
    }
}
