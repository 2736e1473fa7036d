/** Words that grow: what they could grow into, letting one grow, and taking it back. */
@NullMarked
package org.dwimble.server.grow;

import org.jspecify.annotations.NullMarked;
