/**
 * Paper in true size. Every length is a {@link org.dwimble.core.measure.Length} in whole micrometres;
 * the origin of a page is its top left corner. A sheet is laid out on an abstract
 * {@link org.dwimble.core.sheet.Page} that a painter turns into PDF or a preview. Open
 * {@link org.dwimble.core.sheet.BoardSheet} first.
 */
@NullMarked
package org.dwimble.core.sheet;

import org.jspecify.annotations.NullMarked;
