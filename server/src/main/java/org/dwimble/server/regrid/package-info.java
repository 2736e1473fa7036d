/** Boards laid on another grid: seen before it happens, and done. */
@NullMarked
package org.dwimble.server.regrid;

import org.jspecify.annotations.NullMarked;
