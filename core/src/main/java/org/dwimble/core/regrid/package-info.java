/**
 * Boards laid on another grid, so that every word stays as near to its place as it can. Open {@link org.dwimble.core.regrid.Regrid} first.
 */
@NullMarked
package org.dwimble.core.regrid;

import org.jspecify.annotations.NullMarked;
