package org.dwimble.core.dayword;

import org.jspecify.annotations.Nullable;

/**
 * A day word as it is shown and said at some moment.
 *
 * @param marked  whether it is today among the days of a week
 * @param picture of the library, for a button that has none of its own; null for none
 */
public record DaySaid(String label, String spoken, boolean marked, @Nullable String picture) {
    static DaySaid of(String text) {
        return new DaySaid(text, text, false, null);
    }
}
