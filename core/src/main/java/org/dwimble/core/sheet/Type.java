package org.dwimble.core.sheet;

import java.util.Locale;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Told;

/** The letters a sheet is set in, and the language of what stands on it beside the school's own words. */
public interface Type {
    /** Width of one line of text at a size; size is the em. */
    Length width(String text, Length size);

    /** True if every character can be drawn, in whatever script. */
    boolean has(String text);

    /** A heading, a number of a page: what stands on paper by itself, in words. */
    String said(Told told);

    /** How the days of the week and the months are called. */
    Locale spoken();
}
