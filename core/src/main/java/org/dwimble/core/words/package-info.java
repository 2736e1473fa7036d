/**
 * What is known of words, whatever picture they have: which word a form belongs to, how it is compared, what
 * means the same, what kind it is, how much of speech some words make up. Open {@link org.dwimble.core.words.Forms} first.
 */
@NullMarked
package org.dwimble.core.words;

import org.jspecify.annotations.NullMarked;
