/**
 * Finding pictures, in the library and the school’s own together. Open {@link org.dwimble.server.picture.Pictures} first.
 */
@NullMarked
package org.dwimble.server.picture;

import org.jspecify.annotations.NullMarked;
