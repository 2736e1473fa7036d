/** What is kept of how a student talks, where that was asked for, and what it tells. */
@NullMarked
package org.dwimble.core.use;

import org.jspecify.annotations.NullMarked;
