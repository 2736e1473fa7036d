/**
 * Starters: the vocabularies that ship with Dwimble, written as readable text grids. Open
 * {@link org.dwimble.core.starter.StarterSource} first; the sources stand beside these classes as resources.
 */
@NullMarked
package org.dwimble.core.starter;

import org.jspecify.annotations.NullMarked;
