/** What it costs to say words. Open {@link org.dwimble.server.reach.ReachApi} first. */
@NullMarked
package org.dwimble.server.reach;

import org.jspecify.annotations.NullMarked;
