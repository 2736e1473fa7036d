/**
 * The pictures a school has taken in itself. Open {@link org.dwimble.server.collection.OwnPictures} first.
 */
@NullMarked
package org.dwimble.server.collection;

import org.jspecify.annotations.NullMarked;
