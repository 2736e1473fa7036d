/** How a student's access is kept. */
@NullMarked
package org.dwimble.core.access.kept;

import org.jspecify.annotations.NullMarked;
