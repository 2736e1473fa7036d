/** How word lists are written down, apart from what they are. Open {@link org.dwimble.core.wordlist.kept.ListDocument} first. */
@NullMarked
package org.dwimble.core.wordlist.kept;

import org.jspecify.annotations.NullMarked;
