/**
 * Pictures people put together themselves out of the library's: what they are made of, and how they are drawn, in the
 * look, the skin and the hair of whoever they are for. Open {@link org.dwimble.core.compose.Composition}.
 */
@NullMarked
package org.dwimble.core.compose;

import org.jspecify.annotations.NullMarked;
