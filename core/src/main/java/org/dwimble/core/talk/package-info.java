/**
 * What tapping does: the message and the way through the boards. The student's view in the browser follows the same rule
 * so that it needs no network; both are tried on one file of cases. Open {@link org.dwimble.core.talk.Talking} first.
 */
@NullMarked
package org.dwimble.core.talk;

import org.jspecify.annotations.NullMarked;
