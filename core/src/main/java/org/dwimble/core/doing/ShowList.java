package org.dwimble.core.doing;

import java.util.List;
import java.util.Optional;
import org.dwimble.core.told.Unacceptable;
import tools.jackson.databind.node.LongNode;

/**
 * Shows a list of words over the board, as what it stands on the student's row: a day, a walk or a book. Who may not see it there is told so.
 *
 * @param list its number, from 1
 */
public record ShowList(long list) implements Doing {
    static final Sort<ShowList> SORT = Sort.with(ShowList.class, "show-list", d -> LongNode.valueOf(d.list),
        v -> Optional.of(v).filter(n -> n.isIntegralNumber() && n.canConvertToLong()).map(n -> new ShowList(n.longValue())).orElse(null));

    public ShowList {
        if (list < 1) {
            throw new Unacceptable("doing-unknown");
        }
    }

    @Override
    public Sort<ShowList> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Show(list));
    }
}
