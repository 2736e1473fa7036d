/** Books as EPUB 3, for any reading program. */
@NullMarked
package org.dwimble.core.epub;

import org.jspecify.annotations.NullMarked;
