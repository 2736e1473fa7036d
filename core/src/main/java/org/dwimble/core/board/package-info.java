/**
 * A student's words as values: a vocabulary of boards, each a grid of buttons. Rows and columns count from 0, top left.
 * Nothing here ever changes in place; what changes them is in {@code edit}. Open
 * {@link org.dwimble.core.board.Vocabulary} first, then {@link org.dwimble.core.board.Button}.
 */
@NullMarked
package org.dwimble.core.board;

import org.jspecify.annotations.NullMarked;
