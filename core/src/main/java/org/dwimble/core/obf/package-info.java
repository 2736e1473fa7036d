/**
 * Reading and writing the Open Board Format ({@code open-board-0.1}): {@code .obf} for one board, {@code .obz}
 * for a package. Reading is liberal about what is missing and strict about what is dangerous; what Dwimble
 * does not use is kept and written back. Open {@link org.dwimble.core.obf.ObfReader} first.
 */
@NullMarked
package org.dwimble.core.obf;

import org.jspecify.annotations.NullMarked;
