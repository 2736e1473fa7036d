/** Texts that are to be said, and what a student can say of them. */
@NullMarked
package org.dwimble.server.passage;

import org.jspecify.annotations.NullMarked;
