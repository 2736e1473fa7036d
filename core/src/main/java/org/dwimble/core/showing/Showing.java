package org.dwimble.core.showing;

import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * How a list is shown on a screen.
 *
 * @param as as what it stands on the student's row, for whoever talks or reads with the student; null if it does not: then it is shown to those alone
 *           who may look at the list
 */
public record Showing(@Nullable As as, Day day, Walk walk, Book book) {
    public static final Showing USUAL = new Showing(null, Day.USUAL, Walk.USUAL, Book.USUAL);

    /** What it can be shown as. */
    public enum As {
        DAY, WALK, BOOK
    }

    public Showing {
        Unacceptable.ifMissing(day, walk, book);
    }

    public Showing withAs(@Nullable As as) {
        return new Showing(as, day, walk, book);
    }

    public Showing withBook(Book book) {
        return new Showing(as, day, walk, book);
    }
}
