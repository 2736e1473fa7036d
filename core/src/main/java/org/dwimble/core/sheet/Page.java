package org.dwimble.core.sheet;

import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Told;

/**
 * One side of a sheet of paper and what is drawn on it.
 *
 * @param notes what a person should know about it, such as that it is smaller than true size
 * @param back  true if it is printed on the back of the page before it
 */
public record Page(Length width, Length height, List<Mark> marks, List<Told> notes, boolean back) {
    public Page {
        marks = List.copyOf(marks);
        notes = List.copyOf(notes);
    }

    /** The same with other marks. */
    public Page with(List<Mark> marks) {
        return new Page(width, height, marks, notes, back);
    }

    public Page(Length width, Length height, List<Mark> marks, List<Told> notes) {
        this(width, height, marks, notes, false);
    }
}
