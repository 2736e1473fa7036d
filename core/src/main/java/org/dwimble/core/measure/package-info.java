/**
 * Lengths in whole micrometres, on paper and on screens, and rectangles of them. Open
 * {@link org.dwimble.core.measure.Length} first.
 */
@NullMarked
package org.dwimble.core.measure;

import org.jspecify.annotations.NullMarked;
