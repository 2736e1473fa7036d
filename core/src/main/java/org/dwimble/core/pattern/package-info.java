/** Boards to begin with for what every student needs: days, feelings, numbers, the steps of a routine. Made, they are ordinary boards. */
@NullMarked
package org.dwimble.core.pattern;

import org.jspecify.annotations.NullMarked;
