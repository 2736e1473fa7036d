/**
 * From typed words to buttons: the word line read, the picture found, the kind guessed, the next cell filled. Open
 * {@link org.dwimble.core.wordline.WordLine} first.
 */
@NullMarked
package org.dwimble.core.wordline;

import org.jspecify.annotations.NullMarked;
