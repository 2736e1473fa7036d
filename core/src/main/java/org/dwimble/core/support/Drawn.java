package org.dwimble.core.support;

import java.util.List;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * A support on paper that lies one way.
 *
 * @param notes what is worth knowing before it is printed
 * @param merit how good it is, against the same on paper lying the other way, if both need as many sheets; more is better
 */
record Drawn(List<Sheet> sheets, List<Told> notes, double merit) {
    Drawn {
        sheets = List.copyOf(sheets);
        notes = List.copyOf(notes);
    }

    /** @param back null if nothing is printed on it */
    record Sheet(List<Mark> front, @Nullable List<Mark> back) {
    }
}
