/**
 * What happened, and what cannot be, as data: a key and its arguments, never a sentence. The server puts it into
 * words at its edge, so that the same history can be read in another language. Open
 * {@link org.dwimble.core.told.Told} first.
 */
@NullMarked
package org.dwimble.core.told;

import org.jspecify.annotations.NullMarked;
