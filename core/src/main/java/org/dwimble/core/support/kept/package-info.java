/**
 * How supports are written down in a word list's document, apart from what they are: one part each, with what is usual frozen. Open
 * {@link org.dwimble.core.support.kept.SupportParts} first.
 */
@NullMarked
package org.dwimble.core.support.kept;

import org.jspecify.annotations.NullMarked;
