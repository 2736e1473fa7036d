/** Where words stand. Open {@link org.dwimble.server.find.FindApi} first. */
@NullMarked
package org.dwimble.server.find;

import org.jspecify.annotations.NullMarked;
