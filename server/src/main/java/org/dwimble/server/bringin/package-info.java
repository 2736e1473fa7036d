/** Bringing boards of another vocabulary in: what one may bring from, what would come, and bringing it. */
@NullMarked
package org.dwimble.server.bringin;

import org.jspecify.annotations.NullMarked;
