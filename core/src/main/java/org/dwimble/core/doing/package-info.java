/**
 * What a button does to the message, besides what it says: each doing is one file. Whatever is told of them by the
 * Open Board Format is written and read in {@code obf}. Open {@link org.dwimble.core.doing.Doing} first.
 */
@NullMarked
package org.dwimble.core.doing;

import org.jspecify.annotations.NullMarked;
