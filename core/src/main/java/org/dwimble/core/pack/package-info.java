/** What talk needs of a vocabulary where there is no network. Open {@link org.dwimble.core.pack.TalkPack} first. */
@NullMarked
package org.dwimble.core.pack;

import org.jspecify.annotations.NullMarked;
