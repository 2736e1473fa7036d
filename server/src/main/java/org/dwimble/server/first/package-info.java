/** Boards for students who begin. */
@NullMarked
package org.dwimble.server.first;

import org.jspecify.annotations.NullMarked;
