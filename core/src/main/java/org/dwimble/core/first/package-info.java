/**
 * Boards for somebody who begins: two to nine big cells far apart. Open {@link org.dwimble.core.first.FirstBoard} first.
 */
@NullMarked
package org.dwimble.core.first;

import org.jspecify.annotations.NullMarked;
