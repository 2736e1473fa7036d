/** Intentions about how buttons and boards look. Open {@link org.dwimble.core.edit.looks.GiveLook} first. */
@NullMarked
package org.dwimble.core.edit.looks;

import org.jspecify.annotations.NullMarked;
