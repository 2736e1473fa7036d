/**
 * What is worth a look about how the boards hang together, and the intentions that mend it. Open
 * {@link org.dwimble.core.mend.Mending} first; a new finding is a new method there and, if it can be mended, a new
 * intention beside it.
 */
@NullMarked
package org.dwimble.core.mend;

import org.jspecify.annotations.NullMarked;
