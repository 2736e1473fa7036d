/**
 * Changing a vocabulary. An {@link org.dwimble.core.edit.Intention} is what somebody means to do, one small file each, in
 * the folders here by what they are about: words, ways, boards, looks, people, plan, the whole; on a vocabulary it gives a
 * {@link org.dwimble.core.edit.Change}: the vocabulary after, the {@link org.dwimble.core.edit.Delta deltas} between, what it needs unchanged,
 * and what to tell. Conflict, undo, live events and history know deltas only. Here is what all of them are made with, which knows none of them. Open
 * {@link org.dwimble.core.edit.Intention} first, then {@link org.dwimble.core.edit.Delta}.
 */
@NullMarked
package org.dwimble.core.edit;

import org.jspecify.annotations.NullMarked;
