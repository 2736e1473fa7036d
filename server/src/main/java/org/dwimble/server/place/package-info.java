/** What changed places between versions and copies, and putting it back. Open {@link org.dwimble.server.place.PlacesApi} first. */
@NullMarked
package org.dwimble.server.place;

import org.jspecify.annotations.NullMarked;
