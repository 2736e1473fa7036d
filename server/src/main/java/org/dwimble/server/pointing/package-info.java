/** Pointing checks: the targets, what was hit, and the sheet to point at on paper. */
@NullMarked
package org.dwimble.server.pointing;

import org.jspecify.annotations.NullMarked;
