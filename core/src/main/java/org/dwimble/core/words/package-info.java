/**
 * From a typed word to a button: the word line read, the picture found, the kind guessed. Search goes by the
 * start of a name and by whole words; results are ranked and say why. Open
 * {@link org.dwimble.core.words.WordLine} first, then {@link org.dwimble.core.words.PictureSearch}.
 */
@NullMarked
package org.dwimble.core.words;

import org.jspecify.annotations.NullMarked;
