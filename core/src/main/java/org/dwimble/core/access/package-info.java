/** How a student reaches what is on a board: what a touch comes to, and scanning by one or two switches. */
@NullMarked
package org.dwimble.core.access;

import org.jspecify.annotations.NullMarked;
