/**
 * What is made of a word list: each support is one file that knows how it is set up and how it lies on paper, all lengths in whole
 * micrometres. Open {@link org.dwimble.core.support.Support} first, then {@link org.dwimble.core.support.Cards}.
 */
@NullMarked
package org.dwimble.core.support;

import org.jspecify.annotations.NullMarked;
