/** What it costs to say a word: taps, and the way a finger travels on this student's screen. Open {@link org.dwimble.core.reach.Reach} first. */
@NullMarked
package org.dwimble.core.reach;

import org.jspecify.annotations.NullMarked;
