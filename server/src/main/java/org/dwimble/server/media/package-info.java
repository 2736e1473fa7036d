/**
 * Pictures and sounds from outside as they are checked and kept. Open {@link org.dwimble.server.media.MediaStore} first.
 */
@NullMarked
package org.dwimble.server.media;

import org.jspecify.annotations.NullMarked;
