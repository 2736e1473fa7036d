/**
 * A student's words: a vocabulary of boards, each a grid of buttons, and the edits that make a new
 * vocabulary from an old one. Rows and columns count from 0, top left. Nothing here ever changes in
 * place. Open {@link org.dwimble.core.board.Vocabulary} first, then {@link org.dwimble.core.board.Edit}.
 */
@NullMarked
package org.dwimble.core.board;

import org.jspecify.annotations.NullMarked;
