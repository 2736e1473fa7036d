/**
 * The pictures that ship, and their drawings. Open {@link org.dwimble.server.library.Library} first.
 */
@NullMarked
package org.dwimble.server.library;

import org.jspecify.annotations.NullMarked;
