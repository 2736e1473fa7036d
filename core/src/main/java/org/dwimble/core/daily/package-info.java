/**
 * Days: what is said to be on which, and which are public holidays. Open {@link org.dwimble.core.daily.DayLines} first.
 */
@NullMarked
package org.dwimble.core.daily;

import org.jspecify.annotations.NullMarked;
