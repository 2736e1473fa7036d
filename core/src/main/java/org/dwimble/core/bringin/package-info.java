/**
 * Boards of one vocabulary that come to another: what comes with what is chosen, what is there already, and what would lead nowhere. Open
 * {@link org.dwimble.core.bringin.Arrival} first.
 */
@NullMarked
package org.dwimble.core.bringin;

import org.jspecify.annotations.NullMarked;
