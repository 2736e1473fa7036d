/**
 * How a word list is shown on a screen, beside being printed: as a day in pictures, as a walk, or as a book. Open
 * {@link org.dwimble.core.showing.Showing} first.
 */
@NullMarked
package org.dwimble.core.showing;

import org.jspecify.annotations.NullMarked;
