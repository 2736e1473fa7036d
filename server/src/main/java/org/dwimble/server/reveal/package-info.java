/** What the student sees, and what is kept back. Open {@link org.dwimble.server.reveal.RevealApi} first. */
@NullMarked
package org.dwimble.server.reveal;

import org.jspecify.annotations.NullMarked;
