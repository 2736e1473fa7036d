/** Words as people type them: how they are tidied and bounded, in one place. */
@NullMarked
package org.dwimble.core.text;

import org.jspecify.annotations.NullMarked;
