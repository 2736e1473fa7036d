/**
 * Vocabularies and their boards as kept: revisions, versions, heads, and the edits that arrive. Open
 * {@link org.dwimble.server.board.VocabularyStore} first.
 */
@NullMarked
package org.dwimble.server.board;

import org.jspecify.annotations.NullMarked;
