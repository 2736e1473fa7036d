/** The picture library that ships, and the pictures and sounds that packages bring. Open {@link org.dwimble.server.picture.Library} first. */
@NullMarked
package org.dwimble.server.picture;

import org.jspecify.annotations.NullMarked;
