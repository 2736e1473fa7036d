/**
 * Finds the picture for a word as it is typed: the word, its forms, beginnings, other words for the same thing,
 * and near misses, each with the reason it was found. Words are compared folded: lower case, accents off. Open
 * {@link org.dwimble.core.search.PictureSearch} first.
 */
@NullMarked
package org.dwimble.core.search;

import org.jspecify.annotations.NullMarked;
