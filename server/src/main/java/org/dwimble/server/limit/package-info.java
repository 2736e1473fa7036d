/** How much of anything is taken, and what keeps slow and greedy callers from those who work. */
@NullMarked
package org.dwimble.server.limit;

import org.jspecify.annotations.NullMarked;
