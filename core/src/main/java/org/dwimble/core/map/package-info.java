/** The map of all boards: where each is drawn, from home outwards. Open {@link org.dwimble.core.map.BoardMap} first. */
@NullMarked
package org.dwimble.core.map;

import org.jspecify.annotations.NullMarked;
