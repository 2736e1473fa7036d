/**
 * How boards hang together: the taps that lead from home to a board, boards nobody reaches, boards with no
 * way out, and buttons that open nothing. Lengths are in taps. Open {@link org.dwimble.core.route.Routes}
 * first; {@link org.dwimble.core.route.Mending} turns what is wrong into an edit that mends it.
 */
@NullMarked
package org.dwimble.core.route;

import org.jspecify.annotations.NullMarked;
