/**
 * How a word grows: what it could open so that it stands among its kin, and what it takes to be one word again. Open
 * {@link org.dwimble.core.grow.Growth} first; the intentions are in {@code edit.grow}.
 */
@NullMarked
package org.dwimble.core.grow;

import org.jspecify.annotations.NullMarked;
