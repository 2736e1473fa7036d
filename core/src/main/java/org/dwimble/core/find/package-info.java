/** Where words stand in a whole vocabulary, and what is told of one word in different ways. Open {@link org.dwimble.core.find.WordPlaces} first. */
@NullMarked
package org.dwimble.core.find;

import org.jspecify.annotations.NullMarked;
