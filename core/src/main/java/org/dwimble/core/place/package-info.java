/**
 * A word's place is a movement that a hand has learned: the taps from home, and the cell tapped last. What two vocabularies
 * share of that is compared here. Open {@link org.dwimble.core.place.Comparison} first.
 */
@NullMarked
package org.dwimble.core.place;

import org.jspecify.annotations.NullMarked;
