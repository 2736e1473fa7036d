/**
 * Texts that are to be said, such as a song, a recipe or the words of a lesson, and which of their words a student can say. Open
 * {@link org.dwimble.core.passage.Sayable} first.
 */
@NullMarked
package org.dwimble.core.passage;

import org.jspecify.annotations.NullMarked;
