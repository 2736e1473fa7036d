/** Intentions about where buttons lead: to boards, home, from board to board. Open {@link org.dwimble.core.edit.ways.LeadTo} first. */
@NullMarked
package org.dwimble.core.edit.ways;

import org.jspecify.annotations.NullMarked;
