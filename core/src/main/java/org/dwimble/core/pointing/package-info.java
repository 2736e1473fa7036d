/** How small cells may be that a student hits: targets, what was hit, and what follows from it. Open {@link org.dwimble.core.pointing.Finding} first. */
@NullMarked
package org.dwimble.core.pointing;

import org.jspecify.annotations.NullMarked;
