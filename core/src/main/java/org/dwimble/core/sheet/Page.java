package org.dwimble.core.sheet;

import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Told;

/**
 * One sheet of paper and what is drawn on it.
 *
 * @param notes what a person should know about it, such as that it is smaller than true size
 */
public record Page(Length width, Length height, List<Mark> marks, List<Told> notes) {
    public Page {
        marks = List.copyOf(marks);
        notes = List.copyOf(notes);
    }
}
