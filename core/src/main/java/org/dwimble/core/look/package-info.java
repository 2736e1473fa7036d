/** How boards look: colours, papers, where a label stands. What is not said at one level is as the level above has it. */
@NullMarked
package org.dwimble.core.look;

import org.jspecify.annotations.NullMarked;
