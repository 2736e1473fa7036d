/**
 * Intentions about what people do to the words on boards: put, call, show, say, move, copy, take off. Open {@link org.dwimble.core.edit.words.PutWords}
 * first.
 */
@NullMarked
package org.dwimble.core.edit.words;

import org.jspecify.annotations.NullMarked;
