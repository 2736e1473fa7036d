/** Words offered while a student spells. */
@NullMarked
package org.dwimble.server.predict;

import org.jspecify.annotations.NullMarked;
