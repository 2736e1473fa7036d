/**
 * What a student sees: which words the plan and the holds show, what keeps a word back, and which openers have nothing to
 * open. Showing and holding never move a button. Open {@link org.dwimble.core.reveal.Revealed} first.
 */
@NullMarked
package org.dwimble.core.reveal;

import org.jspecify.annotations.NullMarked;
