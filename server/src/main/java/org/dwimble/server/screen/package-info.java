/** How large cells are on the screens students talk on. */
@NullMarked
package org.dwimble.server.screen;

import org.jspecify.annotations.NullMarked;
