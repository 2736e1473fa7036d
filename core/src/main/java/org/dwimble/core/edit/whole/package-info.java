/** Intentions about the vocabulary as a whole, and several intentions as one. Open {@link org.dwimble.core.edit.whole.Several} first. */
@NullMarked
package org.dwimble.core.edit.whole;

import org.jspecify.annotations.NullMarked;
