/**
 * What a button does, besides what it says: each doing is one file, with how a document keeps it, how a package writes it and
 * what comes of it. Open {@link org.dwimble.core.doing.Doing} first.
 */
@NullMarked
package org.dwimble.core.doing;

import org.jspecify.annotations.NullMarked;
