/** Boards on paper: the abstract page of core shown as a preview, and painted as PDF. */
@NullMarked
package org.dwimble.server.sheet;

import org.jspecify.annotations.NullMarked;
