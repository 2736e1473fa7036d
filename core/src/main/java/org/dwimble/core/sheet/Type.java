package org.dwimble.core.sheet;

import org.dwimble.core.measure.Length;

/** The measures of the letters a sheet is set in. */
public interface Type {
    /** Width of one line of text at a size; size is the em. */
    Length width(String text, Length size);

    /** True if every character can be drawn, in whatever script. */
    boolean has(String text);
}
