/**
 * Pictures from outside: asking a service for the one thing no library has, and keeping what is chosen with its
 * licence. Open {@link org.dwimble.server.outside.OutsidePictures} first.
 */
@NullMarked
package org.dwimble.server.outside;

import org.jspecify.annotations.NullMarked;
