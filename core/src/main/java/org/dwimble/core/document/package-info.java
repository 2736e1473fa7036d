/**
 * How boards and vocabularies are written down to be kept: JSON in the one canonical form of RFC 8785, with a format
 * number. What is written is never changed by a new release; what is read may be of any earlier format. Open
 * {@link org.dwimble.core.document.BoardDocument} first; a new format is a step in
 * {@link org.dwimble.core.document.Formats}.
 */
@NullMarked
package org.dwimble.core.document;

import org.jspecify.annotations.NullMarked;
