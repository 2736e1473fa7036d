/** Every error as a problem detail (RFC 9457) whose {@code detail} is a sentence for the person. */
@NullMarked
package org.dwimble.server.problem;

import org.jspecify.annotations.NullMarked;
