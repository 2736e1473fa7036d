/** All boards drawn from home outwards. Open {@link org.dwimble.server.map.MapApi} first. */
@NullMarked
package org.dwimble.server.map;

import org.jspecify.annotations.NullMarked;
