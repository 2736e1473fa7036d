/** Intentions about boards as such: new ones, their names, rows and columns, what fills them. Open {@link org.dwimble.core.edit.boards.NewBoard} first. */
@NullMarked
package org.dwimble.core.edit.boards;

import org.jspecify.annotations.NullMarked;
