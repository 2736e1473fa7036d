/** Words that grow and shrink: they open a board on which they stand among their kin, and are said by one tap again. */
@NullMarked
package org.dwimble.core.edit.grow;

import org.jspecify.annotations.NullMarked;
