/** First boards for several students, or several for one, from one table. */
@NullMarked
package org.dwimble.core.series;

import org.jspecify.annotations.NullMarked;
